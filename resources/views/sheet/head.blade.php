@if ($mark !== '')<div class="across" aria-hidden="true" data-mark="{{ $mark }}">{{ $mark }}</div>@endif
<table class="plain"><tr>
<td><h1>{!! \App\Sheet\Ink::html($content->text('tag')) !!}</h1>
<p class="strong">{!! \App\Sheet\Ink::html($content->written('drives')) !!}</p>
<p class="soft">{!! \App\Sheet\Ink::html(implode(', ', array_filter([$content->text('site'), $content->written('area'),
    $content->text('edition')]))) !!}</p></td>
<td class="small soft">@if ($revision !== null)<p class="strong">Revision {{ $revision['number'] }}: {!! \App\Sheet\Ink::html($revision['name']) !!}@if ($kind !== ''), {{ lcfirst($kind) }}@endif</p>@else<p class="strong">Draft, not saved as a revision</p>@endif
@foreach ($content->list('signatures') as $signature)<p>{{ $signature['as'] }} by {!! \App\Sheet\Ink::html($signature['person']) !!},
    {{ substr($signature['at'], 0, 10) }}</p>@endforeach
@if ($seal !== '')<p>seal {{ $seal }}</p>@endif</td>
@if ($code !== '')<td class="code"><img class="code" src="{{ $code }}" alt="QR code with its address"></td>@endif
</tr></table>
@if ($asFound)<div class="banner">DEFECTS: recorded as found. Do not use until corrected.</div>@endif
@if ($mark !== '')<div class="state">{{ $mark }}: not in force</div>@endif
