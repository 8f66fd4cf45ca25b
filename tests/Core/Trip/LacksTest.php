<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Trip\Lacks;
use PHPUnit\Framework\TestCase;

final class LacksTest extends TestCase
{
    public function test_it_names_what_is_not_there_the_most_wanted_first_and_where_it_is_made_good(): void
    {
        self::assertSame([], Lacks::of(9, 9, true, true, true)->all);
        self::assertSame(['no limit of lines looked up' => 'trip'], self::told(Lacks::of(9, null, true, true, true)));
        self::assertSame(['9 lines are over your limit of 8' => 'spread'], self::told(Lacks::of(9, 8, true, true, true)));
        self::assertSame(
            [
                'no line is planned' => 'spread', 'no bottom depth' => 'trip', 'no water temperatures' => 'water',
                'no depths to fish' => 'water',
            ],
            self::told(Lacks::of(0, 8, false, false, false)),
        );
    }

    public function test_water_is_read_before_lines_are_planned(): void
    {
        self::assertSame('water', Lacks::of(0, 8, true, false, false)->next()['screen']);
        self::assertSame('Draft the spread', Lacks::of(0, 8, true, false, true)->next()['words']);
        self::assertSame('Open the spread', Lacks::of(9, 8, true, true, false)->next()['words'], 'as it was last time');
        self::assertSame('watch', Lacks::of(9, 8, true, true, true, out: true)->next()['screen']);
        self::assertSame('spread', Lacks::of(0, 8, true, true, true, out: true)->next()['screen'], 'with nothing to watch');
    }

    /** @return array<string, string> */
    private static function told(Lacks $lacks): array
    {
        return array_column($lacks->all, 'screen', 'words');
    }
}
