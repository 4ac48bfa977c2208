<h1>{{ $title }}</h1>
<p class="soft">{!! \App\Sheet\Ink::html($site) !!}, {{ $edition }}, {{ $date }}. * based on an assumed value. Calculated values: have a licensed person check them against the local code.</p>
@if ($rows === [])<p>No circuits to list.</p>@else
<table class="small"><thead><tr>@foreach ($heads as $head)<th class="strong">{!! \App\Sheet\Ink::html($head) !!}</th>@endforeach</tr></thead>
<tbody>@foreach ($rows as $row)<tr>@foreach ($row as $cell)<td>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach</tr>
@endforeach</tbody></table>@endif
