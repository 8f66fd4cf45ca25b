<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

/** Doubts worked out before, by the content of what they were worked out for. */
interface KeptDoubts
{
    /** @param  string  $key  of line, water and turn, as {@see \Admek\Core\Spread\Run\SpreadSolver} tells them apart */
    public function find(string $key): ?DepthDoubt;

    public function keep(string $key, DepthDoubt $doubt): void;
}
