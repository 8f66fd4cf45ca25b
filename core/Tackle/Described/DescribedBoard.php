<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\BoardSize;

/** A planer board. */
final readonly class DescribedBoard
{
    public function __construct(public string $name, public BoardSize $size)
    {
    }
}
