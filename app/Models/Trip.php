<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Trip\AlikeTrips;
use Admek\Core\Trip\FreshTrip;
use Admek\Core\Trip\LineLimit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

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
 * @property ?float $bottom m, the shallowest where it is a range
 * @property ?float $bottom_to m, the deepest of a range
 * @property ?float $clearance m of water the captain wants under the gear
 * @property ?float $structure m that anything stands up from the bottom all over the course
 * @property ?string $profile_name
 * @property ?list<array{along: float, depth: float, standing?: float}> $profile of the bottom along the course, m
 * @property ?string $port
 * @property ?float $run m from port to ground
 * @property ?float $latitude of the ground, degrees north
 * @property ?float $longitude degrees east
 * @property ?list<string> $guests names
 * @property int $crew
 * @property bool $crew_fish
 * @property ?int $lines_per_angler
 * @property ?list<array{species: string, bag: ?int, least_length: ?float}> $catch_limits as the captain entered them
 * @property ?Carbon $limits_looked_up
 * @property string $bait_cure
 * @property bool $bait_strips
 * @property ?array{source: ?string, issued: ?string, entered_at: string, hours: list<array<string, mixed>>} $forecast
 * @property ?string $temperatures_source
 * @property ?array{
 *     clarity?: string, sky?: string, surface?: string, forage?: string, current_surface?: float, current_deep?: float,
 *     at?: float,
 * } $signs as they were read, and when, s since 1970 UTC
 * @property ?array{
 *     advice?: array<string, array{state: string, answer: ?string, why: ?string}>,
 *     schools?: array<string, string>,
 *     bands?: array<string, array{top: float, bottom: float, weight: float}>,
 * } $choices
 * @property ?int $layout_id of the boat as she was then; null as she is now
 * @property ?array{places: list<array{float, float}>} $pass the profile was taken along
 * @property Salinity $water
 * @property ?float $salinity practical salinity, as the captain entered it
 * @property ?float $water_temperature °C, as the captain entered it
 * @property ?Carbon $ended_at by its day's events
 * @property ?Carbon $called_off_at
 * @property ?Carbon $deleted_at it is kept, and may be brought back
 * @property int $bites_count
 * @property int $lines_presumed where no limit was entered, where that was asked
 * @property bool $is_out whether she is out on it, where that was asked
 * @property bool $under_way whether it is the boat's one under way, where that was asked
 */
final class Trip extends Model
{
    use HasADay, SoftDeletes;

    protected $table = 'trips';

    protected $fillable = [
        'date',
        'lines_in',
        'back_by',
        'ground',
        'anglers',
        'line_limit',
        'limit_source',
        'species',
        'bottom',
        'bottom_to',
        'clearance',
        'structure',
        'profile_name',
        'profile',
        'port',
        'run',
        'latitude',
        'longitude',
        'guests',
        'crew',
        'crew_fish',
        'lines_per_angler',
        'catch_limits',
        'limits_looked_up',
        'bait_cure',
        'bait_strips',
        'forecast',
        'temperatures_source',
        'signs',
        'choices',
        'pass',
        'water',
        'salinity',
        'water_temperature',
        'layout_id',
        'ended_at',
        'called_off_at',
    ];

    protected $attributes = FreshTrip::UNSAID;

    protected $casts = [
        'date' => 'immutable_date:Y-m-d',
        'anglers' => 'integer',
        'line_limit' => 'integer',
        'species' => 'array',
        'bottom' => 'float',
        'bottom_to' => 'float',
        'clearance' => 'float',
        'structure' => 'float',
        'profile' => 'array',
        'run' => 'float',
        'latitude' => 'float',
        'longitude' => 'float',
        'guests' => 'array',
        'crew' => 'integer',
        'crew_fish' => 'boolean',
        'lines_per_angler' => 'integer',
        'catch_limits' => 'array',
        'limits_looked_up' => 'immutable_date:Y-m-d',
        'bait_strips' => 'boolean',
        'forecast' => 'array',
        'signs' => 'array',
        'choices' => 'array',
        'pass' => 'array',
        'water' => Salinity::class,
        'salinity' => 'float',
        'water_temperature' => 'float',
        'layout_id' => 'integer',
        'ended_at' => 'immutable_datetime',
        'called_off_at' => 'immutable_datetime',
    ];

    /** Lines the boat may fish by what was entered; null where nothing was. */
    public function linesAllowed(): ?int
    {
        return LineLimit::of($this->anglers, $this->crew, $this->crew_fish, $this->lines_per_angler, $this->line_limit);
    }

    /**
     * @return ?int the id, where one is told
     *
     * @throws InvalidValue naming spread_id, where it is of another trip
     */
    public function ownSpread(?int $id): ?int
    {
        return $id === null || $this->spreads()->whereKey($id)->exists()
            ? $id : throw InvalidValue::because('spread_id', 'the id of a spread of this trip');
    }

    /** Whether a spread fished on the other is worth beginning this one's with. */
    public function isLike(self $other): bool
    {
        return AlikeTrips::are($this->species, $this->bottom, $other->species, $other->bottom);
    }

    /** @return HasMany<Chore, $this> */
    public function chores(): HasMany
    {
        return $this->hasMany(Chore::class)->orderBy('id');
    }

    /** @return HasMany<Mark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(Mark::class)->orderBy('depth')->orderBy('id');
    }

    /** @return HasMany<TargetBand, $this> */
    public function bands(): HasMany
    {
        return $this->hasMany(TargetBand::class)->orderBy('top');
    }

    /**
     * Read as plain rows: a spread asks for no more of them with every step of a hand.
     *
     * @return array<string, array{float, float}> top and bottom wanted, m, by species, the shallowest first
     */
    public function bandsBySpecies(): array
    {
        $bands = [];
        foreach (DB::table('target_bands')->where('trip_id', $this->id)->orderBy('top')->get() as $band) {
            $bands[(string) $band->species] = [(float) $band->top, (float) $band->bottom];
        }

        return $bands;
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
