<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Numerics\Symmetric;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\TrueUp\Internal\Fit;

/**
 * What a boat's soundings say of its gear, all of them fitted at once (docs/true-up.md): each figure so many of its own
 * deviations x off its default, x ~ N(0, 1); a reading off the model's depth by a Student-t error of four degrees, so that
 * one that is false cannot pull far.
 */
final readonly class TrueUp
{
    /**
     * @param  array<string, int>  $places  of figures, each {@see Doubt} and whose it is
     * @param  array<int, float>  $at  deviations off its default, of each
     * @param  array<int, array<int, float>>  $covariance
     * @param  list<TruedFigure>  $figures
     * @param  list<Reread>  $soundings
     */
    private function __construct(
        private array $places, private array $at, private array $covariance, public array $figures, public array $soundings,
    ) {
    }

    /** @param  list<Sounded>  $soundings */
    public static function of(array $soundings): self
    {
        $fit = new Fit($soundings);
        $reread = [];
        foreach ($fit->towed as $i => $towed) {
            $reread[] = new Reread($soundings[$i]->id, $towed->nominal, $fit->depths[$i], $fit->off($i), $fit->used[$i]);
        }

        $figures = [];
        foreach ($fit->priors as $place => [$doubt, $owner, $prior]) {
            $figures[] = new TruedFigure($doubt, $owner, $prior, $fit->at[$place], sqrt($fit->covariance[$place][$place]));
        }

        return new self($fit->places, $fit->at, $fit->covariance, $figures, $reread);
    }

    /**
     * @param  array<string, string>  $owners  of a line's figures, by {@see Doubt}
     * @return ?Trued null where no sounding speaks of any
     */
    public function trued(array $owners): ?Trued
    {
        $places = [];
        foreach ($owners as $doubt => $owner) {
            $places[$doubt] = $this->places[self::key($doubt, $owner)] ?? null;
        }
        if (array_filter($places, is_int(...)) === []) {
            return null;
        }
        $doubts = array_keys($places);
        $at = array_map(fn (?int $place): float => $place === null ? 0.0 : $this->at[$place], $places);
        $known = array_map(fn (string $one): array => array_map(
            fn (string $other): float => $this->covariance(self::key($one, $owners[$one]), self::key($other, $owners[$other])),
            $doubts,
        ), $doubts);
        $axes = [];
        foreach (Symmetric::eigen($known) as [$value, $vector]) {
            $length = sqrt(max(0.0, $value));
            $axes[] = array_combine($doubts, array_map(static fn (float $share): float => $length * $share, $vector));
        }

        return new Trued($at, $axes);
    }

    /** Of two figures, in their own deviations; by themselves where no sounding speaks of one. */
    public function covariance(string $key, string $other): float
    {
        [$one, $beside] = [$this->places[$key] ?? null, $this->places[$other] ?? null];

        return $one === null || $beside === null ? ($key === $other ? 1.0 : 0.0) : $this->covariance[$one][$beside];
    }

    public static function key(string $doubt, string $owner): string
    {
        return "{$doubt} of {$owner}";
    }
}
