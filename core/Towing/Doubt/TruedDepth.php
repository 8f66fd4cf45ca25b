<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;

/** A depth as the figures behind it move: solved again from where the line lay before. */
final class TruedDepth
{
    /** Differences forgive a step twice the working one. */
    private const FINENESS = 0.5;

    /** Deviations to either side a slope is taken over. */
    private const STEP = 0.4;

    /** @var list<string> values of the doubts that mean something on it */
    public readonly array $about;

    /** m by the figures as they are given. */
    public readonly float $nominal;

    private SteadyTow $last;

    /**
     * @param  string  $body  whose depth it is
     *
     * @throws CannotTow where the line itself has no steady run
     */
    public function __construct(
        private readonly Water $water, private readonly ?Turn $turn, private readonly TowLine $line,
        private readonly string $body, public readonly Doubts $doubts,
    ) {
        $this->about = array_column(Axes::about($line, $doubts), 'value');
        $this->last = new SteadyTow($water, $turn, $line, fineness: self::FINENESS);
        $this->last->solve();
        $this->nominal = $this->last->depthOf($body);
    }

    /**
     * @param  array<string, float>  $at  deviations by {@see Doubt}
     * @return ?float m; null where it has no steady run
     */
    public function depth(array $at): ?float
    {
        $trued = new Trued($at);
        $tow = new SteadyTow(
            $this->water->flowing($trued->flow($this->water->flow, $this->nominal, $this->doubts)), $this->turn,
            $this->line->trued($trued, $this->doubts), fineness: self::FINENESS,
        );
        try {
            if (! $tow->follow($this->last)) {
                $tow->solve();
            }
        } catch (CannotTow) {
            return null;
        }
        $this->last = $tow;

        return $tow->depthOf($this->body);
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
