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
 */
final class Sounding extends Model
{
    protected $table = 'soundings';

    public $timestamps = false;

    protected $fillable = ['taken_at', 'method', 'depth', 'model_depth', 'speed', 'presentation', 'reel_id', 'lure_id', 'set_up'];

    protected $casts = [
        'taken_at' => 'immutable_datetime', 'depth' => 'float', 'model_depth' => 'float', 'speed' => 'float', 'set_up' => 'array',
    ];
}
