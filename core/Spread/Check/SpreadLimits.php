<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What a spread is held to; every threshold can be the boat's own. */
final readonly class SpreadLimits
{
    /** m: least and most. */
    public const CLEARANCE = [0, 30];

    public const NEAR_RODS = 6.0;

    /** m two lines must keep. */
    public float $tangle;

    /** m from its own rod tip within which nothing of a line is called a tangle. */
    public float $nearRods;

    /** m/s a boat wanders about the speed she is held at. */
    public float $wander;

    /** m neighbouring boards must keep. */
    public float $boards;

    /** m they must keep where one of them pulls a big lure. */
    public float $bigBoards;

    /** m of band without a lure that are worth a word. */
    public float $bare;

    /** m two lures in one band must be apart in depth while other feet of it are bare. */
    public float $doubled;

    /** Share of its own free spread below which a board counts as laid back. */
    public float $laidBack;

    public LureReach $reach;

    /** m nearer than which a fish's line fouls another: it does not come in straight. */
    public float $fishWay;

    /** m behind the transom where a fish is led to the net. */
    public float $net;

    /** Degrees below the horizontal the line of a weight on bottom keeps at the water. */
    public float $steepEnough;

    /** Its let-out over depth at most. */
    public float $mostScope;

    /**
     * @param  ?int  $lines  as the captain entered it; null where nothing was entered
     * @param  ?Bottom  $bottom  null where it is not known
     * @param  array<string, array{float, float}>  $bands  top and bottom in m by species
     * @param  float  $clearance  m of water the captain wants under the gear at least; its doubt is added where that is more
     * @param  ?RuleBook  $book  of {@see rules()}; null for the defaults
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public ?int $lines = null,
        public ?Bottom $bottom = null,
        public array $bands = [],
        public float $clearance = 0.0,
        private ?RuleBook $book = null,
    ) {
        InvalidValue::unlessBetween('clearance', $clearance, ...self::CLEARANCE, unit: 'm');
        $held = $book ?? RuleBook::of(self::rules());
        $this->tangle = $held->get('tangle');
        $this->nearRods = $held->get('near_rods');
        $this->wander = $held->get('wander');
        $this->boards = $held->get('boards');
        $this->bigBoards = $held->get('big_boards');
        $this->bare = $held->get('bare');
        $this->doubled = $held->get('doubled');
        $this->laidBack = $held->get('laid_back');
        $this->reach = new LureReach($held->get('serves_above'), $held->get('serves_below'));
        $this->fishWay = $held->get('fish_way');
        $this->net = $held->get('net');
        $this->steepEnough = $held->get('steep_enough');
        $this->mostScope = $held->get('most_scope');
    }

    /** @param  float  $clearance  m */
    public function withClearance(float $clearance): self
    {
        return new self($this->lines, $this->bottom, $this->bands, $clearance, $this->book);
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'tangle',
                'Two lines keep',
                3 * Units::FOOT,
                0,
                50,
                Quantity::Leader,
                'Lines wander by a yard in a sea; nearer, a fish on one takes the other with it.',
            ),
            new Rule(
                'near_rods', 'Nothing is called a tangle from its own rod for', self::NEAR_RODS, 0, 20, Quantity::Leader,
                'Rods stand closer than lines may run.',
            ),
            new Rule(
                'wander', 'Speed wanders up and down by', 0.3 * Units::MPH, 0.02, 1, Quantity::Speed,
                'In a sea, and with a hand on the throttle: the deck card tells both ends, a weight on bottom stays there at the '
                .'upper one.',
            ),
            new Rule(
                'boards',
                'Neighbouring boards keep',
                15 * Units::FOOT,
                0,
                100,
                Quantity::Length,
                'Closer, a fish that takes one board back crosses the next.',
            ),
            new Rule(
                'big_boards',
                'The same where one pulls a big lure',
                25 * Units::FOOT,
                0,
                100,
                Quantity::Length,
                'Big plugs and bucktails swing wide and turn sharp.',
            ),
            new Rule(
                'bare',
                'Bare water is worth a word from',
                8 * Units::FOOT,
                0,
                100,
                Quantity::Depth,
                'A lure serves about so much of it: less is covered by the next one’s reach.',
            ),
            new Rule(
                'doubled',
                'Two lures of a band are apart by',
                2 * Units::FOOT,
                0,
                20,
                Quantity::Leader,
                'While other feet of it are bare, nearer ones fish the same water twice.',
            ),
            new Rule(
                'laid_back',
                'A board is laid back under this share of its own spread',
                0.7,
                0,
                1,
                Quantity::Share,
                'What trails it has taken it in: fish, weed, or too much gear.',
            ),
            new Rule(
                'serves_above', 'A lure serves the water over it for', LureReach::ABOVE, 0, 6, Quantity::Leader,
                'Fish look up: what is above them and near they see; what is below they seldom do.',
            ),
            new Rule(
                'serves_below', 'and under it for', LureReach::BELOW, 0.3, 15, Quantity::Leader,
                'From so far down they come up to it.',
            ),
            new Rule(
                'fish_way', 'A fish on clears lines nearer than', 2.5, 0, 20, Quantity::Leader,
                'It does not come in straight.',
            ),
            new Rule(
                'net', 'The net waits behind the transom by', 4.0, 0, 20, Quantity::Leader,
                'Nearer than that the crew lifts one rod over another.',
            ),
            new Rule(
                'steep_enough', 'A weight on bottom keeps its line at the water at', 45.0, 10, 85, Quantity::Angle,
                'Flatter it drags, and the bite is not felt.',
            ),
            new Rule(
                'most_scope', 'and its let-out over depth at most', 1.5, 1, 4, Quantity::Count,
                'With more out it lies behind the boat, and hangs up.',
            ),
        ];
    }

    /** @param  array<string, array{float, float}>  $bands */
    public function withBands(array $bands): self
    {
        return new self($this->lines, $this->bottom, $bands, $this->clearance, $this->book);
    }

    /** The same over another bottom. */
    public function over(Bottom $bottom): self
    {
        return new self($this->lines, $bottom, $this->bands, $this->clearance, $this->book);
    }
}
