<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AnglerController;
use App\Http\Controllers\AssetController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ComputeController;
use App\Http\Controllers\DataController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DragController;
use App\Http\Controllers\EventController;
use App\Http\Controllers\FillerController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\KeptDayController;
use App\Http\Controllers\LearningController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PairingController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ReelController;
use App\Http\Controllers\RodController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SpoolController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\UpkeepController;
use App\Http\Middleware\CalculatorsDoor;
use App\Http\Middleware\FewAtATime;
use App\Http\Middleware\OneImport;
use App\Http\Middleware\ServedOnly;
use App\Http\Middleware\SignedIn;
use Illuminate\Support\Facades\Route;

// calculators change nothing: no session, no token
foreach (['allocate', 'day'] as $heavy) {
    Route::post("/api/compute/$heavy", ComputeController::class)
        ->defaults('name', $heavy)
        ->withoutMiddleware('web')
        ->middleware([CalculatorsDoor::class, FewAtATime::class]);
}
Route::post('/api/compute/{name}', ComputeController::class)->withoutMiddleware('web')->middleware(CalculatorsDoor::class);

Route::pattern('table', '[a-z]+');
foreach (['reel', 'spool', 'line', 'filler', 'plan', 'day', 'rod', 'angler', 'pack', 'id'] as $record) {
    Route::pattern($record, '[0-9]{1,18}');
}
Route::prefix('api')->group(static function (): void {
    foreach ([
        'reel' => ReelController::class,
        'spool' => SpoolController::class,
        'line' => LineController::class,
        'filler' => FillerController::class,
        'plan' => PlanController::class,
        'day' => KeptDayController::class,
        'rod' => RodController::class,
    ] as $record => $controller) {
        Route::get("{$record}s", [$controller, 'index']);
        Route::post("{$record}s", [$controller, 'store']);
        Route::get("{$record}s/{{$record}}", [$controller, 'show']);
        Route::patch("{$record}s/{{$record}}", [$controller, 'update']);
    }
    Route::get('runs', [RunController::class, 'index']);
    Route::post('runs', [RunController::class, 'store']);
    Route::get('runs/{run:uuid}', [RunController::class, 'show'])->whereUuid('run');
    Route::get('runs/{run:uuid}/ahead', [RunController::class, 'ahead'])->whereUuid('run');
    Route::post('runs/{run:uuid}/marks', [RunController::class, 'mark'])->whereUuid('run');
    Route::post('runs/{run:uuid}/take-back', [RunController::class, 'takeBack'])->whereUuid('run');
    Route::get('bench', BenchController::class);
    Route::get('pairing', [PairingController::class, 'show']);
    Route::delete('pairing/{id}', [PairingController::class, 'forget']);
    Route::get('devices/{device}', [DeviceController::class, 'show'])->whereIn('device', ['counter', 'scale', 'kitchen']);
    Route::post('devices/{device}', [DeviceController::class, 'drive'])->whereIn('device', ['counter', 'scale', 'kitchen']);
    Route::get('drags', [DragController::class, 'index']);
    Route::post('drags', [DragController::class, 'store']);
    Route::get('anglers', [AnglerController::class, 'index']);
    Route::patch('anglers/{angler}', [AnglerController::class, 'update']);
    Route::get('anglers/{angler}/practice', [PracticeController::class, 'index']);
    Route::post('anglers/{angler}/practice', [PracticeController::class, 'store']);
    Route::delete('anglers/{angler}/practice', [PracticeController::class, 'clear']);
    Route::delete('anglers/{angler}/practice/{uuid}', [PracticeController::class, 'forget'])->whereUuid('uuid');
    Route::get('data', [DataController::class, 'document']);
    Route::get('data/schema', [DataController::class, 'schema']);
    Route::post('data/import', [DataController::class, 'import'])->middleware([OneImport::class, FewAtATime::class]);
    Route::get('data/imports', [DataController::class, 'imports']);
    Route::post('data/imports/{uuid}/take-back', [DataController::class, 'takeBack'])->whereUuid('uuid')->middleware([OneImport::class, FewAtATime::class]);
    Route::get('data/{table}', [DataController::class, 'table']);
    Route::get('log', [LogController::class, 'index']);
    Route::post('spools/{spool}/entries', [LogController::class, 'store']);
    Route::get('spools/{spool}/history', [UpkeepController::class, 'spool']);
    Route::get('upkeep', [UpkeepController::class, 'index']);
    Route::get('learnt', [LearningController::class, 'index']);
    Route::get('learnt/plan', [LearningController::class, 'about']);
    Route::get('stock', [StockController::class, 'index']);
    Route::get('packs', [StockController::class, 'packs']);
    Route::post('packs', [StockController::class, 'addPack']);
    Route::patch('packs/{pack}', [StockController::class, 'changePack']);
    Route::get('day', [DayController::class, 'usual']);
    Route::post('day', [DayController::class, 'propose'])->middleware(FewAtATime::class);
    Route::get('calendar', [CalendarController::class, 'index']);
    Route::get('calendar/file', [CalendarController::class, 'file']);
    Route::post('calendar', [CalendarController::class, 'store']);
    Route::delete('calendar/{id}', [CalendarController::class, 'revoke']);
    Route::prefix('account')->middleware(ServedOnly::class)->group(static function (): void {
        Route::get('', [AccountController::class, 'show']);
        Route::patch('', [AccountController::class, 'change']);
        Route::post('give-up', [AccountController::class, 'giveUp']);
        Route::post('password', [AccountController::class, 'changePassword']);
        Route::post('invitations', [AccountController::class, 'invite']);
        Route::delete('invitations/{id}', [AccountController::class, 'takeInvitationBack']);
        Route::patch('people/{id}', [AccountController::class, 'keep']);
        Route::delete('people/{id}', [AccountController::class, 'showOut']);
        Route::delete('sessions', [AccountController::class, 'endAllSessions']);
        Route::delete('sessions/{name}', [AccountController::class, 'endSession'])->where('name', 'here|[0-9a-f]{32}');
        Route::post('keys', [AccountController::class, 'makeKey']);
        Route::delete('keys/{id}', [AccountController::class, 'revokeKey']);
    });
    Route::get('events', [EventController::class, 'index']);
    Route::post('events', [EventController::class, 'store']);
    Route::any('{any}', static fn() => abort(404))->where('any', '.*');
});

Route::get('/calendar/{key}.ics', [CalendarController::class, 'followed'])->where('key', '[A-Za-z0-9]{40}')->withoutMiddleware('web');
Route::get('/calendar/{household}/{key}.ics', [CalendarController::class, 'followedOf'])
    ->where(['household' => '[a-z0-9]{16}', 'key' => '[A-Za-z0-9]{40}'])
    ->withoutMiddleware('web');
// who is not signed in yet comes here
Route::withoutMiddleware(SignedIn::class)->middleware(ServedOnly::class)->group(static function (): void {
    Route::get('/up', HealthController::class)->withoutMiddleware('web');
    Route::get('/sign-in', [SignInController::class, 'door']);
    Route::post('/sign-in', [SignInController::class, 'enter']);
    Route::get('/welcome/{token}', [SignInController::class, 'welcome'])->where('token', '[A-Za-z0-9]{48}');
    Route::post('/welcome/{token}', [SignInController::class, 'join'])->where('token', '[A-Za-z0-9]{48}');
    Route::get('/forgot', [SignInController::class, 'forgot']);
    Route::post('/forgot', [SignInController::class, 'remind']);
});
// strangers come here: no session is begun for them
Route::get('/pair/{code?}', [PairingController::class, 'door'])->where('code', '[A-Za-z0-9-]{1,12}')->withoutMiddleware('web');
Route::post('/pair', [PairingController::class, 'enter'])->withoutMiddleware('web');
// of the built files, what public/router.php does not answer itself: those for paired devices
Route::get('/build/assets/{file}', AssetController::class)->where('file', '[\w.-]+')->withoutMiddleware('web');
// the same page with nothing in it, for devices that keep it
Route::get('/away', [PageController::class, 'bare'])->middleware(ServedOnly::class);
Route::get('/{any?}', PageController::class)->where('any', '.*');
