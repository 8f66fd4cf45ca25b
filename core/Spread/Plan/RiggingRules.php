<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What a line is begun with, and a draft rigs with, as this boat does; every figure can be the boat's own. */
final readonly class RiggingRules
{
    /** m of line to a board. */
    public float $boardOut;

    /** m of tow line to a mast board, and of that to the first clip. */
    public float $mastOut;

    public float $clipOut;

    /** m a further clip stands nearer the boat, and the nearest it may. */
    public float $clipsApart;

    public float $nearestClip;

    /** m from one release on a cable to the next. */
    public float $releasesApart;

    /** Releases stacked on one cable above the one at its ball. */
    public int $stacked;

    /** m behind a stacked release. */
    public float $stackedLead;

    /** m behind a ball that goes deep, and behind one that stays shallow. */
    public float $deepLead;

    public float $shallowLead;

    /** m down to which a ball counts as shallow. */
    public float $shallow;

    /** m of line a draft lets out at most to a flat line's lure or a clip weight. */
    public float $longest;

    /** @param  ?RuleBook  $book  of {@see rules()}; null for the defaults */
    public function __construct(?RuleBook $book = null)
    {
        $book ??= RuleBook::of(self::rules());
        $this->boardOut = $book->get('board_out');
        $this->mastOut = $book->get('mast_out');
        $this->clipOut = $book->get('clip_out');
        $this->clipsApart = $book->get('clips_apart');
        $this->nearestClip = $book->get('nearest_clip');
        $this->releasesApart = $book->get('releases_apart');
        $this->stacked = (int) round($book->get('stacked'));
        $this->stackedLead = $book->get('stacked_lead');
        $this->deepLead = $book->get('deep_lead');
        $this->shallowLead = $book->get('shallow_lead');
        $this->shallow = $book->get('shallow');
        $this->longest = $book->get('longest');
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        [$board, $clip, $lead, $above] = [
            LineFigure::BoardOut->range(), LineFigure::ClipOut->range(), LineFigure::Lead->range(), LineFigure::Above->range(),
        ];

        return [
            new Rule(
                'board_out', 'A board is begun out at', 100 * Units::FOOT, $board->least, $board->most, Quantity::Length,
                'Far enough to be off the boat’s own water, near enough to be seen.',
            ),
            new Rule(
                'mast_out', 'A mast board’s tow line is begun at', 150 * Units::FOOT, $board->least, $board->most,
                Quantity::Length,
                'Long enough for three clips; a draft lets out more where its clips need it.',
            ),
            new Rule(
                'clip_out', 'and its first clip at', 100 * Units::FOOT, $clip->least, $clip->most, Quantity::Length,
                'Well short of the board, so that it can go farther.',
            ),
            new Rule(
                'clips_apart', 'A further clip stands nearer by', 25 * Units::FOOT, $clip->least, $clip->most, Quantity::Length,
                'So a fish drops back inside the next line out.',
            ),
            new Rule(
                'nearest_clip', 'but never nearer than', 25 * Units::FOOT, $clip->least, $clip->most, Quantity::Length,
                'Nearer it is over the lines of the hull.',
            ),
            new Rule(
                'releases_apart', 'Releases on one cable keep', Downrigger::RELEASES_APART, $above->least, $above->most,
                Quantity::Depth,
                'Two lures of one cable fish water of their own, and a fish on the lower one passes the upper.',
            ),
            new Rule(
                'stacked', 'A draft stacks above a ball at most', 2.0, 0, 4, Quantity::Count,
                'A crew clears no more in the time a fish takes to come up.',
            ),
            new Rule(
                'stacked_lead', 'and its leads are', Presentation::Stacker->entry()->starts['lead'], $lead->least, $lead->most,
                Quantity::Leader,
                'Shorter than the lead below, so that they do not swing into it.',
            ),
            new Rule(
                'deep_lead', 'A draft’s lead behind a deep ball', Presentation::Rigger->entry()->starts['lead'],
                $lead->least, $lead->most, Quantity::Leader,
                'Deep fish are not shy of the ball, and a short lead turns with it.',
            ),
            new Rule(
                'shallow_lead', 'and behind a shallow one', 80 * Units::FOOT, $lead->least, $lead->most, Quantity::Leader,
                'Near the top the boat is seen and heard.',
            ),
            new Rule(
                'shallow', 'which is one down to', 12.0, 0, 60, Quantity::Depth,
                'As deep as most water lets the boat be noticed.',
            ),
            new Rule(
                'longest', 'A draft lets out flat lines and clip weights up to', 250 * Units::FOOT, 15, 150, Quantity::Length,
                'Farther back a fish is long in coming, and a turn takes it through the others.',
            ),
        ];
    }
}
