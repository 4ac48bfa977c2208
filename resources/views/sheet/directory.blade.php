@include('sheet.head')
<p><span class="strong">{!! \App\Sheet\Ink::html($sheet->fed()) !!}</span>@if ($content->has('feeder.scpd_rating')),
    feeder device {!! \App\Sheet\Ink::html($content->shown('feeder.scpd_rating')) !!}@endif @if ($content->has('feeder.fault_current')), short-circuit current at the board <span class="strong">{!! \App\Sheet\Ink::html($content->shown('feeder.fault_current')) !!}</span>@endif</p>
@if ($sheet->restarts())<div class="state">Motors start by themselves after a blackout.</div>@endif
<table class="small"><tr>@foreach (['Circuit', 'Drives', 'Current', 'Device', 'Conductors',
    'Restarts after'] as $head)<th class="strong">{{ $head }}</th>@endforeach</tr>
@foreach ($sheet->schedule() as $line)<tr>@foreach (['tag', 'drives', 'current', 'device', 'size',
    'restart'] as $i)<td @if ($i === 'tag') class="strong" @endif>{!! \App\Sheet\Ink::html($line[$i]) !!}</td>@endforeach</tr>
@endforeach</table>
<p class="small soft">{!! \App\Sheet\Ink::html($content->text('standing')) !!}</p>
