<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $boat_id
 * @property Carbon $date
 * @property string $lines_in port's clock, HH:MM
 * @property string $back_by port's clock, HH:MM
 * @property string $ground
 * @property int $anglers
 * @property ?int $line_limit as the captain entered it
 * @property ?string $limit_source
 * @property list<string> $species in order of priority
 * @property ?float $bottom m
 * @property ?float $clearance m of water the captain wants under the gear
 * @property ?float $structure m that anything stands up from the bottom all over the course
 * @property ?string $profile_name
 * @property ?list<array{along: float, depth: float, standing?: float}> $profile of the bottom along the course, m
 * @property int $bites_count
 */
final class Trip extends Model
{
    protected $fillable = ['date', 'lines_in', 'back_by', 'ground', 'anglers', 'line_limit', 'limit_source', 'species', 'bottom', 'clearance', 'structure', 'profile_name', 'profile'];

    protected $casts = ['date' => 'immutable_date:Y-m-d', 'anglers' => 'integer', 'line_limit' => 'integer', 'species' => 'array', 'bottom' => 'float', 'clearance' => 'float', 'structure' => 'float', 'profile' => 'array'];

    /** @return HasMany<TargetBand, $this> */
    public function bands(): HasMany
    {
        return $this->hasMany(TargetBand::class)->orderBy('top');
    }

    /** @return HasMany<TemperatureReading, $this> */
    public function temperatures(): HasMany
    {
        return $this->hasMany(TemperatureReading::class)->orderBy('depth');
    }

    /** @return HasMany<Spread, $this> */
    public function spreads(): HasMany
    {
        return $this->hasMany(Spread::class)->orderBy('id');
    }

    /** @return HasMany<Bite, $this> */
    public function bites(): HasMany
    {
        return $this->hasMany(Bite::class)->orderByDesc('bitten_at')->orderByDesc('id');
    }
}
