<?php

declare(strict_types=1);

namespace Admek\Core\Boat;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Sentence;

/** The row of rods as they stand: port bow, round the stern, starboard bow. */
final readonly class Rail
{
    /** Letters that say a side, and what they are on the other. */
    private const OTHER_SIDE = ['P' => 'S', 'S' => 'P', 'L' => 'R', 'R' => 'L'];

    /** @param  list<DescribedHolder>  $holders  port bow round the stern */
    private function __construct(public array $holders)
    {
    }

    /**
     * Puts holders in the order they stand in.
     *
     * @param  list<DescribedHolder>  $holders  in any order
     *
     * @throws InvalidValue naming holders.{index}.{field}, as they came
     */
    public static function of(array $holders): self
    {
        $codes = [];
        foreach ($holders as $i => $holder) {
            $code = strtolower($holder->code);
            if ($holder->code === '' || isset($codes[$code])) {
                throw InvalidValue::because("holders.{$i}.code", 'a code unlike every other holder’s');
            }
            $codes[$code] = true;
        }
        usort($holders, static fn (DescribedHolder $a, DescribedHolder $b): int => self::place($a) <=> self::place($b));

        return new self($holders);
    }

    /** One side made like the other: what stood there goes, codes are told by the side's letter. */
    public function mirrored(Side $from): self
    {
        $kept = array_values(array_filter(
            $this->holders, static fn (DescribedHolder $holder): bool => $holder->side === null || $holder->side === $from,
        ));
        $to = $from === Side::Port ? Side::Starboard : Side::Port;
        $taken = array_fill_keys(
            array_map(static fn (DescribedHolder $holder): string => strtolower($holder->code), $kept), true,
        );
        $counters = [];
        foreach ($this->holders as $holder) {
            $counters[strtolower($holder->code)] = $holder;
        }
        $all = $kept;
        foreach ($kept as $holder) {
            if ($holder->side !== null) {
                $code = self::free(self::mirroredCode($holder->code), $taken);
                $taken[strtolower($code)] = true;
                $was = $counters[strtolower($code)] ?? null;
                $all[] = new DescribedHolder(
                    $code, $to, $holder->kind, $holder->aft, -$holder->starboard, $holder->height,
                    $was->counterCalibrated ?? false, $was->counterFactor ?? 1.0,
                );
            }
        }

        return self::of($all);
    }

    /**
     * What a captain would look at twice.
     *
     * @return list<Sentence>
     */
    public function remarks(Hull $hull): array
    {
        $remarks = [];
        foreach ($this->holders as $holder) {
            if ($hull->isFarFrom($holder->aft, $holder->starboard)) {
                $remarks[] = Sentence::of('{code} stands far off the boat.', ['code' => $holder->code]);
            }
            $expected = match (true) {
                $holder->side === Side::Port && $holder->starboard > 0.0 => 'port',
                $holder->side === Side::Starboard && $holder->starboard < 0.0 => 'starboard',
                default => null,
            };
            if ($expected !== null) {
                $remarks[] = Sentence::of(
                    '{code} is of the {side} side and stands on the other.', ['code' => $holder->code, 'side' => $expected],
                );
            }
        }

        return $remarks;
    }

    /**
     * Side by side: to port from bow to stern, across the stern to starboard, and to starboard from stern to bow.
     *
     * @return array{int, float, string}
     */
    private static function place(DescribedHolder $holder): array
    {
        return match ($holder->side) {
            Side::Port => [0, $holder->aft, $holder->code],
            null => [1, $holder->starboard, $holder->code],
            Side::Starboard => [2, -$holder->aft, $holder->code],
        };
    }

    private static function mirroredCode(string $code): string
    {
        $letter = strtoupper($code[0]);
        $other = self::OTHER_SIDE[$letter] ?? null;

        return $other === null ? $code : ($code[0] === $letter ? $other : strtolower($other)).substr($code, 1);
    }

    /** @param  array<string, true>  $taken  in small letters */
    private static function free(string $code, array $taken): string
    {
        for ($number = 1; isset($taken[strtolower($code)]); $number++) {
            $code = "X{$number}";
        }

        return $code;
    }
}
