<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;

/**
 * A bottom profile as text: a line a place, how far along the course, how deep and, where anything does, how high it stands;
 * whatever separates them.
 */
final class ProfileFile
{
    /**
     * @param  string  $text  with or without a heading; "ft" or "m" in the heading says the units
     * @param  bool  $metric  what the figures are in where the heading does not say
     * @return list<array{along: float, depth: float, standing?: float}> m
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $text, bool $metric): array
    {
        $table = Table::read('profile', $text);
        $otherwise = $metric ? 'm' : 'ft';
        [$along, $depth, $standing] = array_map(
            static fn (int $column): Unit => Unit::inHeading(
                Quantity::Depth, $table->heading[$column] ?? '',
            ) ?? Unit::of(Quantity::Depth, $otherwise) ?? throw new \LogicException($otherwise),
            [0, 1, 2],
        );
        $places = [];
        foreach ($table->rows as ['line' => $line, 'cells' => $cells]) {
            $figures = array_map(Table::number(...), $cells);
            if (count($figures) < 2 || count($figures) > 3 || in_array(null, $figures, true)) {
                throw InvalidValue::because(
                    "profile line {$line}", 'two numbers, how far along and how deep, or a third: how high anything stands there',
                );
            }
            $place = [
                'along' => $along->toSi($figures[0]), 'depth' => $depth->toSi($figures[1]),
            ] + (isset($figures[2]) ? ['standing' => $standing->toSi($figures[2])] : []);
            if ($places !== [] && $place['along'] <= $places[count($places) - 1]['along']) {
                throw InvalidValue::because("profile line {$line}", 'farther along than the line before it');
            }
            if (count($places) === Bottom::MOST_PLACES) {
                throw InvalidValue::because("profile line {$line}", 'the last of at most '.Bottom::MOST_PLACES.' places');
            }
            $places[] = $place;
        }
        try {
            Bottom::profile($places);
        } catch (InvalidValue $invalid) {
            throw $places === [] ? InvalidValue::because('profile', 'a file with at least one place') : $invalid;
        }

        return $places;
    }
}
