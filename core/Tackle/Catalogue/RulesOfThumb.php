<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** The figures the trade reckons depth with; each can be the boat's own. */
final readonly class RulesOfThumb
{
    /**
     * @param  float  $perColour  m a colour of leadcore takes a lure down
     * @param  float  $coreSpeed  m/s at which it does
     * @param  float  $diverShare  depth of a diver at dial 0 as a share of its let-out
     * @param  float  $diverSharePerMark  what each whole number of dial takes from that
     * @param  float  $bouncerScope  let-out over depth of a bouncer that ticks bottom
     * @param  float  $flatMost  most a diving lure on a flat line gets, as a share of its dive figure
     */
    private function __construct(
        public float $perColour,
        public float $coreSpeed,
        public float $diverShare,
        public float $diverSharePerMark,
        public float $bouncerScope,
        public float $flatMost,
    ) {
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'per_colour',
                'A colour of core takes it down',
                5 * Units::FOOT,
                0.3,
                6,
                Quantity::Leader,
                'Five feet a colour holds near 2 mph for mid lengths; the lure’s own figure comes on top.',
            ),
            new Rule(
                'core_speed',
                'That figure is told for',
                2 * Units::MPH,
                0.2,
                3,
                Quantity::Speed,
                'Core rises as you go faster; the rule does not know it.',
            ),
            new Rule(
                'diver_share',
                'A diver at dial 0, of its let-out',
                0.55,
                0.1,
                0.95,
                Quantity::Share,
                'Straight down it runs a little deeper than half of what is out.',
            ),
            new Rule(
                'diver_share_per_mark',
                'Less for each mark of the dial',
                0.05,
                0,
                0.2,
                Quantity::Share,
                'What pulls it aside no more pulls it down.',
            ),
            new Rule(
                'bouncer_scope',
                'Scope of a bouncer',
                2.0,
                1,
                6,
                Quantity::Count,
                'Twice the depth of line out ticks bottom in still water.',
            ),
            new Rule(
                'flat_most',
                'Most of a dive figure on a flat line',
                1.2,
                1,
                2,
                Quantity::Share,
                'Beyond that more line holds up what it should take down.',
            ),
        ];
    }

    public static function from(RuleBook $book): self
    {
        return new self(
            $book->get('per_colour'), $book->get('core_speed'), $book->get('diver_share'),
            $book->get('diver_share_per_mark'), $book->get('bouncer_scope'), $book->get('flat_most'),
        );
    }

    /**
     * @param  array<string, float>  $own  the boat's own figures by name; what is not there keeps its default
     *
     * @throws InvalidValue naming the field
     */
    public static function of(array $own = []): self
    {
        return self::from(RuleBook::of(self::rules(), $own));
    }
}
