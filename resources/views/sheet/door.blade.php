@include('sheet.head')
<p>{!! \App\Sheet\Ink::html($card->plate()) !!}</p>
<table class="plain"><tr>
<td>
<table>
<tr><th class="key">Overload relay setting</th><td><span class="dial">{!! \App\Sheet\Ink::html($card->dial() === '' ? 'NOT SET: see the file sheet' : $card->dial()) !!}</span> {!! \App\Sheet\Ink::html($card->relay()) !!}</td></tr>
@foreach ($card->rows as $row)<tr><th class="key">{!! \App\Sheet\Ink::html($row->label) !!}</th><td><span class="strong">{!! \App\Sheet\Ink::html($row->value) !!}</span>@if ($row->mark !== '') <span class="mark small">based on assumed values</span>@endif</td></tr>@endforeach
</table>
</td>
@if ($card->box !== null)<td class="terminals">@include('sheet.picture', ['drawing' => $card->box])</td>@endif
</tr></table>
@foreach ($card->findings() as $finding)<p class="small"><span class="{{ $finding['grade'] }}">{{ strtoupper($finding['grade']) }}</span> {!! \App\Sheet\Ink::html($finding['title']) !!}. {!! \App\Sheet\Ink::html($card->says($finding)) !!}</p>@endforeach
@if ($card->moreFindings() > 0)<p class="small soft">{{ $card->moreFindings() }} more {{ $card->moreFindings() === 1 ? 'finding' : 'findings' }}: see the file sheet.</p>@endif
<p class="small soft">{!! \App\Sheet\Ink::html($content->text('standing')) !!}</p>
