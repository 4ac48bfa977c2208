<h1>{{ $title }}</h1>
<p class="soft">{!! \App\Sheet\Ink::html($site) !!}, {{ $edition }}, {{ $date }}. * rests on an assumed value. Calculations, to be checked against the local code by licensed people.</p>
@if ($rows === [])<p>Nothing to list.</p>@else
<table class="small"><thead><tr>@foreach ($heads as $head)<th class="strong">{!! \App\Sheet\Ink::html($head) !!}</th>@endforeach</tr></thead>
<tbody>@foreach ($rows as $row)<tr>@foreach ($row as $cell)<td>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach</tr>
@endforeach</tbody></table>@endif
