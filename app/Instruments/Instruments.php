<?php

declare(strict_types=1);

namespace App\Instruments;

use Admek\Core\Instruments\Corrections;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\Motion;

/** What the hub told last, as old as it is by now. */
final readonly class Instruments
{
    /** s at least from one look at figures that come to the next, and after they are due until they are there. */
    private const LOOK = 0.5;

    private const AFTER = 0.09;

    /** s by which figures may be late and are still looked for. */
    private const LATE = 0.5;

    /** s after which a hub that has not told is gone. */
    private const GONE = 5.0;

    /**
     * @param  array<string, Known>  $known
     * @param  list<array{name: string, state: string, silence: ?float}>  $sources  the captain's first
     * @param  array<string, array{used: int, faults: array<string, int>}>  $talkers  by source/talker
     * @param  string  $version  changes with what is told, and with what of it is live
     * @param  ?float  $again  s until figures come next; null where none do
     * @param  bool  $listens  whether a hub is there
     */
    private function __construct(
        public array $known, private ?float $turn, public array $sources, public array $talkers, public string $version,
        public ?float $again, public bool $listens,
    ) {
    }

    public static function none(): self
    {
        return new self([], null, [], [], '', null, false);
    }

    /**
     * @param  array<string, mixed>  $told  {@see LiveFile::write}
     * @param  float  $running  s, as the hub counts it
     * @param  float  $wall  s since 1970 UTC
     */
    public static function of(array $told, float $running, float $wall): self
    {
        // Asleep, the machine does not count; set back, its clock says nothing.
        $since = max(0.0, $running - $told['running'], $wall - $told['wall'] > $running - $told['running'] + 2.0
            ? $wall - $told['wall'] : 0.0);
        $known = [];
        foreach ($told['figures'] as $name => [$value, $source, $age, $others]) {
            $known[$name] = new Known($value, $source, $age + $since, $others);
        }
        $live = array_filter($known, static fn (Known $one): bool => $one->live);

        return new self(
            $known, $told['turn'],
            array_map(static fn (array $source): array => [
                'name' => $source['name'], 'state' => $source['state'],
                'silence' => $source['silence'] === null ? null : $source['silence'] + $since,
            ], array_values($told['sources'])),
            $told['talkers'], $told['version'].'.'.count($live), $live === [] ? null : self::again($told, $running),
            $since <= self::GONE,
        );
    }

    public function motion(Corrections $corrections): Motion
    {
        return Motion::of($this->known, $this->turn, $corrections);
    }

    /** @param  array<string, mixed>  $told */
    private static function again(array $told, float $running): float
    {
        if ($told['came'] === null || $told['every'] === null || $told['every'] <= 0.0) {
            return 1.0;
        }
        // Those that are due and not there yet are there in a moment.
        $late = $running - $told['came'] - $told['every'];
        if ($late >= 0.0 && $late < self::LATE) {
            return self::AFTER;
        }
        $bursts = ceil(max(0.0, $running + self::LOOK - $told['came']) / $told['every']);

        return min(2.0, $told['came'] + $bursts * $told['every'] + self::AFTER - $running);
    }
}
