<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BagController;
use App\Http\Controllers\BeforeController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoatController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\CastController;
use App\Http\Controllers\ChooseController;
use App\Http\Controllers\ConfirmController;
use App\Http\Controllers\CrewController;
use App\Http\Controllers\CsvLogController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\EntriesController;
use App\Http\Controllers\FirstLookController;
use App\Http\Controllers\FishController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\LakesController;
use App\Http\Controllers\LayersController;
use App\Http\Controllers\LookBackController;
use App\Http\Controllers\OwnAccountController;
use App\Http\Controllers\ReadController;
use App\Http\Controllers\RuleController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\SectionsController;
use App\Http\Controllers\ServiceWorkerController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SketchController;
use App\Http\Controllers\SpotsController;
use App\Http\Controllers\TowDrillController;
use App\Http\Controllers\TrollController;
use App\Http\Controllers\WhereController;
use Illuminate\Support\Facades\Route;

Route::get('/service-worker.js', ServiceWorkerController::class)->withoutMiddleware('web')->name('service-worker');
Route::get('/up', HealthController::class)->withoutMiddleware('web')->name('up');

// A day's report, for whoever was given its link.
Route::prefix('/shared/{token}')->where(['token' => '[A-Za-z0-9]{40}'])->middleware('throttle:shared')->group(function (): void {
    Route::get('/', [LookBackController::class, 'shared'])->name('shared');
    Route::get('/picture.svg', [LookBackController::class, 'sharedPicture'])->name('shared.picture');
    Route::get('/text', [LookBackController::class, 'sharedText'])->name('shared.text');
});

// Coming aboard for a day: with an account or without.
Route::get('/join/{code?}', [JoinController::class, 'form'])->where('code', '[A-Za-z0-9 -]{0,20}')->middleware('throttle:shared')->name('join');
Route::post('/join', [JoinController::class, 'join'])->middleware('throttle:join')->name('join.try');

Route::middleware('guest')->group(function (): void {
    Route::get('/', [AccountController::class, 'signInForm'])->name('sign-in');
    Route::get('/first-look', [FirstLookController::class, 'show'])->middleware('throttle:first-look')->name('first-look');
    Route::post('/sign-in', [AccountController::class, 'signIn'])->name('sign-in.try');
    Route::get('/register', [AccountController::class, 'registerForm'])->name('register');
    Route::post('/register', [AccountController::class, 'register'])->middleware('throttle:register')->name('register.try');
    Route::get('/forgotten', [OwnAccountController::class, 'forgottenForm'])->name('forgotten');
    Route::post('/forgotten', [OwnAccountController::class, 'forgotten'])->middleware('throttle:register')->name('forgotten.try');
    Route::post('/look-around', [AccountController::class, 'lookAround'])->middleware('throttle:register')->name('look-around');
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [AccountController::class, 'signOut'])->name('sign-out');
    Route::get('/token', [AccountController::class, 'token'])->name('token');
    Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
    Route::post('/settings', [SettingsController::class, 'save'])->name('settings.save');
    Route::get('/account', [OwnAccountController::class, 'show'])->name('account');
    Route::patch('/account', [OwnAccountController::class, 'change'])->middleware('throttle:account')->name('account.change');
    Route::put('/account', [OwnAccountController::class, 'become'])->middleware('throttle:account')->name('account.become');
    Route::put('/account/password', [OwnAccountController::class, 'password'])->middleware('throttle:account')->name('account.password');
    Route::delete('/account/devices/{device}', [OwnAccountController::class, 'signOutThere'])->whereNumber('device')->name('account.device');
    Route::delete('/account', [OwnAccountController::class, 'end'])->middleware('throttle:account')->name('account.end');
    Route::prefix('/archive')->group(function (): void {
        Route::get('/', [ArchiveController::class, 'show'])->name('archive');
        Route::get('/progress', [ArchiveController::class, 'progress'])->name('archive.progress');
        Route::post('/', [ArchiveController::class, 'make'])->middleware('throttle:account')->name('archive.make');
        Route::post('/in', [ArchiveController::class, 'take'])->middleware('throttle:account')->name('archive.take');
        Route::get('/log.csv', [ArchiveController::class, 'csv'])->name('archive.csv');
        Route::post('/log', [CsvLogController::class, 'bring'])->middleware('throttle:account')->name('archive.log');
        Route::get('/log/{archive}', [CsvLogController::class, 'columns'])->whereNumber('archive')->name('archive.columns');
        Route::post('/log/{archive}', [CsvLogController::class, 'take'])->whereNumber('archive')->name('archive.log.take');
        Route::get('/{archive}', [ArchiveController::class, 'give'])->whereNumber('archive')->name('archive.give');
    });
    Route::get('/rules', [RuleController::class, 'index'])->name('rules');
    Route::get('/rules/{id}', [RuleController::class, 'show'])->name('rule');
    Route::get('/lakes', [LakesController::class, 'index'])->name('lakes');
    Route::post('/lakes', [LakesController::class, 'open'])->name('lakes.open');
    Route::prefix('/lakes/{lake}')->whereNumber('lake')->group(function (): void {
        Route::get('/', [LakesController::class, 'show'])->name('lake');
        Route::post('/file', [LayersController::class, 'take'])->name('lake.take');
        Route::get('/layers', [LayersController::class, 'progress'])->name('layers.progress');
        Route::get('/layers/{layer}', [LayersController::class, 'show'])->whereNumber('layer')->name('layer');
        Route::post('/layers/{layer}', [LayersController::class, 'answer'])->whereNumber('layer')->name('layer.answer');
        Route::patch('/layers/{layer}', [LayersController::class, 'change'])->whereNumber('layer')->name('layer.change');
        Route::get('/file/{form}', [LakesController::class, 'giveOut'])->whereIn('form', ['gpx', 'geojson', 'csv'])->name('lake.give');
        Route::get('/depths/{key}', [LakesController::class, 'depths'])->where('key', '[a-f0-9]{16}')->name('lake.depths');
        Route::get('/sketch', [SketchController::class, 'show'])->name('sketch');
        Route::put('/sketch', [SketchController::class, 'keep'])->name('sketch.keep');
        Route::get('/sketch/picture', [SketchController::class, 'picture'])->name('sketch.picture');
        Route::post('/sketch/picture', [SketchController::class, 'lay'])->name('sketch.lay');
        Route::delete('/sketch/picture', [SketchController::class, 'takeAway'])->name('sketch.take-away');
        Route::post('/spots', [SpotsController::class, 'keep'])->name('spot.keep');
        Route::post('/spots/many', [SpotsController::class, 'many'])->name('spots.many');
        Route::post('/features', [SpotsController::class, 'dismiss'])->name('feature.drop');
        Route::delete('/spots/{spot}', [SpotsController::class, 'drop'])->whereNumber('spot')->name('spot.drop');
    });
    Route::get('/look-back', [LookBackController::class, 'logbook'])->name('look-back');
    Route::get('/look-back/summing', [LookBackController::class, 'summing'])->name('look-back.summing');
    Route::get('/look-back/season', [LookBackController::class, 'season'])->name('look-back.season');
    Route::get('/box', [BoxController::class, 'show'])->name('box');
    Route::post('/box', [BoxController::class, 'add'])->name('box.add');
    Route::get('/box/start', [BoxController::class, 'start'])->name('box.start');
    Route::get('/box/file', [BoxController::class, 'give'])->name('box.give');
    Route::post('/box/file', [BoxController::class, 'take'])->name('box.take');
    Route::post('/box/care', [BoxController::class, 'care'])->name('box.care');
    Route::prefix('/box/{item}')->whereNumber('item')->group(function (): void {
        Route::patch('/', [BoxController::class, 'change'])->name('box.change');
        Route::post('/double', [BoxController::class, 'double'])->name('box.double');
        Route::delete('/', [BoxController::class, 'drop'])->name('box.drop');
    });
    Route::get('/drill', [DrillController::class, 'index'])->name('drill');
    Route::post('/drill', [DrillController::class, 'begin'])->name('drill.begin');
    Route::get('/now', [DayController::class, 'now'])->name('now');
    Route::get('/days', [DayController::class, 'index'])->name('days');
    Route::post('/days', [DayController::class, 'open'])->name('days.open');
    // Who may do what with a day is said by its policy (app/Policies).
    Route::prefix('/days/{trip}')->whereNumber('trip')->middleware('can:fish,trip')->group(function (): void {
        Route::get('/rules/{id}', [RuleController::class, 'today'])->name('rule.today');
        Route::get('/fish', [FishController::class, 'show'])->name('fish');
        Route::post('/log', [FishController::class, 'log'])->name('log');
        Route::get('/ahead', [FishController::class, 'ahead'])->name('ahead');
        Route::get('/ribbon', [FishController::class, 'ribbon'])->name('ribbon');
        Route::get('/crew', [CrewController::class, 'show'])->name('crew');
        Route::post('/crew/copy', [CrewController::class, 'keep'])->name('crew.keep');
        Route::delete('/crew', [CrewController::class, 'leave'])->name('crew.leave');
    });
    Route::prefix('/days/{trip}')->whereNumber('trip')->middleware('can:own,trip')->group(function (): void {
        Route::get('/read', [ReadController::class, 'show'])->name('read');
        Route::get('/conditions', [ReadController::class, 'reading'])->name('conditions');
        Route::patch('/conditions', [ReadController::class, 'change'])->name('conditions.change');
        Route::get('/asks', [ReadController::class, 'asks'])->name('asks');
        Route::get('/try', [ReadController::class, 'tryOut'])->name('try');
        Route::put('/forecast', [ReadController::class, 'forecast'])->name('forecast');
        Route::get('/choose', [ChooseController::class, 'show'])->name('choose');
        Route::get('/sections', [SectionsController::class, 'show'])->name('sections');
        Route::post('/sections', [SectionsController::class, 'keep'])->name('sections.keep');
        Route::get('/cast/{lure}', [CastController::class, 'show'])->name('cast');
        Route::get('/troll', [TrollController::class, 'show'])->name('troll');
        Route::get('/troll/try', [TrollController::class, 'tryOut'])->name('troll.try');
        Route::put('/troll', [TrollController::class, 'keep'])->name('troll.keep');
        Route::post('/troll', [TrollController::class, 'plan'])->name('troll.plan');
        Route::get('/schools', [SchoolsController::class, 'show'])->name('schools');
        Route::get('/bench', [BenchController::class, 'show'])->name('bench');
        Route::put('/rack/{lure}', [ChooseController::class, 'rig'])->name('rack.rig');
        Route::delete('/rack/{lure}', [ChooseController::class, 'unrig'])->name('rack.unrig');
        Route::get('/where', [WhereController::class, 'show'])->name('where');
        Route::post('/where', [WhereController::class, 'on'])->name('where.on');
        Route::post('/where/begin', [WhereController::class, 'begin'])->name('where.begin');
        Route::post('/where/wind', [WhereController::class, 'wind'])->name('where.wind');
        Route::post('/where/pick', [WhereController::class, 'pick'])->name('where.pick');
        Route::post('/where/route', [WhereController::class, 'route'])->name('where.route');
        Route::post('/where/route/now', [WhereController::class, 'again'])->name('where.again');
        Route::get('/where/sheet', [WhereController::class, 'sheet'])->name('where.sheet');
        Route::post('/disputes/{dispute}', [FishController::class, 'settle'])->whereNumber('dispute')->name('dispute');
        Route::get('/entries', [EntriesController::class, 'show'])->name('entries');
        Route::post('/entries', [EntriesController::class, 'change'])->name('entries.change');
        Route::get('/boat', [BoatController::class, 'show'])->name('boat');
        Route::post('/boat', [BoatController::class, 'take'])->name('boat.take');
        Route::get('/drill', [DrillController::class, 'end'])->name('drill.end');
        Route::get('/drill/tow', [TowDrillController::class, 'show'])->name('drill.tow');
        Route::post('/drill/tow', [TowDrillController::class, 'on'])->name('drill.tow.on');
        Route::post('/drill/shift', [TowDrillController::class, 'shift'])->name('drill.tow.shift');
        Route::get('/confirm', [ConfirmController::class, 'show'])->name('confirm');
        Route::post('/close', [ConfirmController::class, 'close'])->name('close');
        Route::get('/before', [BeforeController::class, 'show'])->name('before');
        Route::post('/before', [BeforeController::class, 'take'])->name('before.take');
        Route::get('/bag', [BagController::class, 'show'])->name('bag');
        Route::get('/look-back', [LookBackController::class, 'day'])->name('look-back.day');
        Route::put('/notes', [LookBackController::class, 'notes'])->name('notes');
        Route::get('/report.svg', [LookBackController::class, 'picture'])->name('report.picture');
        Route::get('/report.txt', [LookBackController::class, 'text'])->name('report.text');
        Route::put('/share', [LookBackController::class, 'share'])->name('share');
        Route::delete('/share', [LookBackController::class, 'unshare'])->name('unshare');
        Route::post('/crew', [CrewController::class, 'ask'])->name('crew.ask');
        Route::delete('/crew/code', [CrewController::class, 'askNoMore'])->name('crew.unask');
        Route::delete('/crew/{guest}', [CrewController::class, 'ashore'])->whereNumber('guest')->name('crew.ashore');
    });
});
