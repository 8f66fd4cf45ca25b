<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property float $length m
 * @property float $beam m
 * @property string $units us or metric
 * @property int $lines_per_angler
 */
final class Boat extends Model
{
    protected $fillable = ['name', 'length', 'beam', 'units', 'lines_per_angler'];

    protected $casts = ['length' => 'float', 'beam' => 'float', 'lines_per_angler' => 'integer'];

    /** @return HasMany<Holder, $this> port bow … stern … starboard bow */
    public function holders(): HasMany
    {
        return $this->hasMany(Holder::class)->orderBy('place');
    }

    /** @return HasMany<Trip, $this> */
    public function trips(): HasMany
    {
        return $this->hasMany(Trip::class);
    }

    /** @return HasMany<Reel, $this> */
    public function reels(): HasMany
    {
        return $this->hasMany(Reel::class)->orderBy('name');
    }

    /** @return HasMany<Ball, $this> */
    public function balls(): HasMany
    {
        return $this->hasMany(Ball::class)->orderBy('mass');
    }

    /** @return HasMany<Diver, $this> */
    public function divers(): HasMany
    {
        return $this->hasMany(Diver::class)->orderBy('name');
    }

    /** @return HasMany<Board, $this> */
    public function boards(): HasMany
    {
        return $this->hasMany(Board::class)->orderBy('name');
    }

    /** @return HasMany<Lure, $this> */
    public function lures(): HasMany
    {
        return $this->hasMany(Lure::class)->orderBy('name');
    }
}
