<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A depth the captain read off the real thing, beside what the model said of the same line then.
 *
 * @property int $id
 * @property Carbon $taken_at UTC
 * @property string $method {@see \Admek\Core\Records\SoundingMethod}
 * @property float $depth m
 * @property float $model_depth m
 * @property float $speed m/s
 * @property string $presentation
 * @property int $reel_id
 * @property int $lure_id
 * @property array<string, mixed> $set_up as a row of spread_lines
 * @property ?int $trip_id whose water it was
 * @property ?array<string, mixed> $circumstances {@see \App\Rigging\SoundedGear::circumstances()}; null of old ones
 * @property ?string $event uuid of the event that told it on Watch
 * @property bool $confirmed whether it is held to be true however far off it is
 */
final class Sounding extends Model
{
    protected $table = 'soundings';

    public $timestamps = false;

    protected $fillable = [
        'taken_at', 'method', 'depth', 'model_depth', 'speed', 'presentation', 'reel_id', 'lure_id', 'set_up', 'trip_id',
        'circumstances', 'confirmed', 'event',
    ];

    protected $casts = [
        'taken_at' => 'immutable_datetime', 'depth' => 'float', 'model_depth' => 'float', 'speed' => 'float', 'set_up' => 'array',
        'circumstances' => 'array', 'confirmed' => 'boolean',
    ];
}
