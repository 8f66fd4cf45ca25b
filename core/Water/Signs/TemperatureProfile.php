<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Water\ReadingRules;

/** Water temperature by depth: straight between readings, and as the nearest beyond them. */
final readonly class TemperatureProfile
{
    /** m between places the gradient is taken at. */
    private const STEP = 0.1;

    /** m and °C a reading can be: least and most. */
    public const DEPTH = [0, 400];

    /** m down to which a reading tells of the surface. */
    public const SURFACE = 3.0;

    public const CELSIUS = [Salinity::COLDEST, Salinity::WARMEST];

    /**
     * @param  non-empty-list<float>  $depths  m, rising
     * @param  non-empty-list<float>  $celsius
     */
    private function __construct(private array $depths, private array $celsius)
    {
    }

    /**
     * @param  list<array{depth: float, celsius: float}>  $readings  in any order
     *
     * @throws InvalidValue naming the reading
     */
    public static function of(array $readings): self
    {
        if ($readings === []) {
            throw InvalidValue::because('temperatures', 'at least one reading');
        }
        foreach ($readings as $i => $reading) {
            InvalidValue::unlessBetween("temperatures.{$i}.depth", $reading['depth'], ...self::DEPTH, unit: 'm');
            InvalidValue::unlessBetween("temperatures.{$i}.celsius", $reading['celsius'], ...self::CELSIUS, unit: '°C');
        }
        usort($readings, static fn (array $a, array $b): int => $a['depth'] <=> $b['depth']);
        foreach ($readings as $i => $reading) {
            if ($i > 0 && $reading['depth'] - $readings[$i - 1]['depth'] < 1e-6) {
                throw InvalidValue::because("temperatures.{$i}.depth", 'another depth than the reading before it');
            }
        }

        return new self(array_column($readings, 'depth'), array_column($readings, 'celsius'));
    }

    public function at(float $depth): float
    {
        $last = count($this->depths) - 1;
        if ($depth <= $this->depths[0]) {
            return $this->celsius[0];
        }
        for ($i = 1; $i <= $last; $i++) {
            if ($depth <= $this->depths[$i]) {
                $share = ($depth - $this->depths[$i - 1]) / ($this->depths[$i] - $this->depths[$i - 1]);

                return $this->celsius[$i - 1] + $share * ($this->celsius[$i] - $this->celsius[$i - 1]);
            }
        }

        return $this->celsius[$last];
    }

    /** m of the deepest reading. */
    public function reaches(): float
    {
        return $this->depths[count($this->depths) - 1];
    }

    /** °C at the surface; null where no reading was taken near it. */
    public function surface(): ?float
    {
        return $this->depths[0] <= self::SURFACE ? $this->celsius[0] : null;
    }

    public function warmest(): float
    {
        return max($this->celsius);
    }

    public function coldest(): float
    {
        return min($this->celsius);
    }

    /**
     * Depths whose water lies between two temperatures, top down.
     *
     * @param  float  $from  °C
     * @param  float  $to  °C
     * @param  float  $bottom  m, where the column ends
     * @return list<array{top: float, bottom: float}> m
     */
    public function within(float $from, float $to, float $bottom): array
    {
        $edges = [0.0, $bottom, ...array_filter($this->depths, static fn (float $depth): bool => $depth < $bottom)];
        for ($i = 1, $n = count($this->depths); $i < $n; $i++) {
            [$warm, $cold] = [$this->celsius[$i - 1], $this->celsius[$i]];
            foreach ([$from, $to] as $edge) {
                if (($warm - $edge) * ($cold - $edge) < 0.0) {
                    $edges[] = $this->depths[$i - 1] + ($edge - $warm) / ($cold - $warm) * (
                        $this->depths[$i] - $this->depths[$i - 1]
                    );
                }
            }
        }
        $edges = array_values(array_unique(array_filter($edges, static fn (float $depth): bool => $depth <= $bottom)));
        sort($edges);
        $stretches = [];
        for ($i = 1, $n = count($edges); $i < $n; $i++) {
            $here = $this->at(0.5 * ($edges[$i - 1] + $edges[$i]));
            if ($here < $from - 1e-9 || $here > $to + 1e-9) {
                continue;
            }
            $last = count($stretches) - 1;
            if ($last >= 0 && $edges[$i - 1] - $stretches[$last]['bottom'] < 1e-6) {
                $stretches[$last] = ['top' => $stretches[$last]['top'], 'bottom' => $edges[$i]];
            } else {
                $stretches[] = ['top' => $edges[$i - 1], 'bottom' => $edges[$i]];
            }
        }

        return $stretches;
    }

    /**
     * The layers where it cools fast, by the gradient over a stretch as thick as a layer must at least be; the
     * thermocline is the steepest of them. Readings close together or far apart come to the same.
     *
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @return list<Layer> top down
     */
    public function layers(RuleBook $rules): array
    {
        [$thick, $enough] = [$rules->get('thermocline_thickness'), $rules->get('thermocline_gradient')];
        $layers = [];
        $open = null;
        $steps = (int) floor(max(0.0, $this->reaches() - $thick) / self::STEP + 1e-6);
        for ($i = 0; $i <= $steps + 1; $i++) {
            $top = $i * self::STEP;
            $gradient = $i > $steps ? 0.0 : ($this->at($top) - $this->at($top + $thick)) / $thick;
            if ($gradient >= $enough - 1e-9) {
                $open = [
                    'top' => $open['top'] ?? $top,
                    'bottom' => $top + $thick,
                    'steepest' => max($gradient, $open['steepest'] ?? 0.0),
                ];
            } elseif ($open !== null) {
                $layers[] = new Layer(
                    $open['top'], $open['bottom'], $this->at($open['top']), $this->at($open['bottom']), $open['steepest'],
                );
                $open = null;
            }
        }

        return $layers;
    }

    /** @param  RuleBook  $rules  of {@see ReadingRules} */
    public function thermocline(RuleBook $rules): ?Layer
    {
        $layers = $this->layers($rules);
        usort($layers, static fn (Layer $a, Layer $b): int => $b->steepest <=> $a->steepest);

        return $layers[0] ?? null;
    }
}
