<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Ground\Place;
use Admek\Core\Records\Outcome;
use Admek\Core\Towing\Side;

/** A bite with what was true of it then. */
final readonly class Bitten
{
    /**
     * @param  float  $at  s since 1970 UTC
     * @param  ?Side  $side  the rod stands on; null amidships
     * @param  ?Side  $turn  she was turning to; null on a straight course
     * @param  ?float  $depth  m its lure ran at
     * @param  ?float  $heading  ° true
     * @param  bool  $bait  whether it was taken on bait
     * @param  ?array{float, float, float, float}  $through  m from and to, and m/s from and to, that its lure went through in the
     *   turn; null where that was not read
     */
    public function __construct(
        public string $id, public float $at, public string $holder, public ?Side $side, public Outcome $outcome,
        public ?string $species, public string $finish, public bool $bait, public ?Side $turn, public ?float $depth,
        public ?float $heading, public ?Place $place, public ?array $through = null,
    ) {
    }
}
