<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** A figure as it is known at a moment. */
final readonly class Known
{
    public bool $live;

    /**
     * @param  string  $source  it is heard from
     * @param  float  $age  s
     * @param  array<string, float>  $others  what other sources tell that are not silent
     */
    public function __construct(public float $value, public string $source, public float $age, public array $others = [])
    {
        $this->live = $age <= Live::SILENT;
    }

    /** @param  callable(float): float  $change */
    public function changed(callable $change): self
    {
        return new self($change($this->value), $this->source, $this->age, array_map($change, $this->others));
    }

    /** Of another figure that follows from this one. */
    public function telling(float $value): self
    {
        return new self($value, $this->source, $this->age);
    }
}
