<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\InvalidValue;

/** Fish seen on sonar. */
final readonly class Mark
{
    /** m and fish: least and most. */
    public const DEPTH = [0, 400];

    public const COUNT = [1, 500];

    /** What a mark is begun with. */
    public const FIRST = ['count' => 3, 'tight' => false, 'size' => 'medium'];

    /** So many are offered to tap. */
    public const COUNTS = [1, 2, 3, 5, 10, 20];

    public const SIZES = ['small', 'medium', 'large'];

    /**
     * @param  float  $depth  m
     * @param  int  $count  fish, as well as they can be told
     * @param  bool  $tight  in a bunch, not scattered
     * @param  string  $size  one of {@see SIZES}
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $depth, public int $count = 1, public bool $tight = false, public string $size = 'medium',
    ) {
        InvalidValue::unlessBetween('depth', $depth, ...self::DEPTH, unit: 'm');
        InvalidValue::unlessBetween('count', $count, ...self::COUNT);
        if (! in_array($size, self::SIZES, true)) {
            throw InvalidValue::because('size', 'one of '.implode(', ', self::SIZES));
        }
    }
}
