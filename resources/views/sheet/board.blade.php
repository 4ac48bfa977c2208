@include('sheet.head')
<p class="strong">Board. {!! \App\Sheet\Ink::html($sheet->fed()) !!}.</p>
@if ($sheet->restarts())<div class="state">Motors of this board start by themselves after a blackout. Isolate,
    lock out and prove dead before you work on it.</div>@endif
@foreach ($sheet->errors() as $error)<p class="stop">{!! \App\Sheet\Ink::html($error) !!}</p>@endforeach
@if ($sheet->oneLine !== null)<div class="keep">@include('sheet.picture', ['drawing' => $sheet->oneLine])</div>@endif
<h2>Schedule of circuits</h2>
@if ($sheet->schedule() === [])<p>No circuits on this board.</p>@else
<table class="small"><tr>@foreach (['Circuit', 'Drives', 'Current', 'Device', 'Conductors', 'Fault current to break', 'Selectivity',
    'Drop with feeder', 'Dip at start', 'Restarts after', 'Its sheet'] as $head)<th class="strong">{{ $head }}</th>@endforeach</tr>
@foreach ($sheet->schedule() as $line)<tr>@foreach ($line as $i => $cell)<td @if ($i === 'tag') class="strong" @endif>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach</tr>
@endforeach</table>@endif
@if ($sheet->timetable() !== [])<div class="keep"><h2>Restart after a blackout</h2>
<table><tr>@foreach (['At', 'Circuits', 'Voltage dip', 'Feeder current', 'Run-up', 'On the test day: timer set', 'measured dip', 'measured current', 'run-up'] as $head)<th class="strong">{{ $head }}</th>@endforeach</tr>
@foreach ($sheet->timetable() as $step)<tr>@foreach ($step as $cell)<td>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach<td class="blank"></td><td class="blank"></td><td class="blank"></td><td class="blank"></td></tr>@endforeach</table>
<p class="small">Test day: with everybody clear of the machines, switch the feeder off and on, watch each step, and enter what is measured. A deeper dip or a longer run-up than calculated: find out why before the timers stay.</p></div>@endif
@if ($sheet->byHand() !== '')<p>{!! \App\Sheet\Ink::html($sheet->byHand()) !!}</p>@endif
@if ($sheet->together() !== '')<p>{!! \App\Sheet\Ink::html($sheet->together()) !!}</p>@endif
@if ($sheet->coils() !== [])<div class="keep"><h2>Longest control cables</h2>
<table><tr><th class="strong">Coil</th><th class="strong">Pulls in up to</th><th class="strong">Drops out up to</th><th class="strong">Voltage at inrush</th></tr>
@foreach ($sheet->coils() as $coil)<tr>@foreach ($coil as $cell)<td>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach</tr>@endforeach</table></div>@endif
<h2>Entered</h2>
@foreach ($sheet->entered() as $group)<p class="small"><span class="strong">{{ $group['title'] }}.</span></p>@include('sheet.conditions', ['conditions' => $group['rows']])
@endforeach
@foreach ($sheet->figures() as $group)<h2>{{ $group['title'] }}</h2>@include('sheet.rows', ['rows' => $group['rows']])
@if ($group['title'] === 'Conductors of the feeder' && $sheet->ladder() !== [])<table class="keep"><tr>@foreach (['Size', 'Carries', 'Voltage drop', 'Drop, starting', 'Rejected because'] as $head)<th class="strong">{{ $head }}</th>@endforeach</tr>
@foreach ($sheet->ladder() as $row)<tr @if ($row['chosen']) class="chosen" @endif>@foreach (['size', 'ampacity', 'drop', 'starting', 'fails'] as $cell)<td>{!! \App\Sheet\Ink::html($row[$cell]) !!}</td>@endforeach</tr>@endforeach</table>@endif
@endforeach
<h2>Findings</h2>
@forelse ($content->findings(true) as $finding)<p class="small"><span class="{{ $finding['grade'] }}">{{ strtoupper($finding['grade']) }}</span> <span class="strong">{!! \App\Sheet\Ink::html($finding['title']) !!}</span>. {!! \App\Sheet\Ink::html(trim($finding['text'].' '.$finding['action'])) !!}</p>@empty<p>None.</p>@endforelse
<h2>Assumptions and unverified values accepted by the reviewer</h2>
@if ($sheet->takenOn() === [])<p>None.</p>@else<table>@foreach ($sheet->takenOn() as $one)<tr><td class="half">{!! \App\Sheet\Ink::html($one['says']) !!}</td><td>{!! \App\Sheet\Ink::html($one['decided']) !!}</td></tr>@endforeach</table>@endif
@include('sheet.signatures')
