<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** One thing a trip uses up. */
final readonly class StoreItem
{
    /**
     * @param  string  $counted  what it is counted in: strips, baits, bottles, leaders, or mass (kg)
     */
    public function __construct(
        public string $key,
        public string $name,
        public float $needed,
        public string $counted,
        public float $aboard,
        public Sentence $why,
    ) {
    }

    /** So much of it, in words. */
    public function say(float $amount, Units $units): string
    {
        return $this->counted === 'mass' ? $units->say(Quantity::Mass, $amount) : sprintf('%d', $amount);
    }

    /** What is not aboard yet; strips are cut, not bought. */
    public function toBuy(): float
    {
        return $this->key === 'strips' ? 0.0 : max(0.0, $this->needed - $this->aboard);
    }
}
