<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Checks;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\TestCase;

final class ChecksTest extends TestCase
{
    private const EVERY = 1200.0;

    public function test_one_line_is_due_when_its_time_is_up_and_none_never(): void
    {
        self::assertSame(['P1' => 1260.0], Checks::due(['P1' => 60.0], self::EVERY));
        self::assertSame([], Checks::due([], self::EVERY));
        $this->expectException(InvalidValue::class);
        Checks::due(['P1' => 0.0], 1.0);
    }

    public function test_none_is_late_and_no_two_fall_due_at_once_however_they_were_set(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            mt_srand($seed);
            $seen = [];
            $count = mt_rand(2, 16);
            for ($i = 0; $i < $count; $i++) {
                $seen["R{$i}"] = (float) mt_rand(0, mt_rand(1, 3000));
            }
            $due = Checks::due($seen, self::EVERY);
            self::assertCount($count, $due);
            $last = -INF;
            foreach ($due as $holder => $at) {
                self::assertLessThanOrEqual($seen[$holder] + self::EVERY, $at);
                self::assertGreaterThanOrEqual(self::EVERY / $count - 1e-6, $at - $last);
                $last = $at;
            }
        }
    }

    public function test_a_round_in_which_each_is_checked_when_due_goes_on_evenly(): void
    {
        $seen = array_fill_keys(['P1', 'P2', 'S2', 'S1'], 0.0);
        $checks = [];
        for ($i = 0; $i < 40; $i++) {
            $due = Checks::due($seen, self::EVERY);
            $holder = (string) array_key_first($due);
            $checks[] = $at = $due[$holder];
            $seen[$holder] = $at;
        }
        for ($i = 9; $i < 40; $i++) {
            self::assertEqualsWithDelta(300.0, $checks[$i] - $checks[$i - 1], 1e-6);
        }
    }
}
