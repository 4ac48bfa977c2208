<div class="keep"><h2>Signatures</h2>
@forelse ($content->list('signatures') as $signature)<p>{{ ucfirst($signature['as']) }} by <span class="strong">{!! \App\Sheet\Ink::html($signature['person']) !!}</span>, {{ substr($signature['at'], 0, 16) }} UTC{!! $signature['remark'] === '' ? '' : ': '.\App\Sheet\Ink::html($signature['remark']) !!}</p>@empty<p>Not signed.</p>@endforelse
@if ($seal !== '')<p class="small soft">Sealed: {{ $seal }}. The record of this sheet is checked by bin/verify-sheet.</p>@endif
<p class="small soft">Core {{ $content->text('core') }},
    {!! \App\Sheet\Ink::html($content->text('edition')) !!}. {!! \App\Sheet\Ink::html($content->text('standing')) !!}</p></div>
