<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/**
 * How each rig is fished, as Admek tells it until the captain's own words stand there (docs/rules.md). Cautions stand at the
 * step they belong to.
 */
final class Craft
{
    private const CHECKS = '{every}, staggered so that no two fall due at once; at once after a bump or a bite.';

    private const KNOT = 'Quits taking line: a knot hung in a guide.';

    /**
     * @param  int  $every  between two checks of a line by the boat's own rule, minutes
     * @return array<string, string> by {@see CraftPart}
     */
    public static function of(Presentation $presentation, Units $units, int $every): array
    {
        $told = match ($presentation) {
            Presentation::Rigger => [
                'Lead out first, clip the release, then lower with the boom steady and hands clear: balls swing. Stop at the '
                    .'counter and let her settle. It fishes while it sinks.',
                'The rod bent well over to the release, its tip nodding evenly. Cable leaning back no more than the card says.',
                self::CHECKS.' Bait and scent wiped and renewed, weed off the cable, release neither slack nor too tight.',
                'Light, just over what the drag of lure and line pulls; tighten only with the fish clear of the cables.',
                'The tip springs up, then loads: take the rod out and reel down to the fish before you lift. A plug has hooked '
                    .'itself.',
                'Ball docked and pinned before the next move; leader on the reel side, hook in its own keeper.',
                'Swept back more than usual: too fast, or current at depth. Tip straight: the release let go. Nodding stopped: '
                    .'fouled.',
            ],
            Presentation::Stacker => [
                'With the ball a little down, clip the lead to the stacker above it and lower both together, slowly.',
                'A bend of its own, less than the rod below; the two lines do not touch at the tips.',
                self::CHECKS.' The one below comes up with it: reset both in one go.',
                'As light as the rigger’s: it must pull free of the cable.',
                'It swings clear of the cable first; then reel down and lift. The other rod on that cable stays till the fish is '
                    .'clear.',
                'The stacker hung on its own clip, never left on the cable.',
                'Wrapped round the cable: let out before the ball was moving, or too long a lead for the turn.',
            ],
            Presentation::Diver => [
                'Hold the plate at the surface until it bites and pulls to its side, then thumb it out slowly. Hover when it '
                    .'touches: it dives on.',
                'A steady heavy throb, the rod bent deep toward its own side.',
                self::CHECKS.' The trip set just hard enough; ring and plate clean.',
                'Set to hold the plate and slip at a surge: a plate pulls hard and holds no give.',
                'The trip lets go with the fish: the throb ends and the line lifts. Reel steadily, rod low, no slack; do not '
                    .'strike.',
                'Plate tripped, on its hook by the reel seat, leader wound round nothing.',
                'No throb: tripped, or weed on the plate. Runs to the wrong side: the dial slipped. Popping up: far too fast.',
            ],
            Presentation::Flat => [
                'Out behind the wash at trolling speed, counted. It swims from the first foot.',
                'The tip works with the lure, quick and even; a plug digs and holds.',
                self::CHECKS.' A leaf on the lip stops a plug dead.',
                'Light on thin line; ease it as the fish nears the boat.',
                'Keep her moving: a trolled plug hooks itself. Lift, do not strike, and let the rod load.',
                'Hooks in the keeper, the lip turned inward.',
                'Blown out to one side: too fast, or bent. Tip dead: weed.',
            ],
            Presentation::Core => [
                'Colour by colour, counted aloud, at speed; thumb on the spool so that it does not overrun. '.self::KNOT,
                'A slow deep bend and a tip that breathes with the boat.',
                self::CHECKS.' Wind back to the last colour and feel for weed on the way.',
                'On the clicker; half a turn tighter when it goes, no more: core has no stretch to spare.',
                'Clicker goes: half a turn of drag, then reel steadily. Never strike against colours of core.',
                'Wound on evenly under tension, the leader through its own guide.',
                'Bites missed on the strike: the drag was tight. Deeper than you think: she slowed down.',
            ],
            Presentation::Segment => [
                'Lead first, then the segment, then the backing to the counter: the knots go through the guides by hand.',
                'As core, but lighter at the tip.',
                self::CHECKS.' The knots at both ends of the segment, each time they come in.',
                'As core: on the clicker, with half a turn to spare.',
                'Clicker goes: half a turn, then reel; slow down at the knots.',
                'Segment on its own part of the spool, knots flat.',
                self::KNOT.' Here it is the segment’s own: ease it by.',
            ],
            Presentation::Wire => [
                'Slowly, under tension all the way: wire that goes slack kinks, and kinked wire breaks. Mind fingers: no wraps.',
                'The rod nearly still, humming; lure and speed are felt in the hand.',
                self::CHECKS.' Run the wire through dry fingers for kinks; cut out what is bent.',
                'Light: wire does not stretch at all, the drag is all the give there is.',
                'Reel at once and steadily; never strike.',
                'Tight on the spool and locked: it springs off.',
                'Depth lost: weed, or a kink that planes. Breaks at the knot: old twist.',
            ],
            Presentation::Clip => [
                'Lure and lead out, clip the weight, then the rest to the counter.',
                'A steady bend, the tip ticking.',
                self::CHECKS.' The clip in its place on the line, not slid down to the lure.',
                'Light; the weight comes to the rod first.',
                'Reel to the weight without pumping, take it off with one hand while the other keeps the line tight.',
                'Weights in their box by mass, clips open.',
                'Weight lost: clipped on too thin a line. Lure fouled in it: too short a lead.',
            ],
            Presentation::ThreeWay => [
                'Weight first, swung well clear, then the lead; down to the counter without a stop.',
                'The tip nods with the weight, the lead swims straight.',
                self::CHECKS.' The drop line and its knot: it is the weaker one, so that only the weight is lost.',
                'Light to middling.',
                'Let the tip load, then sweep.',
                'Drop line wound on a card of its own.',
                'Lead round the drop line: let out too fast.',
            ],
            Presentation::Bouncer => [
                'Down until it touches, then up till it only ticks: the line leans back no more than the card says. '
                    .'Snell {1.5–2 ft} among brush and rock, {3–4 ft} on plain ground; longer, and faster, for fish that lie '
                    .'higher.',
                'Tick, tick, a foot of drag, tick: the tip reads the ground. It stands up by itself.',
                self::CHECKS.' Half a worm is no worm. Blown-up or floating bait lifts it off weed and soft ground.',
                'Easy: they tear off a tight line.',
                'Let the tip load, drop back a little, then sweep. Never snatch.',
                'The arm folded, the snell wound round it, hook in the foam: snells left loose tie themselves together.',
                'Hangs up: too much line out for the depth, or too heavy. Nothing ticks: too light, or too fast.',
            ],
            Presentation::Dropper => [
                'Straight down until it touches, then up a turn. Weight ample for the flow: it must lie still while you hover. A '
                    .'weaker line to the weight, where bottom takes it. Leader {3–4 ft} for bait alone, {4–6 ft} with a '
                    .'spinner, {5–6 ft} behind a flasher with a short bumper between.',
                'A slow, even pull; bait alone turns over slowly. Its speed is the hardware’s: bait alone is the most forgiving.',
                self::CHECKS.' Bottom felt every few minutes: rivers change depth under you.',
                'Middling, smooth.',
                'Wait until the rod is down and stays down; then lift. Taps are not bites.',
                'Weight off, leader on its board.',
                'Weight walks downstream: too light. Hung up: let out, go back over it, never round a hand.',
            ],
            Presentation::Wash => [
                'A few yards back in the churned water, rod tip at the surface, nothing near the propeller when it goes in.',
                'The tip thumps hard and the lure flashes through the foam.',
                self::CHECKS.' Leaders and hooks after every hit: they bite through.',
                'Tight enough to set the hook on so short a line, and no tighter.',
                'It takes at full speed and hooks itself: out of gear only when the others are clear.',
                'Hooks bound, in a tube of their own: large trebles in a rolling boat.',
                'Skips: too short or too fast. Wraps: let out in the turn.',
            ],
            Presentation::DownRod => [
                'Straight down beside the hull in the edge of the wash, the tip in the water.',
                'A heavy throb at your knee.',
                self::CHECKS,
                'As in the wash.',
                'It shakes the boat: lift, do not strike, and keep way on.',
                'As in the wash.',
                'Touches the hull in a turn: raise it first.',
            ],
        };

        return array_combine(
            array_column(CraftPart::cases(), 'value'),
            array_map(
                static fn (string $words): string => strtr(self::in($units, $words), ['{every}' => "Every {$every} minutes"]),
                $told,
            ),
        );
    }

    /**
     * What a board changes of it.
     *
     * @return array<string, string> by {@see CraftPart}
     */
    public static function onBoard(): array
    {
        return array_combine(array_column(CraftPart::cases(), 'value'), [
            'The line out to its let-out first, then clip the board and let it walk out; the outside ones first.',
            'It rides level, its nose a little up, abreast of its neighbours.',
            'A board that lies back has a fish or weed: look at it first.',
            'Tight enough that the board does not creep.',
            'Keep it tight: a touch more speed while it comes in and is taken off, one hand on the line ahead of it.',
            'By side, noses one way.',
            'Dives: too much weight behind it, or a following sea. Creeps in: too slow on its side of a turn.',
        ]);
    }

    /** What cut bait asks for beside, wherever it is fished. */
    public static function cutBait(Units $units): string
    {
        return self::in($units, 'Cut bait: a clean bevel, always at the one angle; it must spin tight, in {2–3 in}, with no '
            .'slow roll. Salted firmer for a rigger. A ragged or washed-out strip comes off.');
    }

    /** "{3–4 ft}" and "{2–3 in}" as the boat thinks them. */
    private static function in(Units $units, string $words): string
    {
        $lengths = '/\{([\d.]+)–([\d.]+) (ft|in)\}/u';

        return (string) preg_replace_callback($lengths, static function (array $said) use ($units): string {
            $quantity = $said[3] === 'ft' ? Quantity::Leader : Quantity::Fish;
            [$from, $to] = [Units::Us->toSi($quantity, (float) $said[1]), Units::Us->toSi($quantity, (float) $said[2])];

            return "{$units->figure($quantity, $from)} to {$units->say($quantity, $to)}";
        }, $words);
    }
}
