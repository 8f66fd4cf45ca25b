<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\TrueUp\Reread;
use Admek\Core\TrueUp\TruedFigure;
use Admek\Core\TrueUp\TrueUp;

/** What soundings teach, worked out while Admek runs: fitted again only where they or the gear have changed. */
final class TrueUpShelf
{
    public const MOST = 4;

    /** @var array{string, TrueUp}|null the last one asked for */
    private ?array $last = null;

    public function __construct(private readonly ?Shelf $shelf)
    {
    }

    /**
     * @param  string  $key  of all it follows from
     * @param  callable(): TrueUp  $make
     */
    public function known(string $key, callable $make): TrueUp
    {
        if ($this->last !== null && $this->last[0] === $key) {
            return $this->last[1];
        }
        $kept = $this->shelf?->find($key);
        $known = $kept === null ? null : unserialize(
            $kept, ['allowed_classes' => [TrueUp::class, TruedFigure::class, Reread::class, Doubt::class]],
        );
        if (! $known instanceof TrueUp) {
            $known = $make();
            $this->shelf?->keep($key, serialize($known));
        }
        $this->last = [$key, $known];

        return $known;
    }
}
