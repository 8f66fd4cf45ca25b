<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A spread kept to start others from; its lines know the side and kind of their holders.
 *
 * @property int $id
 * @property string $name
 * @property ?string $species
 * @property ?string $season
 * @property float $speed m/s
 * @property list<array<string, mixed>> $lines
 */
final class SpreadTemplate extends Model
{
    protected $table = 'spread_templates';

    public $timestamps = false;

    protected $fillable = ['name', 'species', 'season', 'speed', 'lines'];

    protected $casts = ['speed' => 'float', 'lines' => 'array'];
}
