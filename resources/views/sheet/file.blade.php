@include('sheet.head')
<h2>Status of this sheet</h2>
<p>{!! \App\Sheet\Ink::html($content->sentence('sheet')) !!}</p>
@foreach ($sheet->stations() as $station)
<h2>{{ $station['title'] }}</h2>
<p>{!! \App\Sheet\Ink::html($station['sentence']) !!}</p>
@if ($station['name'] === 'plate')
@if ($sheet->box !== null)<table class="plain"><tr><td>@include('sheet.conditions',
    ['conditions' => $sheet->plate()])</td><td class="terminals">@include('sheet.picture', ['drawing' => $sheet->box])</td></tr></table>
@else @include('sheet.conditions', ['conditions' => $sheet->plate()]) @endif
@endif
@include('sheet.conditions', ['conditions' => $station['conditions']])
@if ($station['rows'] !== []) @include('sheet.rows', ['rows' => $station['rows']]) @endif
@if ($station['name'] === 'correct'
    && $sheet->correction() !== [])<table class="keep"><tr><th>Load</th><th>Current without</th><th>Current with</th><th>Power factor without</th><th>Power factor with</th></tr>
@foreach ($sheet->correction() as $row)<tr>@foreach ($row as $cell)<td>{!! \App\Sheet\Ink::html($cell) !!}</td>@endforeach</tr>@endforeach
</table>@endif
@if ($station['name'] === 'cable')
@foreach (['ladder' => 'To the motor', 'line_ladder' => 'To the starter'] as $curve => $where)
@if ($sheet->ladder($curve) !== [])<table class="keep"><tr><th>{{ $where }}</th><th>{!! \App\Sheet\Ink::html(ucfirst($content->word('ampacity'))) !!}</th><th>Voltage drop</th><th>Drop, starting</th><th>Rejected because</th></tr>
@foreach ($sheet->ladder($curve) as $row)<tr @if ($row['chosen']) class="chosen" @endif><td>{!! \App\Sheet\Ink::html($row['size']) !!}</td><td>{!! \App\Sheet\Ink::html($row['ampacity']) !!}</td><td>{!! \App\Sheet\Ink::html($row['drop']) !!}</td><td>{!! \App\Sheet\Ink::html($row['starting']) !!}</td><td>{!! \App\Sheet\Ink::html($row['fails']) !!}</td></tr>@endforeach
</table>@endif
@endforeach
@endif
@endforeach
@if ($sheet->timeCurrent !== null || $sheet->runUp !== null)<div class="keep"><h2>Graphs</h2><table class="plain"><tr>
@if ($sheet->timeCurrent !== null)<td class="half">@include('sheet.picture',
    ['drawing' => $sheet->timeCurrent])<p class="small soft">@foreach (\App\Sheet\Picture\TimeCurrent::legend($content) as [$look, $name]){{ $look }}: {!! \App\Sheet\Ink::html($name) !!}@if (! $loop->last); @endif @endforeach</p></td>@endif
@if ($sheet->runUp !== null)<td class="half">@include('sheet.picture',
    ['drawing' => $sheet->runUp])<p class="small soft">green: speed; dashed: worst case; red: line current</p></td>@endif
</tr></table></div>@endif
<h2>Findings</h2>
@forelse ($content->findings(true) as $finding)<p class="small"><span class="{{ $finding['grade'] }}">{{ strtoupper($finding['grade']) }}</span> <span class="strong">{!! \App\Sheet\Ink::html($finding['title']) !!}</span>. {!! \App\Sheet\Ink::html(trim($finding['text'].' '.$finding['action'])) !!}</p>@empty<p>None.</p>@endforelse
<h2>Assumptions and unverified values accepted by the reviewer</h2>
@if ($sheet->decisions() !== [])<table>@foreach ($sheet->decisions() as $decision)<tr><td class="half">{!! \App\Sheet\Ink::html($decision['says']) !!}</td><td>{!! \App\Sheet\Ink::html($decision['decided']) !!}</td></tr>@endforeach</table>
@else @forelse ($sheet->toTakeOn() as $says)<p class="small">{!! \App\Sheet\Ink::html($says) !!}</p>@empty<p>None.</p>@endforelse @endif
<h2>Sensitivity</h2>
<p>{!! \App\Sheet\Ink::html($content->curve('sensitivity')['says'] ?? 'Not calculated.') !!}</p>
@foreach ($sheet->sensitivity() as $row)<p class="small"><span class="strong">{!! \App\Sheet\Ink::html($row['label']) !!}</span> ({!! \App\Sheet\Ink::html($row['taken']) !!}). @foreach ($row['tries'] as $try)<span class="strong">{!! \App\Sheet\Ink::html($try['value']) !!}</span>: {!! \App\Sheet\Ink::html($try['flips']) !!}. @endforeach</p>@endforeach
<h2>Readings</h2>
@forelse ($sheet->readings() as $reading)<p class="small"><span class="strong">{!! \App\Sheet\Ink::html($reading['label']) !!}</span>: {!! \App\Sheet\Ink::html(trim($reading['verdict'].'. '.$reading['says'])) !!} <span class="soft">{!! \App\Sheet\Ink::html($reading['by']) !!}</span></p>@empty<p>No measurements.</p>@endforelse
@include('sheet.signatures')
