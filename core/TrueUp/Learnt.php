<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\Taught;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Doubt\Trued;

/** What soundings have taught, for lines of one trip. */
final readonly class Learnt implements Taught
{
    /**
     * @param  string  $trip  whose water and speed they run in
     * @param  list<string>  $aside  figures the captain does not go by, by {@see TrueUp::key()}: they stay at their defaults
     */
    public function __construct(public TrueUp $known, private string $trip, private array $aside = [])
    {
    }

    public function trued(DescribedLine $line, Rig $rig): ?Trued
    {
        return $this->known->trued($this->owners($line, $rig));
    }

    /** @return array<string, string> of its figures, by {@see \Admek\Core\Towing\Doubt\Doubt} */
    public function owners(DescribedLine $line, Rig $rig): array
    {
        $owners = Owners::of($line, $rig, $this->trip);
        foreach ($owners as $doubt => $owner) {
            if (in_array(TrueUp::key($doubt, $owner), $this->aside, true)) {
                $owners[$doubt] = "{$owner}, by default";
            }
        }

        return $owners;
    }
}
