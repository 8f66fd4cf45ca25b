<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/** A part of a chain: {@see Body}, {@see Line} or {@see Branch}. */
interface Element
{
}
