<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\TrueUp\Internal\Fit;
use Admek\Core\TrueUp\Internal\Symmetric;

/**
 * What a boat's soundings say of its gear, all of them fitted at once (docs/towing-model.md, True-up): each figure so many of its
 * own deviations x off its default, x ~ N(0, 1); a reading off the model's depth by a Student-t error of four degrees, so that one
 * that is false cannot pull far.
 */
final readonly class TrueUp
{
    /**
     * @param  array<string, int>  $places  of figures, each {@see Doubt} and whose it is
     * @param  list<float>  $at  deviations off its default, of each
     * @param  list<list<float>>  $covariance
     * @param  list<Reread>  $soundings
     */
    private function __construct(private array $places, private array $at, private array $covariance, public array $soundings)
    {
    }

    /** @param  list<Sounded>  $soundings */
    public static function of(array $soundings): self
    {
        $fit = new Fit($soundings);
        $reread = [];
        foreach ($fit->towed as $i => $towed) {
            $reread[] = new Reread($soundings[$i]->id, $towed->nominal, $fit->depths[$i], $fit->off($i), $fit->used[$i]);
        }

        return new self($fit->places, $fit->at, $fit->covariance, $reread);
    }

    /**
     * @param  array<string, string>  $owners  of a line's figures, by {@see Doubt}
     * @return ?Learnt null where no sounding speaks of any
     */
    public function learnt(array $owners): ?Learnt
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
            fn (string $other): float => $places[$one] === null || $places[$other] === null
                ? ($one === $other ? 1.0 : 0.0) : $this->covariance[$places[$one]][$places[$other]], $doubts,
        ), $doubts);
        $axes = [];
        foreach (Symmetric::eigen($known) as [$value, $vector]) {
            $length = sqrt(max(0.0, $value));
            $axes[] = array_combine($doubts, array_map(static fn (float $share): float => $length * $share, $vector));
        }

        return new Learnt($at, $axes);
    }

    public static function key(string $doubt, string $owner): string
    {
        return "{$doubt} of {$owner}";
    }
}
