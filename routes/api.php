<?php

declare(strict_types=1);

use Admek\Core\Tackle\Catalogue\GearForm;
use App\Access\Policy;
use App\Devices\Ability;
use App\Files\LongReading;
use App\Http\Boat\BoatController;
use App\Http\Boat\BoatFileController;
use App\Http\Boat\CraftController;
use App\Http\Boat\EverythingController;
use App\Http\Boat\RuleBookController;
use App\Http\Days\ChangesController;
use App\Http\Days\DayController;
use App\Http\Days\DayEndController;
use App\Http\Days\DayFileController;
use App\Http\Days\EventController;
use App\Http\Days\GuestPageController;
use App\Http\Days\LoggerController;
use App\Http\Days\OutOfGearController;
use App\Http\Days\PhotographController;
use App\Http\Days\SeasonController;
use App\Http\Days\WatchController;
use App\Http\Devices\AboardController;
use App\Http\Devices\DeviceController;
use App\Http\Devices\LaptopController;
use App\Http\Devices\PairingController;
use App\Http\Drills\DrillController;
use App\Http\Ground\GroundController;
use App\Http\Ground\PassController;
use App\Http\Ground\ReadingController;
use App\Http\Instruments\InstrumentsController;
use App\Http\Instruments\SpeedCheckController;
use App\Http\Locker\CatalogueController;
use App\Http\Locker\CounterController;
use App\Http\Locker\GearController;
use App\Http\Locker\GearPageController;
use App\Http\Locker\GearTableController;
use App\Http\Locker\LabelController;
use App\Http\Locker\LockerController;
use App\Http\Middleware\Keeping;
use App\Http\Middleware\ReadableJson;
use App\Http\Middleware\Stamped;
use App\Http\Middleware\WhoAsks;
use App\Http\Previews\CureController;
use App\Http\Previews\ManoeuvreController;
use App\Http\Previews\NextSoundingController;
use App\Http\Previews\ReachController;
use App\Http\Previews\RigController;
use App\Http\Previews\RodController;
use App\Http\Previews\SafeLimitsController;
use App\Http\Previews\SettingController;
use App\Http\Previews\SpreadPreviewController;
use App\Http\Spreads\DeckCardController;
use App\Http\Spreads\DraftController;
use App\Http\Spreads\FigureMarkController;
use App\Http\Spreads\SoundingController;
use App\Http\Spreads\SpreadController;
use App\Http\Spreads\SpreadFileController;
use App\Http\Spreads\TemplateController;
use App\Http\Spreads\TowCaseController;
use App\Http\Trips\BiteController;
use App\Http\Trips\ChoreController;
use App\Http\Trips\ForecastController;
use App\Http\Trips\PreparationController;
use App\Http\Trips\StoresController;
use App\Http\Trips\TripController;
use App\Http\Water\LureBoxController;
use App\Http\Water\TripWaterController;
use App\Http\Water\WaterController;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;

// Rows are numbered from one, in 64 bits.
Route::patterns(array_fill_keys(
    ['id', 'trip', 'spread', 'structure', 'mark', 'sounding', 'template', 'device'], '[1-9][0-9]{0,17}',
));
Route::pattern('reading', LongReading::ID);
Route::pattern('list', implode('|', array_column(GearForm::cases(), 'value')));

// Answered to anybody; a wrong code is counted, so it is kept whatever comes of the rest.
Route::post('aboard', [AboardController::class, 'store'])->middleware('session')->withoutMiddleware(
    [WhoAsks::class, Keeping::class],
);

$for = static fn (Ability $ability) => Route::middleware(Authorize::using($ability->value));
$forThis = static fn (string $sees, string $row): string => Authorize::using($sees, $row);

// Asked by nginx before it takes a file for whoever may send one.
foreach ([Ability::Plan, Ability::Log] as $ability) {
    $for($ability)->get("door/{$ability->value}", [AboardController::class, 'mayEnter']);
}

$for(Ability::Look)->group(static function () use ($forThis): void {
    Route::get('aboard', [AboardController::class, 'show']);
    Route::delete('aboard', [AboardController::class, 'destroy']);
    Route::get('boat', [BoatController::class, 'show']);
    Route::get('catalogue', CatalogueController::class);
    Route::get('locker', LockerController::class);
    Route::get('trips', [TripController::class, 'index']);
    Route::middleware($forThis(Policy::TRIP, 'trip'))->group(static function (): void {
        Route::get('trips/{trip}', [TripController::class, 'show']);
        Route::get('trips/{trip}/bites', [BiteController::class, 'index']);
        Route::get('trips/{trip}/day', [DayController::class, 'show']);
        Route::get('trips/{trip}/day/line', [DayController::class, 'line']);
        Route::get('trips/{trip}/photographs', [PhotographController::class, 'index']);
        Route::get('trips/{trip}/photographs/{bite}', [PhotographController::class, 'show'])->whereUuid('bite');
        Route::get('trips/{trip}/watch', WatchController::class)->middleware(Stamped::class);
        Route::get('trips/{trip}/changes', ChangesController::class)->middleware(Stamped::class);
        Route::get('trips/{trip}/out-of-gear', OutOfGearController::class);
    });
    Route::middleware($forThis(Policy::SPREAD, 'spread'))->group(static function (): void {
        Route::get('spreads/{spread}', [SpreadController::class, 'show']);
        Route::get('spreads/{spread}/deck-card', DeckCardController::class);
    });
});

$for(Ability::Season)->group(static function () use ($forThis): void {
    Route::get('season', SeasonController::class);
    Route::middleware($forThis(Policy::TRIP, 'trip'))->get('trips/{trip}/start', [SeasonController::class, 'start']);
});

$for(Ability::Places)->group(static function () use ($forThis): void {
    Route::get('chart', [GroundController::class, 'show']);
    Route::get('structures/file/{format}', [GroundController::class, 'write']);
    Route::middleware($forThis(Policy::TRIP, 'trip'))->get('trips/{trip}/day/file/{format}', [DayFileController::class, 'show']);
});

$for(Ability::Log)->group(static function () use ($forThis): void {
    Route::middleware($forThis(Policy::TRIP, 'trip'))->group(static function (): void {
        Route::get('trips/{trip}/guests-page', GuestPageController::class);
        Route::get('trips/{trip}/end', DayEndController::class);
    });
    Route::post('trips/{trip}/events', [EventController::class, 'store'])->withoutMiddleware(Keeping::class)
        ->missing(EventController::gone(...));
    Route::put('photographs', [PhotographController::class, 'update'])->withoutMiddleware([ReadableJson::class, Keeping::class]);
    Route::delete('trips/{trip}/photographs/{bite}', [PhotographController::class, 'destroy'])->whereUuid('bite');
    Route::get('drills', [DrillController::class, 'index']);
    Route::get('drills/{kind}/{seed}', [DrillController::class, 'show'])->where('seed', '[0-9]{1,10}');
    Route::post('drills/{kind}/{seed}/answers', [DrillController::class, 'answer'])->where('seed', '[0-9]{1,10}')
        ->withoutMiddleware(Keeping::class);
});

$for(Ability::Chores)->group(static function (): void {
    Route::get('trips/{trip}/preparation', [PreparationController::class, 'show']);
    Route::get('trips/{trip}/timeline', [PreparationController::class, 'calendar']);
    Route::post('trips/{trip}/chores', [ChoreController::class, 'store']);
    Route::put('trips/{trip}/chores/{key}', [ChoreController::class, 'update']);
    Route::delete('trips/{trip}/chores/{key}', [ChoreController::class, 'destroy']);
    Route::put('trips/{trip}/stores', [StoresController::class, 'update']);
});

$for(Ability::Lines)->group(static function (): void {
    Route::get('boat/books/{book}', [RuleBookController::class, 'show']);
    Route::get('boat/file', [BoatFileController::class, 'show']);
    Route::get('boat/crafts', [CraftController::class, 'index']);
    Route::put('spreads/{spread}', [SpreadController::class, 'update']);
    Route::get('spreads/{spread}/tow-case', TowCaseController::class);
    Route::post('spreads/{spread}/soundings', [SoundingController::class, 'store']);
    Route::put('trips/{trip}/logger', [LoggerController::class, 'store']);
    Route::get('soundings', [SoundingController::class, 'index']);
    Route::patch('soundings/{sounding}', [SoundingController::class, 'update']);
    Route::put('soundings/figure', FigureMarkController::class);
    Route::delete('soundings/{sounding}', [SoundingController::class, 'destroy']);
    Route::get('spreads/{spread}/file', [SpreadFileController::class, 'show']);
    Route::get('spreads/{spread}/table', [SpreadFileController::class, 'table']);
    Route::get('templates', [TemplateController::class, 'index']);
    Route::get('labels', LabelController::class);
    Route::get('trips/{trip}/lure-box', [LureBoxController::class, 'show']);
    Route::get('locker/{list}/table', [GearTableController::class, 'show']);
    Route::get('locker/{list}/{id}', [GearPageController::class, 'show']);

    // Tried, not kept: these may take their time, and nobody waits for them.
    Route::withoutMiddleware(Keeping::class)->group(static function (): void {
        Route::post('spreads/{spread}/preview', SpreadPreviewController::class);
        Route::post('spreads/{spread}/rig', RigController::class);
        Route::post('spreads/{spread}/reach', ReachController::class);
        Route::post('spreads/{spread}/cures', CureController::class);
        Route::post('spreads/{spread}/rod', RodController::class);
        Route::post('trips/{trip}/logger', [LoggerController::class, 'show']);
        Route::post('spreads/{spread}/next-sounding', NextSoundingController::class);
        Route::post('spreads/{spread}/safe-limits', SafeLimitsController::class);
        Route::post('spreads/{spread}/setting', SettingController::class);
        Route::post('spreads/{spread}/manoeuvre', [ManoeuvreController::class, 'show']);
        Route::post('spreads/{spread}/manoeuvre/gentlest', [ManoeuvreController::class, 'gentlest']);
        Route::post('spreads/{spread}/manoeuvre/left', [ManoeuvreController::class, 'leave']);
        Route::post('templates/{template}/fit', [TemplateController::class, 'fit']);
    });
});

$for(Ability::Plan)->group(static function (): void {
    Route::post('boat', [BoatController::class, 'store']);
    Route::put('boat', [BoatController::class, 'update']);
    Route::post('boat/change', [BoatController::class, 'change'])->withoutMiddleware(Keeping::class);
    Route::delete('season/read', [SeasonController::class, 'destroy']);
    Route::get('everything', [EverythingController::class, 'show']);
    Route::get('days/file/{format}', [DayFileController::class, 'all']);
    Route::put('everything', [EverythingController::class, 'update'])->withoutMiddleware([ReadableJson::class, Keeping::class]);
    Route::put('days/file', [DayFileController::class, 'update'])->withoutMiddleware([ReadableJson::class, Keeping::class]);
    Route::get('instruments', [InstrumentsController::class, 'show']);
    Route::put('instruments', [InstrumentsController::class, 'update']);
    Route::post('instruments/speed-check', SpeedCheckController::class)->withoutMiddleware(Keeping::class);
    Route::post('boat/rail', [BoatController::class, 'rail'])->withoutMiddleware(Keeping::class);
    Route::post('boat/counter', [CounterController::class, 'check'])->withoutMiddleware(Keeping::class);
    Route::post('boat/file', [BoatFileController::class, 'preview'])->withoutMiddleware(Keeping::class);
    Route::put('boat/file', [BoatFileController::class, 'update']);
    Route::put('boat/clock', [BoatController::class, 'clock']);
    Route::get('boat/offer', [BoatController::class, 'offer']);
    Route::put('boat/crafts/{rig}', [CraftController::class, 'update'])->whereIn('rig', CraftController::rigs());
    Route::put('boat/books/{book}', [RuleBookController::class, 'update']);
    Route::put('locker/reels/{id}/counter', [CounterController::class, 'update']);
    Route::post('locker/{list}', [GearController::class, 'store']);
    Route::put('locker/{list}/{id}', [GearController::class, 'update']);
    Route::post('locker/{list}/table', [GearTableController::class, 'preview'])->withoutMiddleware(Keeping::class);
    Route::put('locker/{list}/table', [GearTableController::class, 'store']);
    Route::post('trips', [TripController::class, 'store']);
    Route::get('trips/new', [TripController::class, 'fresh']);
    Route::get('trips/deleted', [TripController::class, 'deleted']);
    Route::put('trips/{trip}', [TripController::class, 'update']);
    Route::post('trips/{trip}/again', [TripController::class, 'again']);
    Route::put('trips/{trip}/called-off', [TripController::class, 'callOff']);
    Route::delete('trips/{trip}', [TripController::class, 'destroy']);
    Route::put('trips/{trip}/back', [TripController::class, 'back'])->withTrashed();
    Route::get('forecasts', [ForecastController::class, 'offered']);
    Route::put('trips/{trip}/forecast', [ForecastController::class, 'update']);
    Route::post('trips/{trip}/forecast/file', [ForecastController::class, 'file'])->name('forecast.file');
    Route::post('trips/{trip}/forecast/fetched/{key}', [ForecastController::class, 'fetch']);
    Route::put('chart', [GroundController::class, 'chart'])->withoutMiddleware([ReadableJson::class, Keeping::class]);
    Route::post('structures', [GroundController::class, 'store']);
    Route::put('structures/file', [GroundController::class, 'read'])->withoutMiddleware([ReadableJson::class, Keeping::class]);
    Route::get('readings/{reading}', [ReadingController::class, 'show']);
    Route::delete('readings/{reading}', [ReadingController::class, 'destroy'])->withoutMiddleware(Keeping::class);
    Route::delete('structures/{structure}', [GroundController::class, 'destroy']);
    Route::put('trips/{trip}/pass', [PassController::class, 'take']);
    Route::get('trips/{trip}/water', [WaterController::class, 'show']);
    Route::put('trips/{trip}/water/temperatures', [WaterController::class, 'temperatures']);
    Route::post('trips/{trip}/water/marks', [WaterController::class, 'mark']);
    Route::delete('trips/{trip}/water/marks/{mark}', [WaterController::class, 'unmark']);
    Route::put('trips/{trip}/water/signs', [WaterController::class, 'signs']);
    Route::put('trips/{trip}/water/choices', [WaterController::class, 'choose']);
    Route::put('trips/{trip}/bands', [TripWaterController::class, 'bands']);
    Route::put('trips/{trip}/bottom', [TripWaterController::class, 'bottom']);
    Route::post('spreads/{spread}/file', [SpreadFileController::class, 'read']);
    Route::post('templates', [TemplateController::class, 'store']);
    Route::delete('templates/{template}', [TemplateController::class, 'destroy']);
    Route::withoutMiddleware(Keeping::class)->group(static function (): void {
        Route::post('spreads/{spread}/draft', DraftController::class);
        Route::post('trips/{trip}/pass', [PassController::class, 'show']);
        Route::post('trips/{trip}/water/temperatures', [WaterController::class, 'preview']);
    });
});

$for(Ability::Devices)->group(static function (): void {
    Route::get('devices', [DeviceController::class, 'index']);
    Route::put('devices/laptop', [LaptopController::class, 'update']);
    Route::put('devices/{device}', [DeviceController::class, 'update']);
    Route::delete('devices/{device}', [DeviceController::class, 'destroy']);
    Route::post('pairing', [PairingController::class, 'store']);
    Route::delete('pairing', [PairingController::class, 'destroy']);
});
