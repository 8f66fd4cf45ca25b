<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\KeptDoubts;

/** The ± worked out while Admek runs: some hundred spreads' of them. */
final readonly class DoubtShelf implements KeptDoubts
{
    public const MOST = 4000;

    public function __construct(private Shelf $shelf)
    {
    }

    public function find(string $key): ?DepthDoubt
    {
        $made = $this->shelf->find($key);
        if ($made === null) {
            return null;
        }
        /** @var array{float, float, float, array<string, float>} $figures */
        $figures = json_decode($made, true);

        return DepthDoubt::ofFigures($figures);
    }

    public function keep(string $key, DepthDoubt $doubt): void
    {
        $this->shelf->keep($key, json_encode($doubt->figures(), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
    }
}
