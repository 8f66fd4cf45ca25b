<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

/** Takes places one by one, as many as a file has, and keeps no more than a bound: farther apart the more there are. */
final class Thinning
{
    /** m between places that are kept. */
    private float $apart = 2.0;

    /** @var list<Place> */
    private array $kept = [];

    private ?Place $last = null;

    public function __construct(private readonly int $most = Structure::MOST_PLACES)
    {
    }

    public function take(Place $place): void
    {
        $this->last = $place;
        $before = $this->kept[count($this->kept) - 1] ?? null;
        if ($before !== null && $place->to($before) < $this->apart) {
            return;
        }
        $this->kept[] = $place;
        if (count($this->kept) >= $this->most) {
            $this->apart *= 2;
            $kept = [];
            foreach ($this->kept as $one) {
                if ($kept === [] || $one->to($kept[count($kept) - 1]) >= $this->apart) {
                    $kept[] = $one;
                }
            }
            $this->kept = $kept;
        }
    }

    /** @return list<Place> the last of the file among them */
    public function places(): array
    {
        $end = $this->kept[count($this->kept) - 1] ?? null;

        return $this->last !== null && $end !== null && $this->last->to($end) > 0.5 ? [...$this->kept, $this->last] : $this->kept;
    }
}
