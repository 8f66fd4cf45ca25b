<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Admek\Core\Files\ForecastText;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ForecastTextTest extends TestCase
{
    #[TestWith(['wind', '10 kt', 'mph', 10 * 1852 / 3600])]
    #[TestWith(['wind', '10', 'mph', 4.4704])]
    #[TestWith(['gust', '10 to 15 kn', 'mph', 15 * 1852 / 3600])]
    #[TestWith(['wave', '1–3 ft', 'm', 0.9144])]
    #[TestWith(['wave', '0,5', 'm', 0.5])]
    #[TestWith(['visibility', '2-4 km', 'mi', 2000.0])]
    #[TestWith(['from', '209', '', 209.0])]
    #[TestWith(['from', '209 °', '', 209.0])]
    #[TestWith(['from', 'NW', '', 315.0])]
    #[TestWith(['from', 'north-west', '', 315.0])]
    #[TestWith(['from', '  ', '', null])]
    public function test_a_figure_is_read_as_it_is_read_out_and_of_a_range_the_worse_end(
        string $field, string $text, string $otherwise, ?float $is,
    ): void {
        $read = ForecastText::read($field, $text, $otherwise);
        $is === null ? self::assertNull($read) : self::assertEqualsWithDelta($is, $read, 1e-9);
    }

    #[TestWith(['wind', 'fresh'])]
    #[TestWith(['wind', '10 ft'])]
    #[TestWith(['wave', '-1'])]
    #[TestWith(['from', 'leeward'])]
    public function test_what_is_no_such_figure_names_its_field(string $field, string $text): void
    {
        try {
            ForecastText::read($field, $text, $field === 'wave' ? 'ft' : 'mph');
            self::fail('it was read');
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);
        }
    }
}
