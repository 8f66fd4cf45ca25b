<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Day;
use Admek\Core\Day\Spell;
use Admek\Core\Files\LoggerFile;
use Admek\Core\Instruments\Going;
use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\TrueUp\Trace;
use Admek\Core\Units\Units;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\SoundedGear;
use Carbon\CarbonImmutable;

/** A logger's trace matched to when a rod's line was out that day: a sounding for each time it settled. */
final readonly class LoggerTrace
{
    /** @param  list<array{from: float, until: float, at: float, depth: ?float, count: int, says: ?string}>  $readings */
    private function __construct(
        public LoggerFile $file, public array $readings, private Trip $trip, private Boat $boat, private Day $day,
        private string $holder,
    ) {
    }

    /**
     * @param  float  $offset  s the logger's clock is behind
     *
     * @throws InvalidValue where the trace cannot be read, or tells of no time the line was out
     */
    public static function of(Trip $trip, Boat $boat, string $holder, string $text, ?string $unit, float $offset): self
    {
        $file = LoggerFile::read($text, Units::from($boat->units), $trip->date->format('Y-m-d'), $boat->timezone, $unit);
        $day = Day::of(KeptEvents::of($trip));
        $until = KeptEvents::until($trip, $boat, (float) now()->format('U'));
        $spells = array_values(array_map(
            static fn (Spell $spell): array => ['from' => $spell->from, 'until' => $spell->until ?? $until],
            array_filter($day->spells, static fn (Spell $spell): bool => $spell->holder === $holder && $spell->line !== null),
        ));
        if ($spells === []) {
            throw InvalidValue::because('holder_id', "a rod whose line was told to be out that day: {$holder} was not");
        }
        $points = array_map(static fn (array $point): array => [$point[0] + $offset, $point[1]], $file->points);
        $readings = Trace::readings($points, $spells);
        if (array_filter($readings, static fn (array $one): bool => $one['count'] > 0) === []) {
            $clock = static fn (float $at): string => CarbonImmutable::createFromTimestamp((int) $at, $boat->timezone)
                ->format('G:i');
            throw InvalidValue::because('offset', sprintf(
                'such that its times lie where %s was out, %s to %s: they run from %s to %s. Is its clock off?',
                $holder, $clock($spells[0]['from']), $clock($spells[count($spells) - 1]['until']),
                $clock($points[0][0]), $clock($points[count($points) - 1][0]),
            ));
        }

        return new self($file, $readings, $trip, $boat, $day, $holder);
    }

    /** @return list<int> ids of what was kept */
    public function keep(Track $track, SpreadSolver $solver): array
    {
        $kept = [];
        $planned = Spread::query()->where('trip_id', $this->trip->id)->orderBy('id')->first()?->speed;
        $going = Going::of($track->between($this->readings[0]['from'], $this->readings[count($this->readings) - 1]['until']));
        $locker = Locker::ever($this->boat)->untaught();
        $water = $this->trip->conditions(Conditions::FIRST_SPEED);
        foreach ($this->readings as $reading) {
            $spell = $this->spellAt($reading['at']);
            $speed = $going->speed($reading['from'], $reading['until']) ?? $this->day->speedAt($reading['at']) ?? $planned;
            if ($reading['depth'] === null || $spell?->line === null || $speed === null) {
                continue;
            }
            /** @var array<string, mixed> $row */
            $row = $spell->line->setUp;
            $conditions = $water->at($speed);
            try {
                $line = $locker->ablePlan([$row])->lines[0] ?? null;
                $model = $line === null ? null : $solver->run($line, $conditions, withDoubt: false)->depth();
            } catch (InvalidValue|CannotTow) {
                $model = null;
            }
            if ($model !== null) {
                $kept[] = SoundedGear::take(
                    $this->boat, $this->trip, gmdate('Y-m-d\TH:i:s\Z', (int) $reading['at']), SoundingMethod::Logger,
                    new Sounding($reading['depth'], $model, $speed), $row, [], $conditions,
                );
            }
        }

        return $kept;
    }

    private function spellAt(float $at): ?Spell
    {
        foreach ($this->day->spells as $spell) {
            if ($spell->holder === $this->holder && $spell->from <= $at && ($spell->until === null || $at <= $spell->until)) {
                return $spell;
            }
        }

        return null;
    }
}
