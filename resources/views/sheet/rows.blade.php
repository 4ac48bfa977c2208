<table>
@foreach ($rows as $row)<tr><td class="key">{!! \App\Sheet\Ink::html($row->label) !!}</td><td class="value">{!! \App\Sheet\Ink::html($row->value) !!}</td><td class="small">{!! \App\Sheet\Ink::html($row->working) !!}@if ($row->source !== '') <span class="soft">[{!! \App\Sheet\Ink::html($row->source) !!}]</span>@endif @if ($row->mark !== '')<span class="mark">{!! \App\Sheet\Ink::html($row->mark) !!}</span>@endif</td></tr>
@endforeach
</table>
