<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\InvalidValue;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** Why a reading is likely not of the line it is told of: another lure on it, another length out, bottom that is not there. */
final readonly class LikelyCause
{
    /** A counter is forgotten by less than this share of what is out; more is another rod, or no such depth. */
    private const FORGOTTEN = 0.6;

    public function __construct(private SpreadSolver $solver = new SpreadSolver)
    {
    }

    /**
     * @param  PlannedLine  $line  as it is taken to run
     * @param  float  $depth  m that was read
     * @param  array<string, PlannedLine>  $others  the same line pulling each other lure aboard, by the lure's name
     *
     * @throws CannotTow where the line itself has no steady run
     */
    public function of(
        PlannedLine $line, Conditions $conditions, float $depth, float $deviation, SoundingMethod $by, array $others,
    ): Sentence {
        $runs = $this->solver->run($line, $conditions, withDoubt: false)->depth();
        $figures = ['read' => [Quantity::Depth, $depth], 'runs' => [Quantity::Depth, $runs]];
        if ($by === SoundingMethod::Bottom && $depth < $runs) {
            return Sentence::of(
                'Was bottom there? It touched at {read#}, where the line runs at {runs}: a rise, weed or a fish feels so.',
                $figures,
            );
        }
        [$lure, $miss] = $this->nearest($others, $conditions, $depth);
        if ($lure !== null && $miss < $deviation) {
            return Sentence::of(
                'Another lure? With {lure} on it the line runs at {read}, not at {runs}.', ['lure' => $lure] + $figures,
            );
        }
        try {
            $control = $line->rig->control();
            $reach = $this->solver->reach($line, $conditions, $depth);
            $more = $reach->control - $control->value;
            if ($reach->reached && $line->isCounted() && abs($more) < self::FORGOTTEN * $control->value) {
                return Sentence::of(
                    'Was the counter set to nought? With {more} {way} out it runs at {read}, not at {runs}.',
                    ['more' => [Quantity::Length, abs($more)], 'way' => $more > 0.0 ? 'more' : 'less'] + $figures,
                );
            }
        } catch (CannotTow|InvalidValue) {
            // What sets it does not tell.
        }

        return Sentence::of('Was it this rod? Nothing aboard runs at {read} on it: the line runs at {runs}.', $figures);
    }

    /**
     * @param  array<string, PlannedLine>  $others
     * @return array{?string, float} whose depth is nearest to what was read, and by how much it misses, m
     */
    private function nearest(array $others, Conditions $conditions, float $depth): array
    {
        [$nearest, $least] = [null, INF];
        foreach ($others as $lure => $line) {
            try {
                $miss = abs($this->solver->run($line, $conditions, withDoubt: false)->depth() - $depth);
            } catch (CannotTow) {
                continue;
            }
            if ($miss < $least) {
                [$nearest, $least] = [$lure, $miss];
            }
        }

        return [$nearest, $least];
    }
}
