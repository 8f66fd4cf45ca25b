<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\LureReach;
use Admek\Core\Spread\Plan\RiggingRules;

/** Which rod runs how, and at what depth: the most covered water for the rods there are, greedily, then bettered one by one. */
final readonly class Assignment
{
    private const MOST_ROUNDS = 6;

    /** What a board on each side adds to the worth: water to the side that the boat has not run over. */
    private const SPREAD = 0.04;

    /** Boards a side beyond which there is nothing more in that. */
    private const SPREAD_ENOUGH = 2;

    /**
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods  by holder
     * @param  float  $covered  share of the bands by weight
     * @param  float  $worth  what all lures together are worth
     */
    private function __construct(public array $rods, public float $covered, public float $worth)
    {
    }

    /**
     * @param  list<DraftBand>  $bands
     * @param  array<array-key, non-empty-list<Option>>  $options  by holder
     * @param  int  $boards  a side, of this way of sharing the rods
     * @param  ?Pieces  $pieces  aboard; null for as many as are wanted
     * @param  ?int  $mostOfEach  most lines that run short, and that run long, where both are to be tried; null for no matter
     */
    public static function of(
        array $bands, array $options, int $mostLines, int $boards = 0, LureReach $reach = new LureReach,
        RiggingRules $rigging = new RiggingRules, ?int $mostOfEach = null, ?Pieces $pieces = null,
    ): self {
        $water = new WantedWater($bands, $reach);
        $depths = $water->depths();
        $rods = [];
        while (count($rods) < min($mostLines, count($options))) {
            $best = null;
            $used = self::used($rods);
            foreach ($options as $holder => $ways) {
                $hasRoom = static fn (Option $way): bool => ($way->rides === null
                    || self::hasRoom($way->rides, $rods, $rigging->stacked))
                    && ($mostOfEach === null || $way->role->lead() === null || self::alike($way, $rods) < $mostOfEach)
                    && ($pieces?->allow($way->pieces, $used) ?? true);
                $ways = array_values(array_filter($ways, $hasRoom));
                if (isset($rods[$holder]) || $ways === []) {
                    continue;
                }
                $way = self::best($ways, $depths, $water);
                // Of equals the rod with the least choice goes first: others can still go elsewhere.
                if (
                    $best === null
                    || $way['gain'] > $best['gain'] + 1e-9
                    || ($way['gain'] > $best['gain'] - 1e-9 && $way['choice'] < $best['choice'])
                ) {
                    $best = ['holder' => (string) $holder] + $way;
                }
            }
            if ($best === null) {
                break;
            }
            $rods[$best['holder']] = [
                'option' => $best['option'], 'depth' => $best['depth'], 'first' => $water->isFirst($best['depth']),
            ];
            $water->put($best['depth']);
        }

        return self::bettered($rods, $options, $depths, $water, self::SPREAD * min($boards, self::SPREAD_ENOUGH), $pieces);
    }

    /**
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     * @param  array<array-key, non-empty-list<Option>>  $options
     * @param  list<float>  $depths
     */
    private static function bettered(
        array $rods, array $options, array $depths, WantedWater $water, float $worth, ?Pieces $pieces,
    ): self {
        for ($round = 0, $changed = true; $changed && $round < self::MOST_ROUNDS; $round++) {
            $changed = false;
            foreach ($rods as $holder => $rod) {
                $water->take($rod['depth']);
                $now = $water->gain($rod['depth'], $rod['option']->suits);
                // What is stacked stays so, and what it rides stays out; what runs short stays short.
                $used = self::used(array_diff_key($rods, [$holder => 0]));
                $ways = array_values(array_filter(
                    $options[$holder],
                    static fn (Option $way): bool => $way->role->lead() === $rod['option']->role->lead()
                        && ($pieces?->allow($way->pieces, $used) ?? true),
                ));
                $way = self::best($rod['option']->rides === null && $ways !== [] ? $ways : [$rod['option']], $depths, $water);
                if ($way['option']->rides === $rod['option']->rides && $way['gain'] > $now + 1e-6) {
                    $rod = ['option' => $way['option'], 'depth' => $way['depth'], 'first' => $rod['first']];
                    $changed = true;
                }
                $rod['first'] = $water->isFirst($rod['depth']);
                $water->put($rod['depth']);
                $rods[$holder] = $rod;
            }
        }
        foreach ($rods as $rod) {
            $water->take($rod['depth']);
        }
        foreach ($rods as $rod) {
            $worth += $water->gain($rod['depth'], $rod['option']->suits);
            $water->put($rod['depth']);
        }

        return new self($rods, $water->covered(), $worth);
    }

    /**
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     * @return array<string, int> how often each piece is in use
     */
    private static function used(array $rods): array
    {
        return Pieces::used(array_map(static fn (array $rod): array => $rod['option']->pieces, $rods));
    }

    /**
     * Rods that run as a way does, short or long.
     *
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     */
    private static function alike(Option $way, array $rods): int
    {
        return count(array_filter(
            $rods, static fn (array $rod): bool => $rod['option']->role->lead() === $way->role->lead(),
        ));
    }

    /**
     * Whether a cable is down and has fewer releases than a crew will stack.
     *
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     */
    private static function hasRoom(string $rigger, array $rods, int $most): bool
    {
        return isset($rods[$rigger]) && count(
            array_filter($rods, static fn (array $rod): bool => $rod['option']->rides === $rigger),
        ) < $most;
    }

    /**
     * The best way and depth for one rod as the water stands.
     *
     * @param  non-empty-list<Option>  $ways
     * @param  list<float>  $depths
     * @return array{option: Option, depth: float, gain: float, choice: int}
     */
    private static function best(array $ways, array $depths, WantedWater $water): array
    {
        $best = null;
        $choice = $gains = [];
        foreach ($ways as $way) {
            $suits = implode(' ', $way->suits);
            $within = array_filter($depths, $way->reaches(...));
            foreach ($within as $depth) {
                $choice[(string) $depth] = true;
            }
            // Where none of them lies in its reach: as near as it comes, for fish that look up.
            foreach ($within === [] ? [$way->deepest, $way->shallowest] : $within as $depth) {
                $gain = $gains[$suits][(string) $depth] ??= $water->gain($depth, $way->suits);
                if (
                    $best === null || $gain > $best['gain'] + 1e-9 || ($gain > $best['gain'] - 1e-9 && $depth < $best['depth'])
                ) {
                    $best = ['option' => $way, 'depth' => $depth, 'gain' => $gain];
                }
            }
        }

        return $best + ['choice' => count($choice)];
    }
}
