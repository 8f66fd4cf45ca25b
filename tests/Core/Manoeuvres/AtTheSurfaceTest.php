<?php

declare(strict_types=1);

namespace Tests\Core\Manoeuvres;

use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class AtTheSurfaceTest extends TestCase
{
    private const SPEED = 1.03;

    /** @return iterable<string, array{LureKind}> */
    public static function lures(): iterable
    {
        foreach (LureKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('lures')]
    public function test_line_that_comes_and_goes_through_the_surface_is_followed_from_where_it_rests(LureKind $kind): void
    {
        $conditions = new Conditions(self::SPEED);
        $course = Manoeuvre::of(ManoeuvreKind::Turn)->course($conditions);
        foreach ([40.0, 80.0, 110.0, 140.0] as $feet) {
            [$line] = $this->running([Lines::line('P1', 'flat', [
                'let_out' => $feet * Units::FOOT, 'lure' => ['name' => 'Lure', 'kind' => $kind->value, 'finish' => ''],
            ])]);
            $spread = SpreadInTime::of([$line], $conditions, $course, [0.0, 5.0]);
            self::assertSame([], $spread->lost, "{$feet} ft");
            self::assertEqualsWithDelta($line->depth(), $spread->frames['P1'][0]->depth(), 0.15);
        }
    }

    /**
     * @param  list<array<string, mixed>>  $described
     * @return list<RunningLine>
     */
    private function running(array $described): array
    {
        return (new SpreadSolver)->all(Lines::planned($described), new Conditions(self::SPEED));
    }
}
