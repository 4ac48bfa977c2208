<h1>Defects found on the round</h1>
<p class="soft">{!! \App\Sheet\Ink::html($where) !!}, begun by {!! \App\Sheet\Ink::html($round->person->name) !!}, {{ $round->created_at->toDateString() }}, {{ $motors }} motors{{ $round->ended_at === null ? ', not ended yet' : '' }}. Isolate, lock off and prove dead before work.</p>
@if ($defects === [])<p>None.</p>@else
<table><thead><tr><th class="strong">Tag</th><th class="strong">What</th><th class="strong">Should be</th><th class="strong">Found</th><th class="strong">What follows</th><th class="strong">Done by</th></tr></thead>
<tbody>@foreach ($defects as $defect)<tr><td class="strong">{!! \App\Sheet\Ink::html($defect['tag']) !!}<br><span class="small soft">{!! \App\Sheet\Ink::html($defect['drives']) !!}</span></td><td>{!! \App\Sheet\Ink::html($defect['check']->label()) !!}</td><td>{!! \App\Sheet\Ink::html($defect['check']->expected) !!}</td><td>{!! \App\Sheet\Ink::html($defect['check']->found) !!}</td><td class="small"><span class="{{ $defect['check']->grade }}">{{ strtoupper($defect['check']->grade) }}</span> {!! \App\Sheet\Ink::html($defect['check']->says) !!}</td><td>&#160;</td></tr>
@endforeach</tbody></table>@endif
