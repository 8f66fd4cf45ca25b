<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Towing\Lip;

/** A lure as the locker knows it. */
final readonly class DescribedLure
{
    /**
     * @param  ?RatedPoint  $rated  where it is known to run; null for what is typical of its kind
     * @param  ?float  $downArea  m², solved from the rated point once
     * @param  ?Lip  $lip  how that follows what is doubted
     * @param  ?int  $count  aboard; null where nobody has counted them
     */
    public function __construct(
        public string $name,
        public LureKind $kind,
        public string $finish = '',
        public ?RatedPoint $rated = null,
        public ?float $downArea = null,
        public ?Lip $lip = null,
        public ?int $count = null,
    ) {
    }

    /**
     * The lure that swims so, each figure over the sheet where it can be the captain's own.
     *
     * @throws InvalidValue naming the figure, or where no lip reaches the rated point
     */
    public function lure(FigureSheet $sheet = new FigureSheet): Lure
    {
        $words = $this->kind->word();
        $drag = $sheet->take('lure.drag_area', $this->kind->dragArea(), 'm²', "default for a {$words}");
        $weight = $sheet->take('lure.weight', $this->kind->weight(), 'N', "default for a {$words}");
        $mass = $sheet->take('lure.mass', $this->kind->mass(), 'kg', "default for a {$words}");
        if ($this->rated === null) {
            $made = Lure::ofKind($this->kind, $drag, $weight, $mass);
        } else {
            $lipless = Lure::lipless($this->kind, $drag, $weight, $mass);
            $made = $this->downArea !== null && $this->lip !== null
                ? $lipless->fitted($this->rated, $this->downArea, $this->lip)
                : $lipless->ratedAt($this->rated);
        }
        $lip = $sheet->take('lure.down_area', $made->downArea, 'm²', match (true) {
            $made->rated !== null => 'solved from its rated point',
            $this->kind->dives() => "typical for a {$words}: enter its rated point to know it",
            default => 'it has no lip',
        });

        return $lip === $made->downArea ? $made : $made->diving($lip);
    }
}
