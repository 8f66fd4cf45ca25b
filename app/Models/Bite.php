<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $uuid
 * @property int $trip_id
 * @property ?int $spread_id
 * @property Carbon $bitten_at UTC
 * @property string $holder
 * @property ?string $species
 * @property string $outcome
 * @property ?float $length m
 * @property ?float $weight kg
 * @property ?string $note
 * @property ?float $latitude of where she was, degrees north
 * @property ?float $longitude degrees east
 * @property array<string, mixed> $snapshot
 */
final class Bite extends Model
{
    protected $table = 'bites';

    protected $fillable = [
        'uuid', 'spread_id', 'bitten_at', 'holder', 'species', 'outcome', 'length', 'weight', 'note', 'latitude', 'longitude',
        'snapshot',
    ];

    protected $casts = [
        'bitten_at' => 'datetime', 'length' => 'float', 'weight' => 'float', 'latitude' => 'float',
        'longitude' => 'float', 'snapshot' => 'array',
    ];
}
