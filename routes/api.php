<?php

declare(strict_types=1);

use App\Http\Controllers\BiteController;
use App\Http\Controllers\BoatController;
use App\Http\Controllers\CureController;
use App\Http\Controllers\DeckCardController;
use App\Http\Controllers\LockerController;
use App\Http\Controllers\ReachController;
use App\Http\Controllers\RodController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\SafeLimitsController;
use App\Http\Controllers\SettingController;
use App\Http\Controllers\SoundingController;
use App\Http\Controllers\SpreadController;
use App\Http\Controllers\SpreadPreviewController;
use App\Http\Controllers\TowCaseController;
use App\Http\Controllers\TripController;
use Illuminate\Support\Facades\Route;

Route::get('boat', [BoatController::class, 'show']);
Route::post('boat', [BoatController::class, 'store']);
Route::get('boat/offer', [BoatController::class, 'offer']);
Route::get('boat/rules', [RulesController::class, 'show']);
Route::put('boat/rules', [RulesController::class, 'update']);
Route::get('locker', LockerController::class);
Route::get('trips', [TripController::class, 'index']);
Route::post('trips', [TripController::class, 'store']);
Route::get('trips/{trip}', [TripController::class, 'show'])->whereNumber('trip');
Route::get('trips/{trip}/bites', [BiteController::class, 'index'])->whereNumber('trip');
Route::post('trips/{trip}/bites', [BiteController::class, 'store'])->whereNumber('trip');
Route::get('spreads/{spread}', [SpreadController::class, 'show'])->whereNumber('spread');
Route::put('spreads/{spread}', [SpreadController::class, 'update'])->whereNumber('spread');
Route::post('spreads/{spread}/preview', SpreadPreviewController::class)->whereNumber('spread');
Route::post('spreads/{spread}/reach', ReachController::class)->whereNumber('spread');
Route::post('spreads/{spread}/cures', CureController::class)->whereNumber('spread');
Route::get('spreads/{spread}/deck-card', DeckCardController::class)->whereNumber('spread');
Route::get('spreads/{spread}/tow-case', TowCaseController::class)->whereNumber('spread');
Route::post('spreads/{spread}/rod', RodController::class)->whereNumber('spread');
Route::post('spreads/{spread}/safe-limits', SafeLimitsController::class)->whereNumber('spread');
Route::post('spreads/{spread}/setting', SettingController::class)->whereNumber('spread');
Route::post('spreads/{spread}/soundings', [SoundingController::class, 'store'])->whereNumber('spread');
Route::delete('soundings/{sounding}', [SoundingController::class, 'destroy'])->whereNumber('sounding');
