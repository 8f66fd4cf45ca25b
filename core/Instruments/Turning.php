<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Units\Compass;

/**
 * The rate of turn from the headings of the last while: a straight line through them by least squares, its ± from how they lie
 * about it (Draper and Smith, Applied Regression Analysis, ch. 1). What is not surely a turn is none: a boat yaws in every sea.
 */
final class Turning
{
    /** s of headings it is told from. */
    public const WINDOW = 15.0;

    /** s and headings there must be. */
    private const LEAST = ['span' => 5.0, 'count' => 5];

    /** °/s below which she goes straight: a circle of 200 m at trolling speed. */
    public const STRAIGHT = 0.3;

    /** °/s beyond which a line is never where a steady circle would have it: no spread is kept on one so tight. */
    public const HARD = 1.5;

    /** Standard errors that tell it from none. */
    private const SURE = 2.0;

    /** @var list<array{float, float}> s and °, going on past 360 */
    private array $headings = [];

    /**
     * @param  float  $at  s, by any clock that goes on evenly
     * @param  float  $heading  °
     */
    public function take(float $at, float $heading): void
    {
        $last = $this->headings[count($this->headings) - 1] ?? null;
        if ($last !== null && ($at < $last[0] || $at - $last[0] > Live::SILENT)) {
            $this->headings = [];
            $last = null;
        }
        // By the shorter way round.
        $turned = $last === null ? $heading : $last[1] + Compass::turned($last[1], $heading);
        $this->headings[] = [$at, $turned];
        while ($this->headings[0][0] < $at - self::WINDOW) {
            array_shift($this->headings);
        }
    }

    /** °/s, to starboard; 0 where she goes straight, null where too little was heard. */
    public function rate(): ?float
    {
        $n = count($this->headings);
        if ($n < self::LEAST['count'] || $this->headings[$n - 1][0] - $this->headings[0][0] < self::LEAST['span']) {
            return null;
        }
        $meanAt = array_sum(array_column($this->headings, 0)) / $n;
        $mean = array_sum(array_column($this->headings, 1)) / $n;
        $tt = $th = $hh = 0.0;
        foreach ($this->headings as [$at, $heading]) {
            $tt += ($at - $meanAt) ** 2;
            $th += ($at - $meanAt) * ($heading - $mean);
            $hh += ($heading - $mean) ** 2;
        }
        $rate = $th / $tt;
        $error = sqrt(max(0.0, $hh - $rate * $th) / ($n - 2) / $tt);

        return abs($rate) < max(self::STRAIGHT, self::SURE * $error) ? 0.0 : $rate;
    }
}
