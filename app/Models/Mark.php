<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Fish seen on sonar.
 *
 * @property int $id
 * @property int $trip_id
 * @property float $depth m
 * @property int $count
 * @property bool $tight
 * @property string $size small, medium or large
 * @property CarbonImmutable $marked_at
 */
final class Mark extends Model
{
    protected $table = 'marks';

    public $timestamps = false;

    protected $fillable = ['depth', 'count', 'tight', 'size', 'marked_at'];

    protected $casts = ['depth' => 'float', 'count' => 'integer', 'tight' => 'boolean', 'marked_at' => 'immutable_datetime'];
}
