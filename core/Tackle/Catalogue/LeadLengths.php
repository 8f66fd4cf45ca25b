<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** The school of muskie leads a boat fishes by, and how long the short and the long ones are. */
final readonly class LeadLengths
{
    /**
     * @param  array{float, float}  $short  m from and to
     * @param  array{float, float}  $long  m from and to
     */
    public function __construct(public Leads $school, public array $short, public array $long)
    {
    }
}
