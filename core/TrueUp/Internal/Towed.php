<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp\Internal;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\Axes;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\TowLine;

/** A line's depth as its figures move: solved again from where it lay before. */
final class Towed
{
    /** Differences forgive a step twice the working one. */
    private const FINENESS = 0.5;

    /** Deviations to either side a slope is taken over. */
    private const STEP = 0.4;

    /** Doubts that mean something on it, by their values. @var list<string> */
    public readonly array $about;

    /** m by the default figures. */
    public readonly float $nominal;

    private readonly TowLine $line;

    private readonly Doubts $doubts;

    private SteadyTow $last;

    /** @throws CannotTow where the line itself has no steady run */
    public function __construct(PlannedLine $planned, private readonly Conditions $conditions)
    {
        $this->line = $planned->towLine($conditions->density);
        $this->doubts = $planned->doubts();
        $this->about = array_column(Axes::about($this->line, $this->doubts), 'value');
        $this->last = new SteadyTow($conditions->water(), $conditions->turn, $this->line, fineness: self::FINENESS);
        $this->last->solve();
        $this->nominal = $this->last->depthOf(Lure::BODY);
    }

    /**
     * @param  array<string, float>  $at  deviations by {@see Doubt}
     * @return ?float m; null where it has no steady run
     */
    public function depth(array $at): ?float
    {
        $trued = new Trued($at, $this->doubts);
        $water = $this->conditions->water();
        $tow = new SteadyTow(
            $water->flowing($trued->flow($water->flow, $this->nominal)), $this->conditions->turn, $this->line->trued($trued),
            fineness: self::FINENESS,
        );
        try {
            if (! $tow->follow($this->last)) {
                $tow->solve();
            }
        } catch (CannotTow) {
            return null;
        }
        $this->last = $tow;

        return $tow->depthOf(Lure::BODY);
    }

    /**
     * @param  array<string, float>  $at
     * @return array<string, float> m a deviation, by doubt
     */
    public function slopes(array $at): array
    {
        $slopes = [];
        foreach ($this->about as $doubt) {
            $here = $at[$doubt] ?? 0.0;
            $less = $this->depth([$doubt => $here - self::STEP] + $at);
            $more = $this->depth([$doubt => $here + self::STEP] + $at);
            $slopes[$doubt] = $less === null || $more === null ? 0.0 : 0.5 * ($more - $less) / self::STEP;
        }

        return $slopes;
    }
}
