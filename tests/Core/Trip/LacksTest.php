<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Trip\Lacks;
use PHPUnit\Framework\TestCase;

final class LacksTest extends TestCase
{
    public function test_it_names_what_is_not_there_the_most_wanted_first(): void
    {
        self::assertSame([], Lacks::of(9, 9, true, true, true));
        self::assertSame([], Lacks::of(9, null, true, true, true), 'no limit was entered');
        self::assertSame(['9 lines are over your limit of 8'], Lacks::of(9, 8, true, true, true));
        self::assertSame(
            ['no line is planned', 'no bottom depth', 'no water temperatures', 'no depths to fish'],
            Lacks::of(0, 8, false, false, false),
        );
    }
}
