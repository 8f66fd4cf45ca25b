<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What the captain has said of a chore: that it is done, whose it is, when it begins; or one of his own.
 *
 * @property int $id
 * @property int $trip_id
 * @property string $key
 * @property ?string $what
 * @property ?int $at minutes after midnight of the trip's day
 * @property ?int $minutes
 * @property ?string $owner
 * @property bool $dropped
 * @property ?CarbonImmutable $done_at
 */
final class Chore extends Model
{
    protected $table = 'chores';

    public $timestamps = false;

    protected $fillable = ['key', 'what', 'at', 'minutes', 'owner', 'dropped', 'done_at'];

    protected $attributes = [
        'what' => null, 'at' => null, 'minutes' => null, 'owner' => null, 'dropped' => false, 'done_at' => null,
    ];

    protected $casts = ['at' => 'integer', 'minutes' => 'integer', 'dropped' => 'boolean', 'done_at' => 'immutable_datetime'];
}
