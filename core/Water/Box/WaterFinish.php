<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Tackle\Parts\Finish;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\WaterSigns;

/** Finishes that a water and its light ask for: what the page says and what the lure box goes by are this one choice. */
final readonly class WaterFinish
{
    /** Degrees of sun under which light is low, whatever the water. */
    private const LOW_SUN = 10.0;

    /**
     * @param  list<Finish>  $wanted
     * @param  string  $family  in words
     * @param  string  $why  of the water
     * @param  ?Sentence  $for  why a lure of them is; null where none is wanted before others
     * @param  ?Sentence  $against  why one of none of them is not; null where it is no worse
     * @param  bool  $half  whether it is a leaning and no more
     */
    private function __construct(
        public array $wanted, public string $family, public string $why,
        public ?Sentence $for = null, public ?Sentence $against = null,
        public bool $half = false,
    ) {
    }

    /**
     * @param  ?float  $sun  degrees up; null where it is not known, or high enough
     * @return ?self null where nothing is known that asks for any
     */
    public static function at(WaterSigns $signs, ?float $sun): ?self
    {
        return match (true) {
            self::isLow($sun) => self::low(),
            $signs->clarity === Clarity::Stained => new self(
                [Finish::Loud, Finish::Glow], 'Loud: glow, gold, copper, hot colours',
                'Stained water swallows all that does not shine or shout.',
                Sentence::of('Stained water: what shines or shouts is found.'),
                Sentence::of('Stained water hides so quiet a finish.'),
            ),
            $signs->sky === Sky::Overcast => new self(
                [Finish::Loud, Finish::Glow], 'Loud to middling: copper, glow, green',
                'Little light comes through cloud and tint.', Sentence::of('Under cloud a louder finish carries.'), half: true,
            ),
            $signs->clarity === Clarity::Clear => new self(
                [Finish::Natural, Finish::Dark], 'Natural: silver, blue, black-based',
                'Clear and bright they see all of it: nothing that is not a fish.',
                Sentence::of('Clear water: they see all of it, and this looks like bait, or is a shape and no more.'),
                Sentence::of('In clear water it is seen for what it is.'),
            ),
            $signs->clarity === Clarity::Tinted => new self(
                [], 'Half natural, half loud', 'Between clear and stained the fish decide: one of each a side.',
            ),
            default => null,
        };
    }

    private static function low(): self
    {
        $why = 'Low light: what glows, or stands dark against it, is found.';

        return new self([Finish::Glow, Finish::Dark], 'Glow, or dark', $why, Sentence::of($why));
    }

    /**
     * Whether light is low at a height of the sun, below the horizon too.
     *
     * @param  ?float  $sun  degrees up
     */
    public static function isLow(?float $sun): bool
    {
        return $sun !== null && $sun < self::LOW_SUN;
    }
}
