<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** What a trip still lacks before lines go in, each with the screen where it is made good, and the step that comes next. */
final readonly class Lacks
{
    /** Screens a lack is made good on. */
    public const TRIP = 'trip';

    public const WATER = 'water';

    public const SPREAD = 'spread';

    public const WATCH = 'watch';

    public const LOG = 'log';

    /** @param  list<array{words: string, screen: string}>  $all  the most wanted first */
    private function __construct(
        public array $all, private bool $water, private int $lines, private bool $out, private bool $over,
    ) {
    }

    /**
     * @param  int  $lines  planned
     * @param  ?int  $allowed  by the captain's own limit; null where none is entered
     * @param  bool  $out  whether she is off the dock
     * @param  bool  $over  whether its day was ended: nothing is lacking any more
     */
    public static function of(
        int $lines, ?int $allowed, bool $bottom, bool $temperatures, bool $bands, bool $out = false, bool $over = false,
    ): self {
        $all = [];
        foreach ([
            ['no line is planned', self::SPREAD, $lines === 0],
            ["{$lines} lines are over your limit of {$allowed}", self::SPREAD, $allowed !== null && $lines > $allowed],
            ['no bottom depth', self::TRIP, ! $bottom],
            ['no water temperatures', self::WATER, ! $temperatures],
            ['no depths to fish', self::WATER, ! $bands],
            ['no limit of lines looked up', self::TRIP, $allowed === null],
        ] as [$words, $screen, $lacks]) {
            if ($lacks && ! $over) {
                $all[] = ['words' => $words, 'screen' => $screen];
            }
        }

        return new self($all, $bands || $lines > 0, $lines, $out, $over);
    }

    /**
     * The one step to take now: water before lines, lines before the chores of the evening; once she is out
     * with lines to set, the watch.
     *
     * @return array{words: string, screen: string}
     */
    public function next(): array
    {
        return match (true) {
            $this->over => ['words' => 'Look at the day', 'screen' => self::LOG],
            ! $this->water => ['words' => 'Read the water', 'screen' => self::WATER],
            $this->lines === 0 => ['words' => 'Draft the spread', 'screen' => self::SPREAD],
            $this->out => ['words' => 'Go on watch', 'screen' => self::WATCH],
            default => ['words' => 'Open the spread', 'screen' => self::SPREAD],
        };
    }
}
