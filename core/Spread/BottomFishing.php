<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\Tackle\BottomRig;
use Admek\Core\Tackle\LeadWeight;
use Admek\Core\Towing\TowSolver;

/** How a bottom rig stands: a weight should tick bottom, not drag, and a line steeper than 45° at it does (02 §6). */
final readonly class BottomFishing
{
    /** Degrees below the horizontal the line should keep at the weight. */
    public const STEEP_ENOUGH = 45.0;

    /**
     * @param  float  $angle  of the line at its lower end below the horizontal, degrees
     * @param  float  $scope  let-out over depth
     * @param  ?float  $lightest  kg of the lightest stock weight that keeps the line steep enough; null where none does
     */
    private function __construct(public float $angle, public float $scope, public ?float $lightest)
    {
    }

    /** Null for a rig that does not fish bottom by a weight. */
    public static function of(RunningLine $line, Conditions $conditions): ?self
    {
        $rig = $line->planned->rig;
        if (! $rig instanceof BottomRig) {
            return null;
        }
        $angle = static fn (BottomRig $rig): float => self::angle($line->planned->withRig($rig), $conditions);
        $lightest = null;
        foreach (LeadWeight::STOCK as $mass) {
            if ($angle($rig->withWeight($mass)) >= self::STEEP_ENOUGH) {
                $lightest = $mass;
                break;
            }
        }

        return new self($angle($rig), $rig->letOut() / max(0.1, $line->solution->bodies[BottomRig::WEIGHT][2]), $lightest);
    }

    /** Degrees below the horizontal at the lower end of the main line. */
    private static function angle(PlannedLine $line, Conditions $conditions): float
    {
        $loads = (new TowSolver)->loads($conditions->water(), $conditions->turn, $line->towLine());
        // The main line is the chain's last part; what lies below it pulls at its lower end.
        $below = $loads[count($loads) - 2];

        return $below->angle;
    }
}
