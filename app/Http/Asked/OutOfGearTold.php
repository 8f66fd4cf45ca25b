<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Manoeuvres\Sinking;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Units;

/** Lines while the boat lies out of gear, the first to clear first. */
final class OutOfGearTold
{
    /**
     * @param  list<Sinking>  $sinking
     * @param  ?float  $bottom  m
     * @return array{bottom: ?float, says: string, lines: list<SinkingResource>}
     */
    public static function of(array $sinking, ?float $bottom, RuleBook $rules, Units $units): array
    {
        return [
            'bottom' => $bottom, 'says' => OutOfGear::says($sinking, $bottom, $rules)->in($units),
            'lines' => array_map(static fn (Sinking $line): SinkingResource => new SinkingResource($line, $units), $sinking),
        ];
    }
}
