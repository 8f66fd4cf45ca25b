<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

/** What the tow point was pulled with, linear between the times it was told at. */
final class PullRecord
{
    /** s a pull is the mean of. */
    private const MEAN = 1.0;

    /** @var list<array{float, float, float}> s, N, and N·s since the start */
    private array $told = [];

    public function tell(float $time, float $pull): void
    {
        $last = $this->told[count($this->told) - 1] ?? null;
        $impulse = $last === null ? 0.0 : $last[2] + 0.5 * ($last[1] + $pull) * ($time - $last[0]);
        $this->told[] = [$time, $pull, $impulse];
        while ($last !== null && count($this->told) > 2 && $this->told[1][0] < $last[0] - self::MEAN) {
            array_shift($this->told);
        }
    }

    /** N, over the second that ends at a time within what was told, or since the start if that is less. */
    public function mean(float $time): float
    {
        $from = max($time - self::MEAN, $this->told[0][0]);

        return $time - $from > 1e-9 ? ($this->impulse($time) - $this->impulse($from)) / ($time - $from) : $this->told[0][1];
    }

    private function impulse(float $time): float
    {
        for ($i = count($this->told) - 1; $i > 0; $i--) {
            [$from, $pull, $impulse] = $this->told[$i - 1];
            if ($from <= $time) {
                [$to, $next] = $this->told[$i];
                $part = ($time - $from) / ($to - $from);

                return $impulse + ($time - $from) * ($pull + 0.5 * $part * ($next - $pull));
            }
        }

        return 0.0;
    }
}
