<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Units\Sentence;

/** Something to change, with its reason; said until it is taken or refused, and never again for the same. */
final readonly class Change
{
    /**
     * @param  string  $key  what tells it from another; the same for the same
     * @param  Sentence  $do  what
     * @param  Sentence  $why  by what figures
     */
    public function __construct(public string $key, public Sentence $do, public Sentence $why)
    {
    }
}
