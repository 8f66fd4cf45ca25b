<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\BoardSize;

/** A planer board. */
final readonly class DescribedBoard
{
    /** @param  int  $count  aboard */
    public function __construct(public string $name, public BoardSize $size, public int $count = 1)
    {
    }
}
