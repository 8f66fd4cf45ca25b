<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property int $trip_id
 * @property string $name
 * @property float $speed m/s through the water
 * @property int $version
 * @property string $school by which the setting order goes
 * @property ?list<int> $setting_order holder ids as the captain has put them
 * @property Trip $trip
 */
final class Spread extends Model
{
    protected $table = 'spreads';

    protected $fillable = ['name', 'speed', 'version', 'school', 'setting_order'];

    protected $casts = ['speed' => 'float', 'version' => 'integer', 'setting_order' => 'array'];

    /** @return HasMany<SpreadLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(SpreadLine::class)->orderBy('holder_id');
    }

    /** @return BelongsTo<Trip, $this> */
    public function trip(): BelongsTo
    {
        return $this->belongsTo(Trip::class);
    }

    /**
     * Replaces speed and lines, whole or not at all.
     *
     * @param  list<array<string, mixed>>  $lines  rows of spread_lines
     * @param  array<string, mixed>  $order  school and setting_order, where they change too
     *
     * @throws Conflict when $version is no longer the current one
     * @throws UniqueConstraintViolationException when two lines are in one holder
     */
    public function saveAgainst(int $version, float $speed, array $lines, array $order = []): void
    {
        DB::transaction(function () use ($version, $speed, $lines, $order): void {
            $claimed = self::query()->whereKey($this->id)->where('version', $version)
                ->update(['version' => $version + 1, 'speed' => $speed]);
            if ($claimed === 0) {
                throw new Conflict(self::query()->findOrFail($this->id)->version);
            }
            $this->refresh()->update($order);
            $this->lines()->delete();
            $this->lines()->createMany($lines);
        });
        $this->refresh();
    }

    /** @return list<array<string, mixed>> its lines as rows */
    public function rows(): array
    {
        return array_values($this->lines->map(static fn (SpreadLine $line): array => $line->only(SpreadLine::ALL))->all());
    }
}
