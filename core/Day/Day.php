<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Day\Internal\OnRod;
use Admek\Core\Records\Outcome;

/**
 * A day as its events tell it: states of the lines, how long each fished, the fish. The same for a day under way and for
 * history; it does not matter in which order they came, how often, or what was taken back.
 */
final readonly class Day
{
    /** s within which two bites on one rod are hardly two fish. */
    private const TWICE = 120.0;

    /**
     * @param  list<Event>  $log  what counts, earlier first
     * @param  array<array-key, LineNow>  $lines  by holder
     * @param  list<Spell>  $spells  in the order they began
     * @param  array<string, Bite>  $bites  by id, earlier first
     */
    private function __construct(public array $log, public array $lines, public array $spells, public array $bites)
    {
    }

    /** @param  list<Event>  $events */
    public static function of(array $events): self
    {
        $log = self::standing($events);
        /** @var array<array-key, OnRod> $rods */
        $rods = [];
        $bites = [];
        foreach ($log as $event) {
            if ($event->kind === EventKind::Bite) {
                $bites[$event->id] = new Bite($event->id, (string) $event->holder, $event->at);
            }
            if ($event->kind === EventKind::Ended) {
                // Nothing fishes after it, whatever nobody told to be in.
                array_walk($rods, static fn (OnRod $rod) => $rod->over($event->at));
            } elseif ($event->kind->isOfBite()) {
                $bite = $bites[(string) $event->of] ?? null;
                if ($bite !== null) {
                    $bites[$bite->id] = $bite->after($event);
                    $rods[$bite->holder]->ended($event);
                }
            } elseif ($event->holder !== null) {
                ($rods[$event->holder] ??= new OnRod($event->holder, $event->at))->take($event);
            }
        }
        $spells = array_merge([], ...array_map(static fn (OnRod $rod): array => $rod->spells(), array_values($rods)));
        usort($spells, static fn (Spell $a, Spell $b): int => [$a->from, $a->holder] <=> [$b->from, $b->holder]);

        return new self($log, array_map(static fn (OnRod $rod): LineNow => $rod->now(), $rods), $spells, $bites);
    }

    /** @return array<array-key, float> when each line that fishes was last seen, by its holder, s since 1970 UTC */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->lines as $holder => $line) {
            if ($line->state === LineState::Fishing && $line->seen !== null) {
                $seen[$holder] = $line->seen;
            }
        }

        return $seen;
    }

    /**
     * As lines fished; a day told by its bites alone is taken to have been fished as it was planned, from lines in, or the first
     * bite, until it was over.
     *
     * @param  \Closure(): array<array-key, LineSet>  $planned  by holder
     * @param  float  $linesIn  s since 1970 UTC
     * @param  float  $until  s
     * @return list<Spell>
     */
    public function fished(\Closure $planned, float $linesIn, float $until): array
    {
        if ($this->spells !== [] || $this->bites === []) {
            return $this->spells;
        }
        $from = min([$linesIn, $until, ...array_map(static fn (Bite $bite): float => $bite->at, array_values($this->bites))]);
        $spells = [];
        foreach ($planned() as $holder => $line) {
            $spells[] = new Spell((string) $holder, $line, $from, $until);
        }

        return $spells;
    }

    /** h that lines have fished by then, of one rod or of all. */
    public function lineHours(float $now, ?string $holder = null): float
    {
        $hours = 0.0;
        foreach ($this->spells as $spell) {
            $hours += $holder === null || $spell->holder === $holder ? $spell->hours($now) : 0.0;
        }

        return $hours;
    }

    /**
     * Bites told twice, as it seems: two on one rod, by different hands, with no time between to land a fish and set it again.
     *
     * @param  array<string, string>  $who  told each event, by its id
     * @return list<array{one: string, other: string}> ids of the bite that tells more, and of the one it could stand for too
     */
    public function twice(array $who): array
    {
        $twice = $last = [];
        foreach ($this->bites as $bite) {
            $before = $last[$bite->holder] ?? null;
            $last[$bite->holder] = $bite;
            $byOthers = $before !== null && ($who[$bite->id] ?? '') !== ($who[$before->id] ?? '');
            if ($byOthers && $bite->at - $before->at < self::TWICE) {
                [$one, $other] = $bite->ended && ! $before->ended ? [$bite, $before] : [$before, $bite];
                $twice[] = ['one' => $one->id, 'other' => $other->id];
            }
        }

        return $twice;
    }

    /**
     * Fish landed, by species.
     *
     * @return array<string, array{landed: int, kept: int, released: int}>
     */
    public function fish(): array
    {
        $fish = [];
        foreach ($this->bites as $bite) {
            if ($bite->kept !== null || $bite->outcome === Outcome::Landed) {
                $species = $bite->fish->species ?? '';
                $of = $fish[$species] ?? ['landed' => 0, 'kept' => 0, 'released' => 0];
                $fish[$species] = [
                    'landed' => $of['landed'] + 1, 'kept' => $of['kept'] + ($bite->kept === true ? 1 : 0),
                    'released' => $of['released'] + ($bite->kept === false ? 1 : 0),
                ];
            }
        }

        return $fish;
    }

    /**
     * Fish kept against the bags the captain entered.
     *
     * @param  array<string, int>  $bags  by species
     * @return list<array{species: string, kept: int, bag: int, full: bool}>
     */
    public function bags(array $bags): array
    {
        $fish = $this->fish();
        $told = [];
        foreach ($bags as $species => $bag) {
            $kept = $fish[$species]['kept'] ?? 0;
            $told[] = ['species' => $species, 'kept' => $kept, 'bag' => $bag, 'full' => $kept >= $bag];
        }

        return $told;
    }

    /** Code of the rod an event is of, of what came of a bite too; null where it is of none. */
    public function rodOf(Event $event): ?string
    {
        return $event->holder ?? ($event->kind->isOfBite() ? ($this->bites[(string) $event->of] ?? null)?->holder : null);
    }

    /** The last of a kind that counts. */
    public function last(EventKind $kind): ?Event
    {
        $all = $this->all($kind);

        return $all === [] ? null : $all[count($all) - 1];
    }

    /** @return list<Event> of a kind that count, earlier first */
    public function all(EventKind $kind): array
    {
        return array_values(array_filter($this->log, static fn (Event $event): bool => $event->kind === $kind));
    }

    /** m/s the captain goes by since it was last told; null where it was not. */
    public function speed(): ?float
    {
        return $this->last(EventKind::Speed)?->figure('speed');
    }

    /** m/s that was told last by a moment; null where none was. */
    public function speedAt(float $at): ?float
    {
        $speed = null;
        foreach ($this->all(EventKind::Speed) as $event) {
            $speed = $event->at <= $at ? $event->figure('speed') ?? $speed : $speed;
        }

        return $speed;
    }

    /**
     * Signs of the water as they were read, each as it was told last on the water since; what is not known is not among them.
     *
     * @param  array<string, string|float|null>  $read  by sign; at, s since 1970 UTC, when that was
     * @return array<string, string|float>
     */
    public function signs(array $read): array
    {
        $told = array_map(
            static fn (Event $event): array => $event->at > ($read['at'] ?? 0.0) ? $event->tells : [],
            $this->all(EventKind::Signs),
        );

        return array_filter(
            array_diff_key(array_merge($read, ...$told), ['note' => 0, 'at' => 0]),
            static fn (mixed $sign): bool => $sign !== null,
        );
    }

    /**
     * Each at the time it happened, where a clock that was wrong had told another: what is moved twice is moved by both.
     *
     * @param  list<Event>  $standing
     * @return list<Event>
     */
    private static function moved(array $standing): array
    {
        $by = [];
        foreach ($standing as $event) {
            foreach ($event->moves() as $id) {
                $by[$id] = ($by[$id] ?? 0.0) + ($event->figure('by') ?? 0.0);
            }
        }

        return array_map(
            static fn (Event $event): Event => isset($by[$event->id]) ? $event->later($by[$event->id]) : $event, $standing,
        );
    }

    /**
     * Each once, in order, without what was taken back; a taking back that was itself taken back does not count.
     *
     * @param  list<Event>  $events
     * @return list<Event>
     */
    private static function standing(array $events): array
    {
        $once = [];
        foreach ($events as $event) {
            $once[$event->id] ??= $event;
        }
        // A taking back may only be taken back by one named after it: so none waits for itself.
        krsort($once, SORT_STRING);
        $gone = [];
        foreach ($once as $id => $event) {
            $of = (string) $event->of;
            $isVoid = $event->kind === EventKind::Void && ! isset($gone[$id]);
            if ($isVoid && (($once[$of] ?? null)?->kind !== EventKind::Void || strcmp($of, (string) $id) < 0)) {
                $gone[$of] = true;
            }
        }
        $standing = self::moved(array_values(array_filter(
            $once, static fn (Event $event): bool => $event->kind !== EventKind::Void && ! isset($gone[$event->id]),
        )));
        $once = array_column($standing, null, 'id') + $once;
        // Clocks differ: what came of a bite came after it. Of one moment a bite is before that, and else as they were named.
        $when = [];
        foreach ($standing as $event) {
            $bite = $event->kind->isOfBite() ? ($once[(string) $event->of] ?? null) : null;
            $when[$event->id] = [max($event->at, $bite->at ?? $event->at), $event->kind->isOfAnother(), $event->id];
        }
        usort($standing, static fn (Event $a, Event $b): int => $when[$a->id] <=> $when[$b->id]);

        return $standing;
    }
}
