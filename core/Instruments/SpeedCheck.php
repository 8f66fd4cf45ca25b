<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Compass;

/**
 * The speed log held against the ground on two runs of opposite headings: its factor and the current at once.
 *
 * Over the ground she makes good g = f·s·h + c: s as the log shows, h her heading, f the log's factor, c the current, the
 * same on both runs. All samples of both together are solved by least squares, the ± from what is left (Draper and Smith,
 * Applied Regression Analysis, ch. 2).
 */
final readonly class SpeedCheck
{
    /** Samples a run has at least. */
    public const SAMPLES = 10;

    /** ° by which the runs' headings may fall short of opposite. */
    private const OFF = 30.0;

    /**
     * @param  float  $factor  true speed through the water for each that the log shows
     * @param  float  $factorError  its standard error
     * @param  array{float, float}  $current  m/s to the north and to the east
     * @param  float  $currentError  standard error of either
     */
    private function __construct(
        public float $factor, public float $factorError, public array $current, public float $currentError,
    ) {
    }

    /**
     * @param  list<array{log: float, heading: float, ground: float, course: float}>  $out  m/s and ° true, a sample each
     * @param  list<array{log: float, heading: float, ground: float, course: float}>  $back
     *
     * @throws InvalidValue naming the run, where the runs do not tell
     */
    public static function of(array $out, array $back): self
    {
        foreach (['out' => $out, 'back' => $back] as $name => $run) {
            if (count($run) < self::SAMPLES) {
                throw InvalidValue::because($name, 'a run of '.self::SAMPLES.' samples or more');
            }
        }
        $apart = Compass::apart(self::mean($out), self::mean($back));
        if ($apart < 180.0 - self::OFF) {
            throw InvalidValue::because('back', sprintf('a run on the opposite heading, within %d°', self::OFF));
        }
        // Normal equations of [f, north, east]: rows (s·cos h, 1, 0) and (s·sin h, 0, 1).
        $n = 0;
        $ss = $sn = $se = $sg = $gn = $ge = $gg = 0.0;
        foreach ([...$out, ...$back] as $sample) {
            [$h, $c] = [deg2rad($sample['heading']), deg2rad($sample['course'])];
            [$north, $east] = [$sample['log'] * cos($h), $sample['log'] * sin($h)];
            [$overNorth, $overEast] = [$sample['ground'] * cos($c), $sample['ground'] * sin($c)];
            $n++;
            $ss += $north ** 2 + $east ** 2;
            $sn += $north;
            $se += $east;
            $sg += $north * $overNorth + $east * $overEast;
            $gn += $overNorth;
            $ge += $overEast;
            $gg += $overNorth ** 2 + $overEast ** 2;
        }
        $spread = $ss - ($sn ** 2 + $se ** 2) / $n;
        if ($spread <= 1e-9 * max(1.0, $ss)) {
            throw InvalidValue::because('out', 'a run on which the log shows her moving');
        }
        $factor = ($sg - ($sn * $gn + $se * $ge) / $n) / $spread;
        $current = [($gn - $factor * $sn) / $n, ($ge - $factor * $se) / $n];
        $left = max(0.0, $gg - $factor * $sg - $current[0] * $gn - $current[1] * $ge);
        $variance = $left / (2 * $n - 3);

        return new self(
            $factor, sqrt($variance / $spread), $current,
            sqrt($variance * (1.0 / $n + max($sn ** 2, $se ** 2) / ($n ** 2 * $spread))),
        );
    }

    /**
     * Of a run, those at which all was read that tells.
     *
     * @param  iterable<TrackPoint>  $run
     * @param  float  $factor  the log was put right by
     * @return list<array{log: float, heading: float, ground: float, course: float}>
     */
    public static function samples(iterable $run, float $factor): array
    {
        $samples = [];
        foreach ($run as $point) {
            $read = array_intersect_key($point->figures, [
                Figure::WaterSpeed->value => 0, Figure::Heading->value => 0, Figure::GroundSpeed->value => 0,
                Figure::Course->value => 0,
            ]);
            if (count($read) === 4) {
                $samples[] = [
                    'log' => $read[Figure::WaterSpeed->value] / $factor, 'heading' => $read[Figure::Heading->value],
                    'ground' => $read[Figure::GroundSpeed->value], 'course' => $read[Figure::Course->value],
                ];
            }
        }

        return $samples;
    }

    /** ° true toward which the current sets. */
    public function set(): float
    {
        return fmod(rad2deg(atan2($this->current[1], $this->current[0])) + 360.0, 360.0);
    }

    /** @param  list<array{log: float, heading: float, ground: float, course: float}>  $run */
    private static function mean(array $run): float
    {
        $headings = array_map(deg2rad(...), array_column($run, 'heading'));

        return rad2deg(atan2(array_sum(array_map(sin(...), $headings)), array_sum(array_map(cos(...), $headings))));
    }
}
