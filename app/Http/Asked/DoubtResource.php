<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Towing\Doubt\DepthDoubt;
use JsonSerializable;

/** How sure a depth is, in metres to its two sides; told as one where they hardly differ. */
final readonly class DoubtResource implements JsonSerializable
{
    public function __construct(private DepthDoubt $doubt)
    {
    }

    /** @return array{shallower: float, deeper: float, skewed: bool} */
    public function jsonSerialize(): array
    {
        return $this->doubt->told();
    }
}
