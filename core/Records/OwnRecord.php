<?php

declare(strict_types=1);

namespace Admek\Core\Records;

use Admek\Core\InvalidValue;

/**
 * Bites on a thing over the rod-days it was fished, drawn toward what the boat's rods take on the whole: the less of it there
 * is, the more (Gamma–Poisson, the mean of the posterior for a prior worth so many rod-days).
 */
final readonly class OwnRecord
{
    /** Rod-days the boat's mean is worth beside a thing's own. */
    private const PRIOR = 3.0;

    /** @throws InvalidValue naming bites or rod_days */
    public function __construct(public int $bites, public int $rodDays)
    {
        if ($bites < 0) {
            throw InvalidValue::because('bites', 'at least 0');
        }
        if ($rodDays < 0) {
            throw InvalidValue::because('rod_days', 'at least 0');
        }
    }

    /** Share of the boat's mean rate it takes: 1 where nothing is known of it, or of the boat. */
    public function share(self $boat): float
    {
        if ($boat->rodDays === 0 || $boat->bites === 0) {
            return 1.0;
        }
        $mean = $boat->bites / $boat->rodDays;

        return ($this->bites + self::PRIOR * $mean) / (($this->rodDays + self::PRIOR) * $mean);
    }

    /** How much of a record it is, beside the boat's mean: 0 where there is none, near 1 where there is much. */
    public function weight(): float
    {
        return $this->rodDays / ($this->rodDays + self::PRIOR);
    }
}
