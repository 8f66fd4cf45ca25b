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
    /** Holders a boat has at most, and so lines a spread is planned, sent and filed with. */
    public const MOST_HOLDERS = 32;

    /**
     * @param  ?int  $lines  as the captain entered it; null where nothing was entered
     * @param  ?Bottom  $bottom  null where it is not known
     * @param  array<string, array{float, float}>  $bands  top and bottom in m by species
     * @param  float  $tangle  m two lines must keep
     * @param  float  $boards  m neighbouring boards must keep
     * @param  float  $bigBoards  m they must keep where one of them pulls a big lure
     * @param  float  $bare  m of band without a lure that are worth a word
     * @param  float  $clearance  m of water the captain wants under the gear at least; its doubt is added where that is more
     * @param  float  $doubled  m two lures in one band must be apart in depth while other feet of it are bare
     * @param  float  $laidBack  share of its own free spread below which a board counts as laid back
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public ?int $lines = null,
        public ?Bottom $bottom = null,
        public array $bands = [],
        public float $tangle = 3 * Units::FOOT,
        public float $boards = 15 * Units::FOOT,
        public float $bigBoards = 25 * Units::FOOT,
        public float $bare = 8 * Units::FOOT,
        public float $clearance = 0.0,
        public float $doubled = 2 * Units::FOOT,
        public float $laidBack = 0.7,
    ) {
        InvalidValue::unlessBetween('tangle', $tangle, 0, 50, 'm');
        InvalidValue::unlessBetween('boards', $boards, 0, 100, 'm');
        InvalidValue::unlessBetween('big_boards', $bigBoards, 0, 100, 'm');
        InvalidValue::unlessBetween('bare', $bare, 0, 100, 'm');
        InvalidValue::unlessBetween('clearance', $clearance, 0, 50, 'm');
        InvalidValue::unlessBetween('doubled', $doubled, 0, 20, 'm');
        InvalidValue::unlessBetween('laid_back', $laidBack, 0, 1);
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
        ];
    }

    /**
     * @param  array<string, array{float, float}>  $bands  top and bottom in m by species
     *
     * @throws InvalidValue naming the field
     */
    public static function from(RuleBook $book, ?int $lines, ?Bottom $bottom, array $bands, float $clearance): self
    {
        return new self(
            $lines, $bottom, $bands, $book->get('tangle'), $book->get('boards'), $book->get('big_boards'), $book->get('bare'),
            $clearance, $book->get('doubled'), $book->get('laid_back'),
        );
    }

    /** @param  array<string, array{float, float}>  $bands */
    public function withBands(array $bands): self
    {
        return new self(
            $this->lines,
            $this->bottom,
            $bands,
            $this->tangle,
            $this->boards,
            $this->bigBoards,
            $this->bare,
            $this->clearance,
            $this->doubled,
            $this->laidBack,
        );
    }

    /** The same over another bottom. */
    public function over(Bottom $bottom): self
    {
        return new self(
            $this->lines,
            $bottom,
            $this->bands,
            $this->tangle,
            $this->boards,
            $this->bigBoards,
            $this->bare,
            $this->clearance,
            $this->doubled,
            $this->laidBack,
        );
    }
}
