<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** A side chain that meets the main one at a node: a lead from a release, a leader from a three-way. */
final readonly class Branch implements Element
{
    /**
     * @param  list<Element>  $elements  from its free end to the node
     *
     * @throws InvalidValue when empty
     */
    public function __construct(public array $elements)
    {
        if ($elements === []) {
            throw InvalidValue::because('branch', 'a list of at least one part');
        }
    }
}
