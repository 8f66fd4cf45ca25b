<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;

/**
 * What a spread is drafted from: the water wanted, the holders, the gear aboard and the limits.
 *
 * @phpstan-type HolderShape array{code: string, side: string, kind: string, aft: float, starboard: float, height: float}
 * @phpstan-type ReelShape array{name: string, material: string, colours?: ?float}
 * @phpstan-type LureShape array{name: string, kind: string}
 * @phpstan-type BallShape array{name: string, mass: float}
 * @phpstan-type SizedShape array{name: string, size: string}
 * @phpstan-type GearShape array{reel: list<ReelShape>, lure: list<LureShape>, ball: list<BallShape>, diver: list<SizedShape>, board: list<SizedShape>}
 */
final readonly class DraftTask
{
    /**
     * @param  non-empty-list<DraftBand>  $bands  in order of priority
     * @param  list<HolderShape>  $holders  as a line's description knows them, port bow round the stern
     * @param  GearShape  $gear  as a line's description knows it
     * @param  int  $mostLines  the entered limit, or what the anglers may fish
     * @param  array{float, float, float}  $mast  m in the towing frame
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public array $bands,
        public array $holders,
        public array $gear,
        public Conditions $conditions,
        public SpreadLimits $limits,
        public int $mostLines,
        public array $mast = [0.0, 0.0, -3.0],
        public bool $metric = false,
    ) {
        if (array_sum(array_map(static fn (DraftBand $band): float => $band->weight, $bands)) <= 0.0) {
            throw InvalidValue::because('bands', 'a list in which a band has some weight');
        }
        foreach (['reel', 'lure'] as $part) {
            if ($gear[$part] === []) {
                throw InvalidValue::because('gear', "with a {$part} aboard");
            }
        }
    }
}
