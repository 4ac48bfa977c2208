@include('sheet.head')
<p>{!! \App\Sheet\Ink::html($sheet->fedBy()) !!}</p>
@if ($sheet->restarts())<div class="state">Motors start by themselves after a blackout.</div>@endif
<table class="small"><tr>@foreach (['Circuit', 'Drives', 'Current', 'Device', 'Conductors',
    'Restarts after'] as $head)<th class="strong">{{ $head }}</th>@endforeach</tr>
@foreach ($sheet->schedule() as $line)<tr>@foreach (['tag', 'drives', 'current', 'device', 'size',
    'restart'] as $i)<td @if ($i === 'tag') class="strong" @endif>{!! \App\Sheet\Ink::html($line[$i]) !!}</td>@endforeach</tr>
@endforeach</table>
<p class="small soft">{!! \App\Sheet\Ink::html($content->text('standing')) !!}</p>
