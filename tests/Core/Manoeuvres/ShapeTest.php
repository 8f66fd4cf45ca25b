<?php

declare(strict_types=1);

namespace Tests\Core\Manoeuvres;

use Admek\Core\Manoeuvres\Shape;
use Admek\Core\Towing\Motion\Moment;
use PHPUnit\Framework\TestCase;

final class ShapeTest extends TestCase
{
    public function test_what_is_packed_comes_back_to_the_last_bit(): void
    {
        $place = static fn (int $i): array => [$i / 3.0, -$i / 7.0, M_PI * $i];
        foreach ([[null, null], [$place(3), null], [$place(3), $place(4)], [null, $place(5)]] as [$board, $clip]) {
            foreach ([[], [[$place(6)], []], [array_map($place, range(7, 30)), [$place(31), $place(32)]]] as $branches) {
                $moment = new Moment(
                    2.0, ['lure' => $place(1), 'ball' => $place(2)], ['lure' => 1.0], $board, 12.5,
                    array_map($place, range(40, 61)), $branches, $clip,
                );
                $shape = Shape::of($moment);
                $packed = $shape->packed($moment);
                $solution = $shape->solution($packed, $moment->towTension);
                self::assertSame($moment->bodies, $shape->bodies($packed));
                self::assertSame(
                    [$moment->bodies, $board, $clip, $moment->path, $branches, 12.5],
                    [
                        $solution->bodies, $solution->board, $solution->clip, $solution->path, $solution->branchPaths,
                        $solution->towTension,
                    ],
                );
            }
        }
    }
}
