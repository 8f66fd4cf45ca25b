<?php

declare(strict_types=1);

namespace App\Reading\Season;

use Admek\Core\Boat\Hull;
use Admek\Core\Books\Book;
use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Day\LineSet;
use Admek\Core\Day\Piece;
use Admek\Core\Instruments\Going;
use Admek\Core\Instruments\Turning;
use Admek\Core\InvalidValue;
use Admek\Core\Patterns\Factor;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Side;
use Admek\Core\Water\Signs\Light;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Sun;
use Admek\Core\Water\Signs\TemperatureProfile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;

/** Line-hours of one trip cut wherever anything changed, each with all that is known of how it was fished. */
final class FishedTrip
{
    /** m/s within which a line runs as deep. */
    private const ALIKE = 0.02;

    /** @var array<string, ?float> m, by set-up, speed and circle */
    private array $depths = [];

    private readonly Locker $locker;

    private readonly Day $day;

    private readonly ?TemperatureProfile $profile;

    private readonly ?Sun $sun;

    /** @var array<string, string|float> */
    private readonly array $signs;

    private readonly ?float $speed;

    /** Its water, whatever her speed. */
    private readonly Conditions $water;

    /** @var array<string, string> */
    private readonly array $sides;

    public function __construct(private readonly Trip $trip, private readonly Boat $boat, private readonly Track $track)
    {
        $this->locker = Locker::ever($boat, $trip);
        $this->day = Day::of(KeptEvents::of($trip));
        $this->profile = $trip->temperatureProfile();
        $this->sun = $trip->sun();
        $this->signs = $trip->signsSeen($this->day);
        $this->water = $trip->conditions(Conditions::FIRST_SPEED);
        $planned = Spread::query()->where('trip_id', $trip->id)->orderBy('id')->value('speed');
        $this->speed = is_numeric($planned) ? (float) $planned : null;
        $sides = [];
        foreach ($this->locker->holders() as $holder) {
            $sides[$holder->code] ??= $holder->side->value ?? Hull::AMIDSHIPS;
        }
        $this->sides = $sides;
    }

    /**
     * @param  float  $now  s since 1970 UTC
     * @return list<array{
     *     hours: float, bites: list<array{species: ?string, at: float}>, from: float, clock: float, sun: ?float,
     *     told: array<string, string|float>,
     * }>
     */
    public function pieces(float $now): array
    {
        $until = KeptEvents::until($this->trip, $this->boat, $now);
        $linesIn = (float) $this->trip->midnight($this->boat)->setTimeFromTimeString($this->trip->lines_in)->format('U');
        $spells = $this->day->fished($this->planned(...), $linesIn, $until);
        $going = Going::of($this->track->between($spells[0]->from ?? $until, $until));

        return array_map(
            fn (Piece $piece): array => $this->told($piece, $going), Piece::of($this->day, $spells, $until, $going->changes),
        );
    }

    /**
     * @return array{
     *     hours: float, bites: list<array{species: ?string, at: float}>, from: float, clock: float, sun: ?float,
     *     told: array<string, string|float>,
     * }
     */
    private function told(Piece $piece, Going $going): array
    {
        $middle = 0.5 * ($piece->from + $piece->until);
        $speed = $going->speed($piece->from, $piece->until) ?? $this->day->speedAt($middle) ?? $this->speed;
        $bottom = $going->bottom($piece->from, $piece->until) ?? $this->trip->bottom;
        $runs = $piece->line === null || $speed === null
            ? null : $this->depth($piece->line, $speed, $going->rate($piece->from, $piece->until) ?? 0.0);
        // As its bites are told: what would run deeper lies on the bottom.
        $depth = $runs === null ? null : Bottom::stopped($runs, $bottom) ?? $runs;
        $elevation = $this->sun?->at((int) $middle)['elevation'];
        $side = $this->sides[$piece->holder] ?? null;
        $light = $elevation === null ? null : Light::of(
            $elevation, Sky::tryFrom((string) ($this->signs['sky'] ?? '')), $this->boat->book(Book::Reading)->get('full_sun'),
        );
        $clock = now($this->boat->timezone)->setTimestamp((int) $middle);

        return [
            'hours' => $piece->hours(),
            'bites' => array_map(
                static fn (Bite $bite): array => ['species' => $bite->fish->species, 'at' => $bite->at], $piece->bites,
            ),
            'from' => $piece->from, 'clock' => $clock->hour + $clock->minute / 60.0, 'sun' => $elevation,
            'told' => array_filter([
                Factor::Lure->value => $piece->line?->lure, Factor::Finish->value => $piece->line?->finish,
                Factor::Presentation->value => is_string($piece->line?->setUp['presentation'] ?? null)
                    ? $piece->line->setUp['presentation'] : null,
                Factor::Depth->value => $depth, Factor::Side->value => $side,
                Factor::Turn->value => $going->turn($middle)?->on(Side::tryFrom((string) $side)),
                Factor::Speed->value => $speed, Factor::Light->value => $light?->value,
                Factor::Temperature->value => $depth === null ? null : $this->profile?->at($depth),
                Factor::Height->value => $depth === null || $bottom === null ? null : max(0.0, $bottom - $depth),
                Factor::Clarity->value => is_string($this->signs['clarity'] ?? null) ? $this->signs['clarity'] : null,
                Factor::Ground->value => $this->trip->ground === '' ? null : $this->trip->ground,
            ], static fn (mixed $told): bool => $told !== null && $told !== ''),
        ];
    }

    /** @return array<string, LineSet> by holder */
    private function planned(): array
    {
        $spread = Spread::query()->where('trip_id', $this->trip->id)->with('lines')->orderBy('id')->first();
        $lines = [];
        foreach ($this->locker->lines($spread?->rows() ?? []) as $line) {
            $lines[$line->holder->code] = new LineSet(
                $line->reel->name, $line->lure->name, $line->lure->finish, $this->locker->row($line),
            );
        }

        return $lines;
    }

    /**
     * m its lure runs at, in a turn as in a steady one on a circle like hers, in one too hard for that as straight on ({@see
     * Turning::HARD}); null where it cannot be told.
     *
     * @param  float  $rate  °/s to starboard
     */
    private function depth(LineSet $line, float $speed, float $rate): ?float
    {
        $speed = round($speed / self::ALIKE) * self::ALIKE;
        $conditions = $this->water->at(Conditions::trolled($speed));
        $rate = abs($rate) > Turning::HARD ? 0.0 : self::alike($rate);
        $key = json_encode($line->setUp)." {$speed} {$rate}";
        if (! array_key_exists($key, $this->depths)) {
            $this->depths[$key] = $this->running($line, $conditions->turningBy($rate))
                ?? ($rate === 0.0 ? null : $this->running($line, $conditions));
        }

        return $this->depths[$key];
    }

    /** Rates of turn that differ by less than a fifth are one; what is hardly a turn on the whole is none. */
    private static function alike(float $rate): float
    {
        return abs($rate) < Turning::STRAIGHT ? 0.0 : ($rate <=> 0.0) * 1.2 ** round(log(abs($rate), 1.2));
    }

    private function running(LineSet $line, Conditions $conditions): ?float
    {
        try {
            $plan = $this->locker->ablePlan([$line->setUp]);

            return $plan->lines === []
                ? null : (new SpreadSolver)->run($plan->lines[0], $conditions, withDoubt: false)->depth();
        } catch (InvalidValue|CannotTow) {
            // It is told of without a depth.
            return null;
        }
    }
}
