<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Card;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\FreshLine;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Towing\CannotTow;

/** How deep a lure runs behind a reel, alone behind the boat: what is penned on its box, and taped on the rod. */
final readonly class LureRuns
{
    /**
     * @param  DescribedHolder  $from  the rod it is run from
     * @param  list<float>  $speeds  m/s through the water
     */
    public function __construct(
        private DescribedHolder $from, private array $speeds, private float $density, private RiggingRules $rules,
        private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /**
     * With as much out as such a line is begun with, or so much.
     *
     * @param  ?float  $out  m, or colours of core
     * @return ?array{presentation: Presentation, control: Control, runs: list<?RunningLine>} one at each speed, null where it
     *   has no steady run; null altogether where this reel cannot pull it
     */
    public function behind(DescribedReel $reel, DescribedLure $lure, ?float $out = null): ?array
    {
        try {
            $planned = $this->line($reel, $lure);
            $planned = $planned === null || $out === null ? $planned : $planned->withControl($out);
        } catch (InvalidValue) {
            $planned = null;
        }
        if ($planned === null) {
            return null;
        }
        $runs = [];
        foreach ($this->speeds as $speed) {
            try {
                $runs[] = $this->solver->run($planned, new Conditions($speed, density: $this->density));
            } catch (CannotTow) {
                $runs[] = null;
            }
        }

        return ['presentation' => self::presentation($reel), 'control' => $planned->rig->control(), 'runs' => $runs];
    }

    /** As it is begun alone behind the boat; null where this reel cannot pull it. */
    public function line(DescribedReel $reel, DescribedLure $lure): ?PlannedLine
    {
        try {
            return SpreadPlan::of([(new FreshLine(new GearAboard([$reel], [$lure]), [], $this->rules))->in(
                $this->from, self::presentation($reel), BoardUse::None, $reel,
            )])->lines[0];
        } catch (InvalidValue) {
            return null;
        }
    }

    private static function presentation(DescribedReel $reel): Presentation
    {
        return match (true) {
            $reel->material === Material::Leadcore => Presentation::Core,
            $reel->material->isWire() => Presentation::Wire,
            default => Presentation::Flat,
        };
    }

    /**
     * What a lure adds to the depth of core: against a bare hook on the same core, over the speeds.
     *
     * @param  float  $colours  out
     * @return ?array{float, float} least and most, m; null where it has no steady run
     */
    public function adds(DescribedReel $core, DescribedLure $lure, float $colours): ?array
    {
        $with = $this->behind($core, $lure, $colours)['runs'] ?? [];
        $without = $this->behind($core, new DescribedLure('', LureKind::SlowSpinHook), $colours)['runs'] ?? [];
        $adds = [];
        foreach ($with as $i => $run) {
            $bare = $without[$i] ?? null;
            if ($run !== null && $bare !== null) {
                $adds[] = $run->depth() - $bare->depth();
            }
        }

        return $adds === [] ? null : [min($adds), max($adds)];
    }
}
