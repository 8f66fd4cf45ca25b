<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Instruments\Internal\Lines;

/** All that is heard on the lines a boat listens to, as it comes, and what it makes known. */
final class Hearing
{
    private readonly Live $live;

    private Turning $turning;

    /** What the rate of turn was last told from. */
    private string $turnedBy = '';

    /** @var array<string, Lines> by line */
    private array $lines = [];

    /** @var array<string, float> when each line was last heard, s */
    private array $heard = [];

    /** @param  list<string>  $order  of lines, the captain's first */
    public function __construct(array $order = [])
    {
        $this->live = new Live($order);
        $this->turning = new Turning;
    }

    /**
     * @param  string  $line  it came by; no / in it
     * @param  float  $at  s, by any clock that goes on evenly
     * @return list<string> figures that were told
     */
    public function take(string $line, string $bytes, float $at): array
    {
        $told = [];
        foreach (($this->lines[$line] ??= new Lines)->take($bytes) as $sentence) {
            $heard = Nmea::read($sentence);
            $this->live->take($heard->talker === '' ? $line : "{$line}/{$heard->talker}", $heard, $at);
            $told += $heard->figures;
            if (isset($heard->figures[Figure::Heading->value]) || isset($heard->figures[Figure::MagneticHeading->value])
                || isset($heard->figures[Figure::Course->value])) {
                $this->turned($at);
            }
        }
        if ($bytes !== '') {
            $this->heard[$line] = $at;
        }

        return array_keys($told);
    }

    /**
     * As it is known at a moment.
     *
     * @return array<string, Known> by figure
     */
    public function at(float $now): array
    {
        return $this->live->at($now);
    }

    /** °/s to starboard over the last {@see Turning::WINDOW} s; null where nothing tells. */
    public function turn(): ?float
    {
        return $this->turning->rate();
    }

    /** @return array<string, float> s since each line was heard */
    public function silence(float $now): array
    {
        return array_map(static fn (float $at): float => max(0.0, $now - $at), $this->heard);
    }

    /** @return array<string, array{used: int, faults: array<string, int>}> by line/talker, in order */
    public function sources(): array
    {
        return $this->live->sources();
    }

    private function turned(float $at): void
    {
        $known = $this->live->at($at);
        // A course over the ground tells a turn only where no compass is heard.
        foreach ([Figure::Heading, Figure::MagneticHeading, Figure::Course] as $figure) {
            $told = $known[$figure->value] ?? null;
            if ($told === null || ! $told->live) {
                continue;
            }
            // Two compasses, or a compass and a course, differ by more than she turned.
            $by = "{$figure->value} {$told->source}";
            if ($by !== $this->turnedBy) {
                [$this->turning, $this->turnedBy] = [new Turning, $by];
            }
            if ($told->age === 0.0) {
                $this->turning->take($at, $told->value);
            }

            return;
        }
    }
}
