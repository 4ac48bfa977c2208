<?php

declare(strict_types=1);

use App\Http\Controllers\BankController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CarriedController;
use App\Http\Controllers\CircuitController;
use App\Http\Controllers\ExtraController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\LeadsController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PartsController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PhotographController;
use App\Http\Controllers\ReadingCheckController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SiteController;
use App\Http\Controllers\SolveController;
use App\Http\Controllers\SpareController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\WaveformController;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\LimitUpload;
use App\Http\Middleware\LiveSession;
use App\Http\Middleware\OpenCircuit;
use App\Http\Middleware\PlainRequest;
use App\Http\Middleware\SignedIn;
use Illuminate\Support\Facades\Route;

// Numbers of the database: whatever is none is not there.
foreach (['circuit', 'site', 'revision', 'other', 'reading', 'spare', 'person', 'drill', 'analyser', 'entry', 'job', 'import',
    'round', 'signIn', 'board'] as $id) {
    Route::pattern($id, '[0-9]{1,9}');
}

// Files travel as they are and may be larger than a circuit.
Route::prefix('api')->middleware([PlainRequest::class, LimitUpload::class, LiveSession::class,
    OpenCircuit::class])->group(function (): void {
        Route::post('waveforms', [WaveformController::class, 'analyse'])->middleware(SignedIn::class);
        Route::post('circuits/{circuit}/waveforms', [WaveformController::class, 'store'])->middleware('auth');
        Route::put('circuits/{circuit}/photograph', [PhotographController::class, 'store'])->middleware('auth');
        Route::post('sites/{site}/imports', [RegisterController::class, 'begin'])->middleware('auth');
    });

Route::prefix('api')->middleware([PlainRequest::class, LimitBody::class, LiveSession::class])->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    // Solving needs no database: the session alone says that somebody is signed in.
    Route::post('solve', SolveController::class)->middleware(SignedIn::class);
    Route::post('solve/extra', ExtraController::class)->middleware(SignedIn::class);
    Route::post('solve/parts', PartsController::class)->middleware(SignedIn::class);

    Route::get('carried', [CarriedController::class, 'parts'])->middleware(SignedIn::class);
    Route::post('carried/differences', [CarriedController::class, 'differs'])->middleware(SignedIn::class)->middleware('throttle:60,1');

    Route::post('leads', LeadsController::class)->middleware(SignedIn::class);

    Route::post('readings/check', ReadingCheckController::class)->middleware(SignedIn::class);

    Route::post('replacement', [SpareController::class, 'check'])->middleware(SignedIn::class);

    Route::middleware('auth')->group(function (): void {
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('session/sign-ins', [SessionController::class, 'signIns']);
        Route::delete('session/sign-ins', [SessionController::class, 'endOthers']);
        Route::delete('session/sign-ins/{signIn}', [SessionController::class, 'endOne']);
        Route::put('session/password', [SessionController::class, 'password'])->middleware('throttle:own-password');
        Route::post('session/standing', [SessionController::class, 'standing']);
        Route::get('sites', [SiteController::class, 'index']);
        Route::post('sites', [SiteController::class, 'store']);
        Route::put('sites/{site}', [SiteController::class, 'update']);
        Route::get('circuits', [CircuitController::class, 'index']);
        Route::post('circuits', [CircuitController::class, 'store']);
        Route::get('circuits/{circuit}', [CircuitController::class, 'show']);
        Route::put('circuits/{circuit}', [CircuitController::class, 'update']);
        Route::delete('circuits/{circuit}', [CircuitController::class, 'destroy']);
        Route::post('circuits/{circuit}/restore', [CircuitController::class, 'restore']);
        Route::get('circuits/{circuit}/revisions', [RevisionController::class, 'index']);
        Route::post('circuits/{circuit}/revisions', [RevisionController::class, 'store'])->middleware(OpenCircuit::class);
        Route::get('boards/{board}/revisions', [RevisionController::class, 'ofBoard']);
        Route::post('boards/{board}/revisions', [RevisionController::class, 'storeOfBoard']);
        Route::get('boards/{board}/paper/{paper}', [SheetController::class, 'board'])->whereIn('paper', ['door', 'file']);
        Route::get('revisions/{revision}', [RevisionController::class, 'show']);
        Route::post('circuits/{circuit}/sheet', [SheetController::class, 'preview']);
        Route::get('revisions/{revision}/paper/{paper}', [SheetController::class, 'show'])->whereIn('paper', ['door', 'file']);
        Route::get('revisions/{revision}/door.pdf', [SheetController::class, 'doorPdf']);
        Route::get('revisions/{revision}/record', [SheetController::class, 'record']);
        Route::get('revisions/{revision}/review', [SheetController::class, 'review']);
        Route::get('revisions/{revision}/compare/{other}', [SheetController::class, 'compare']);
        Route::post('revisions/{revision}/send', [SheetController::class, 'send']);
        Route::post('revisions/{revision}/return', [SheetController::class, 'return']);
        Route::post('revisions/{revision}/issue', [SheetController::class, 'issue']);
        Route::post('revisions/{revision}/withdraw', [SheetController::class, 'withdraw']);
        Route::post('revisions/{revision}/file', [SheetController::class, 'ask']);
        Route::get('sites/{site}/circuits.csv', [RegisterController::class, 'circuits']);
        Route::get('sites/{site}/circuits.jsonl', [RegisterController::class, 'circuitLines']);
        Route::get('sites/{site}/readings.csv', [RegisterController::class, 'readings']);
        Route::get('sites/{site}/readings.jsonl', [RegisterController::class, 'readingLines']);
        Route::post('sites/{site}/schedules', [RegisterController::class, 'schedule']);
        Route::post('sites/{site}/workbook', [RegisterController::class, 'workbook']);
        Route::get('sites/{site}/rounds', [RoundController::class, 'index']);
        Route::post('sites/{site}/rounds', [RoundController::class, 'begin']);
        Route::get('rounds/{round}', [RoundController::class, 'show']);
        Route::get('rounds/{round}/motors/{circuit}', [RoundController::class, 'motor']);
        Route::post('rounds/{round}/motors/{circuit}', [RoundController::class, 'check']);
        Route::post('rounds/{round}/end', [RoundController::class, 'end']);
        Route::post('rounds/{round}/paper', [RoundController::class, 'paper']);
        Route::get('sites/{site}/imports', [RegisterController::class, 'index']);
        Route::get('imports/{import}', [RegisterController::class, 'show']);
        Route::get('imports/{import}/rows', [RegisterController::class, 'rows']);
        Route::get('imports/{import}/currents', [RegisterController::class, 'currents']);
        Route::get('imports/{import}/refused.csv', [RegisterController::class, 'refused']);
        Route::put('imports/{import}/columns', [RegisterController::class, 'columns']);
        Route::put('imports/{import}/sheet', [RegisterController::class, 'sheet']);
        Route::post('imports/{import}/apply', [RegisterController::class, 'apply']);
        Route::delete('imports/{import}', [RegisterController::class, 'cancel']);
        Route::get('papers/{job}', [SheetController::class, 'asked']);
        Route::delete('papers/{job}', [SheetController::class, 'cancel']);
        Route::get('papers/{job}/file', [SheetController::class, 'download']);
        Route::get('circuits/{circuit}/readings', [ReadingController::class, 'index']);
        Route::post('circuits/{circuit}/readings', [ReadingController::class, 'store'])->middleware(OpenCircuit::class);
        Route::post('circuits/{circuit}/readings/typed', [ReadingController::class, 'storeTyped'])->middleware(OpenCircuit::class);
        Route::post('circuits/{circuit}/starts', [ReadingController::class, 'storeStart'])->middleware(OpenCircuit::class);
        Route::get('circuits/{circuit}/log', [LogController::class, 'index']);
        Route::post('circuits/{circuit}/log', [LogController::class, 'store'])->middleware(OpenCircuit::class);
        Route::post('log/{entry}/withdraw', [LogController::class, 'withdraw']);
        Route::post('sites/{site}/trial', [TrialController::class, 'try']);
        Route::post('sites/{site}/trial/take', [TrialController::class, 'take']);
        Route::get('sites/{site}/due', [LogController::class, 'due']);
        Route::get('sites/{site}/due.csv', [LogController::class, 'dueFile']);
        Route::post('sites/{site}/calendar', [LogController::class, 'renewCalendar']);
        Route::post('circuits/{circuit}/instruments', [InstrumentController::class, 'read']);
        Route::post('circuits/{circuit}/instruments/keep', [InstrumentController::class, 'keep'])->middleware(OpenCircuit::class);
        Route::get('circuits/{circuit}/drills', [InstrumentController::class, 'drills']);
        Route::post('circuits/{circuit}/drills', [InstrumentController::class, 'begin'])->middleware(OpenCircuit::class);
        Route::post('drills/{drill}/readings', [InstrumentController::class, 'readDrill']);
        Route::post('drills/{drill}/name', [InstrumentController::class, 'name']);
        Route::get('analysers', [InstrumentController::class, 'analysers']);
        Route::post('analysers', [InstrumentController::class, 'storeAnalyser']);
        Route::delete('analysers/{analyser}', [InstrumentController::class, 'removeAnalyser']);
        Route::post('analysers/{analyser}/read', [InstrumentController::class, 'readAnalyser']);
        Route::post('readings/{reading}/withdraw', [ReadingController::class, 'withdraw']);
        Route::get('circuits/{circuit}/photograph', [PhotographController::class, 'index']);
        Route::get('circuits/{circuit}/photograph/{name}', [PhotographController::class, 'show'])->where('name', '[0-9a-f]{32}');
        Route::delete('circuits/{circuit}/photograph', [PhotographController::class, 'destroy'])->middleware(OpenCircuit::class);
        Route::get('sites/{site}/boards', [BoardController::class, 'index']);
        Route::post('sites/{site}/boards', [BoardController::class, 'store']);
        Route::post('sites/{site}/boards/take', [BoardController::class, 'take']);
        Route::get('sites/{site}/boards.csv', [BoardController::class, 'table']);
        Route::get('sites/{site}/boards.jsonl', [BoardController::class, 'lines']);
        Route::get('boards/{board}', [BoardController::class, 'show']);
        Route::put('boards/{board}', [BoardController::class, 'update']);
        Route::delete('boards/{board}', [BoardController::class, 'destroy']);
        Route::get('boards/{board}/document.json', [BoardController::class, 'document']);
        Route::get('sites/{site}/bank', [BankController::class, 'show']);
        Route::put('sites/{site}/bank', [BankController::class, 'update']);
        Route::get('sites/{site}/tables', [TableController::class, 'index']);
        Route::post('sites/{site}/corrections', [TableController::class, 'store']);
        Route::delete('sites/{site}/corrections', [TableController::class, 'destroy']);
        Route::post('sites/{site}/recompute', [TableController::class, 'begin']);
        Route::delete('sites/{site}/recompute', [TableController::class, 'cancel']);
        Route::get('sites/{site}/spares', [SpareController::class, 'index']);
        Route::post('sites/{site}/spares', [SpareController::class, 'store']);
        Route::put('spares/{spare}', [SpareController::class, 'update']);
        Route::delete('spares/{spare}', [SpareController::class, 'destroy']);
        Route::get('record', [RecordController::class, 'index']);
        Route::get('record.csv', [RecordController::class, 'file']);
        Route::get('people', [PersonController::class, 'index']);
        Route::post('people', [PersonController::class, 'store']);
        Route::put('people/{person}', [PersonController::class, 'update']);
    });
});

// For a watcher: whether the application and its database answer.
Route::get('health', HealthController::class)->withoutMiddleware('web');

Route::get('calendar/{secret}.ics', [LogController::class, 'calendar'])->where('secret', '[A-Za-z0-9]{40}');

Route::get('/{any?}', PageController::class)->where('any', '^(?!api(/|$)|build/).*$');
