<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Books\Book;
use Admek\Core\Instruments\Corrections;
use Admek\Core\Instruments\Source;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Tackle\Catalogue\Craft;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Units\ClockFace;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use App\Models\Gear\Attractor;
use App\Models\Gear\Ball;
use App\Models\Gear\Board;
use App\Models\Gear\Diver;
use App\Models\Gear\Leader;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Models\Gear\Weight;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $id
 * @property string $name
 * @property float $length m
 * @property float $beam m
 * @property string $units us or metric
 * @property int $lines_per_angler
 * @property float $mast_aft m, where a mast board's tow line leaves the boat
 * @property float $mast_height m above the water
 * @property string $timezone IANA name of the port's clock
 * @property ?array<string, array<string, ?float>> $rule_books thresholds as this boat judges them, by book and key
 * @property ClockFace $clock_face
 * @property ?array<string, float> $stores what is aboard of what trips use up
 * @property ?array<string, array<string, string>> $crafts how each rig is fished in the captain's own words, by rig and part
 * @property int $crew people working her, as a new trip is begun with
 * @property float $log_factor true speed through the water for each her log shows
 * @property ?array{transducer: ?float, sources: list<array{name: string, kind: string, address: string}>} $instruments
 * @property int $version counts what was kept of her
 */
final class Boat extends Model
{
    /** What a board changes, beside the presentations. */
    public const BOARD = 'board';

    protected $table = 'boats';

    protected $fillable = [
        'name', 'length', 'beam', 'units', 'clock_face', 'lines_per_angler', 'mast_aft', 'mast_height', 'timezone',
        'rule_books', 'stores',
        'crew', 'log_factor', 'version', 'crafts', 'instruments',
    ];

    protected $attributes = [
        'mast_aft' => -4.0, 'mast_height' => 3.0, 'timezone' => 'UTC', 'crew' => 2, 'log_factor' => 1.0, 'version' => 1,
    ];

    /** Id of the layout she is looked at in; null as she is now. */
    private ?int $layout = null;

    protected $casts = [
        'length' => 'float',
        'beam' => 'float',
        'lines_per_angler' => 'integer',
        'mast_aft' => 'float',
        'mast_height' => 'float',
        'rule_books' => 'array',
        'clock_face' => ClockFace::class,
        'stores' => 'array',
        'crafts' => 'array',
        'instruments' => 'array',
        'crew' => 'integer',
        'log_factor' => 'float',
        'version' => 'integer',
    ];

    /** A sentence in the captain's units, by the captain's clock. */
    public function say(Sentence $sentence): string
    {
        return $sentence->in(Units::from($this->units), $this->clock_face);
    }

    public function corrections(): Corrections
    {
        return new Corrections($this->log_factor, $this->instruments['transducer'] ?? null);
    }

    /** @return list<Source> she listens to, the captain's first choice first */
    public function sources(): array
    {
        return Source::list($this->instruments['sources'] ?? []);
    }

    /** @return array{float, float, float} in the towing frame, m */
    public function mast(): array
    {
        return [$this->mast_aft, 0.0, -$this->mast_height];
    }

    /**
     * How a rig is fished aboard, by part: in the captain's own words where there are any.
     *
     * @param  ?Presentation  $rig  null for what a board changes
     * @return array<string, string>
     */
    public function craft(?Presentation $rig): array
    {
        $units = Units::from($this->units);

        return array_replace(
            $rig === null ? Craft::onBoard() : Craft::of($rig, $units, (int) $this->book(Book::Day)->get('check_every')),
            $this->crafts[$rig->value ?? self::BOARD] ?? [],
        );
    }

    public function book(Book $book): RuleBook
    {
        return $book->of($this->rule_books[$book->value] ?? []);
    }

    public function rulesOfThumb(): RulesOfThumb
    {
        return RulesOfThumb::from($this->book(Book::Thumb));
    }

    public function riggingRules(): RiggingRules
    {
        return new RiggingRules($this->book(Book::Rigging));
    }

    /** @return HasMany<Sounding, $this> */
    public function soundings(): HasMany
    {
        return $this->hasMany(Sounding::class)->orderByDesc('taken_at')->orderByDesc('id');
    }

    /** @return HasMany<FigureMark, $this> */
    public function figureMarks(): HasMany
    {
        return $this->hasMany(FigureMark::class);
    }

    /** @return HasMany<SpreadTemplate, $this> */
    public function templates(): HasMany
    {
        return $this->hasMany(SpreadTemplate::class)->orderBy('name');
    }

    /** @return HasMany<Holder, $this> port bow … stern … starboard bow */
    public function holders(): HasMany
    {
        return $this->hasMany(Holder::class)->where('layout_id', $this->layout)->orderBy(Holder::ORDER);
    }

    /** As she was laid out when a trip was fished: to look at, never to keep. */
    public function asOn(Trip $trip): self
    {
        $layout = $trip->layout_id === null ? null : Layout::query()->find($trip->layout_id);
        if ($layout === null) {
            return $this;
        }
        $then = (clone $this)->unsetRelations()->forceFill(
            $layout->only(['length', 'beam', 'mast_aft', 'mast_height']),
        );
        $then->layout = $layout->id;

        return $then;
    }

    /** Id of the layout she is looked at in; null as she is now. */
    public function layoutId(): ?int
    {
        return $this->layout;
    }

    /** @return HasOne<Chart, $this> */
    public function chart(): HasOne
    {
        return $this->hasOne(Chart::class);
    }

    /** @return HasMany<Structure, $this> */
    public function structures(): HasMany
    {
        return $this->hasMany(Structure::class)->orderBy('id');
    }

    /** @return HasMany<Trip, $this> */
    public function trips(): HasMany
    {
        return $this->hasMany(Trip::class);
    }

    /** The nearest from today on by the port's clock that is neither over nor called off; else the latest that was not. */
    public function tripUnderWay(): ?Trip
    {
        $today = now($this->timezone)->format('Y-m-d');

        $coming = $this->trips()->whereDate('date', '>=', $today)->orderBy('date')->orderBy('lines_in');

        return (clone $coming)->whereNull('ended_at')->whereNull('called_off_at')->first()
            ?? $coming->whereNull('called_off_at')->first()
            ?? $this->trips()->whereNull('called_off_at')->orderByDesc('date')->orderByDesc('lines_in')->first();
    }

    /** @return list<int> ids of the trip under way and of those of today by the port's clock */
    public function tripsOfNow(): array
    {
        $today = $this->trips()->whereDate('date', now($this->timezone)->format('Y-m-d'))->pluck('id')->all();

        return array_values(array_unique(array_filter([$this->tripUnderWay()?->id, ...$today])));
    }

    /** @return HasMany<Reel, $this> */
    public function reels(): HasMany
    {
        return $this->hasMany(Reel::class)->orderBy(Reel::ORDER);
    }

    /** @return HasMany<Ball, $this> */
    public function balls(): HasMany
    {
        return $this->hasMany(Ball::class)->orderBy(Ball::ORDER);
    }

    /** @return HasMany<Diver, $this> */
    public function divers(): HasMany
    {
        return $this->hasMany(Diver::class)->orderBy(Diver::ORDER);
    }

    /** @return HasMany<Board, $this> */
    public function boards(): HasMany
    {
        return $this->hasMany(Board::class)->orderBy(Board::ORDER);
    }

    /** @return HasMany<Lure, $this> */
    public function lures(): HasMany
    {
        return $this->hasMany(Lure::class)->orderBy(Lure::ORDER);
    }

    /** @return HasMany<Weight, $this> */
    public function weights(): HasMany
    {
        return $this->hasMany(Weight::class)->orderBy(Weight::ORDER);
    }

    /** @return HasMany<Leader, $this> */
    public function leaders(): HasMany
    {
        return $this->hasMany(Leader::class)->orderBy(Leader::ORDER);
    }

    /** @return HasMany<Attractor, $this> */
    public function attractors(): HasMany
    {
        return $this->hasMany(Attractor::class)->orderBy(Attractor::ORDER);
    }
}
