<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;

/** Hands out the figures a rig is made with, the captain's own where there is one, and remembers which were used. */
final class FigureSheet
{
    /** @var list<Figure> */
    private array $used = [];

    /** @param  array<string, float>  $own  by key */
    public function __construct(private readonly array $own = [])
    {
    }

    public function take(string $key, float $default, string $unit, string $source): float
    {
        $own = $this->own[$key] ?? null;
        $this->used[] = new Figure($key, $own ?? $default, $default, $unit, $source, $own !== null);

        return $own ?? $default;
    }

    /**
     * @return list<Figure>
     *
     * @throws InvalidValue when the captain entered a figure this rig does not have
     */
    public function figures(): array
    {
        $keys = array_map(static fn (Figure $figure): string => $figure->key, $this->used);
        foreach (array_keys($this->own) as $key) {
            if (! in_array($key, $keys, true)) {
                throw InvalidValue::because("overrides.{$key}", 'a figure of this rig: '.implode(', ', $keys));
            }
        }

        return $this->used;
    }
}
