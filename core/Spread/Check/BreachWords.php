<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Fish\Species;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What is to be looked at, in words: a title, and one plain sentence of what, how much against how much, and where. */
final class BreachWords
{
    /** m of depth under which a place is told by how far back it is alone. */
    private const SHALLOW = 0.3;

    /** m by which two contacts with the bottom are told apart. */
    private const LATER = 1.0;

    /** m told as miles or kilometres rather than feet or metres. */
    private const FAR = 1600.0;

    public static function title(BreachKind $kind): string
    {
        return match ($kind) {
            BreachKind::LineCount => 'Too many lines',
            BreachKind::Tangle => 'Tangle',
            BreachKind::SettingCross => 'Crossed while setting',
            BreachKind::HolderOrder => 'Holders out of order',
            BreachKind::Neighbours => 'Boards too close',
            BreachKind::Bottom => 'Bottom',
            BreachKind::BoardUnder => 'Board pulled under',
            BreachKind::BoardLaidBack => 'Board laid back',
            BreachKind::Unsteady => 'No steady run',
            BreachKind::Surfaced => 'On the surface',
            BreachKind::OutOfReach => 'Cannot get down',
            BreachKind::Spooled => 'Reel runs out',
            BreachKind::Bare => 'Bare water',
            BreachKind::Doubled => 'Doubled water',
            BreachKind::Duplicate => 'Same finish twice',
        };
    }

    public static function reason(Breach $breach): Sentence
    {
        [$aft, , $depth] = $breach->place ?? [0.0, 0.0, 0.0];
        $fine = [Quantity::Leader, $breach->amount ?? 0.0];
        $wanted = [Quantity::Leader, $breach->wanted ?? 0.0];
        $holders = [
            'one' => $breach->holders[0] ?? '', 'other' => $breach->holders[1] ?? '', 'all' => implode(' and ', $breach->holders),
        ];
        $subject = $breach->subject === null ? '' : (Species::tryFrom($breach->subject)?->label() ?? $breach->subject);

        return match ($breach->kind) {
            BreachKind::LineCount => Sentence::of('{amount} lines are planned; the limit you entered is {wanted}. Check the '
                .'current rules.', [
                    'amount' => [Quantity::Count, $breach->amount ?? 0.0], 'wanted' => [Quantity::Count, $breach->wanted ?? 0.0],
                ]),
            BreachKind::Tangle => Sentence::of('{all} pass within {amount}, {aft} back'.(
                $depth > self::SHALLOW ? ' and {depth} down' : ''
            ).'; they should keep {wanted}.', $holders + [
                'amount' => $fine, 'aft' => [Quantity::Length, $aft], 'depth' => [Quantity::Depth, $depth], 'wanted' => $wanted,
            ]),
            BreachKind::SettingCross => Sentence::of('{one} is let out across {other}, which is already set.', $holders),
            BreachKind::HolderOrder => Sentence::of(
                '{other} runs farther out than {one}, whose holder is farther forward: their front lines cross. Swap them.',
                $holders,
            ),
            BreachKind::Neighbours => Sentence::of('The boards of {all} ride {amount} apart; {wanted} keeps them '
                .'clear.', $holders + [
                    'amount' => [Quantity::Length, $breach->amount ?? 0.0],
                    'wanted' => [Quantity::Length, $breach->wanted ?? 0.0],
                ]),
            BreachKind::Bottom => self::bottom($breach),
            BreachKind::BoardUnder => Sentence::of('What trails the board of {all} is heavier than it can carry.', $holders),
            BreachKind::BoardLaidBack => Sentence::of('What trails {all} drags its board back: it rides {amount} out, less '
                .'than {wanted}.', $holders + [
                    'amount' => [Quantity::Length, $breach->amount ?? 0.0],
                    'wanted' => [Quantity::Length, $breach->wanted ?? 0.0],
                ]),
            BreachKind::Unsteady => $breach->amount === null
                ? Sentence::of('{all} has no steady run: nothing pulls its line straight.', $holders)
                : Sentence::of(
                    '{all} has no steady run in this turn: {amount} is the tightest radius it follows into.',
                    $holders + ['amount' => [Quantity::Length, $breach->amount]],
                ),
            BreachKind::Surfaced => Sentence::of(
                'The {subject} of {all} skims the surface at this speed.', $holders + ['subject' => $subject],
            ),
            BreachKind::OutOfReach => Sentence::of('{all} was to run at {wanted}; at this speed it gets down to {amount} at '
                .'most.', $holders + [
                    'amount' => [Quantity::Depth, $breach->amount ?? 0.0], 'wanted' => [Quantity::Depth, $breach->wanted ?? 0.0],
                ]),
            BreachKind::Spooled => Sentence::of('{all} is to have {amount} of line out; its reel holds {wanted}.', $holders + [
                'amount' => [Quantity::Length, $breach->amount ?? 0.0], 'wanted' => [Quantity::Length, $breach->wanted ?? 0.0],
            ]),
            BreachKind::Bare => Sentence::of('No lure serves {amount} of the {subject} band, from {from} to {to}.', [
                'amount' => [Quantity::Depth, $breach->amount ?? 0.0], 'subject' => $subject,
                'from' => [Quantity::Depth, $depth - 0.5 * ($breach->amount ?? 0.0)],
                'to' => [Quantity::Depth, $depth + 0.5 * ($breach->amount ?? 0.0)],
            ]),
            BreachKind::Doubled => Sentence::of(
                '{all} run {amount} apart in depth while other feet of the {subject} band are bare.',
                $holders + ['amount' => $fine, 'subject' => $subject],
            ),
            BreachKind::Duplicate => Sentence::of(
                '{all} both pull {subject}: one of them tests nothing new.', $holders + ['subject' => $subject],
            ),
        };
    }

    /** Where it comes first, then where it is worst. */
    private static function bottom(Breach $breach): Sentence
    {
        $drags = ($breach->amount ?? 0.0) <= 0.0;
        $what = $breach->structure === null ? 'bottom' : 'what stands {structure} up from bottom';
        $worst = match (true) {
            ! $drags => "the {body} clears {$what} by {amount}; {wanted} covers its doubt and what you want clear",
            $breach->structure === null => 'the {body} drags bottom by {amount}',
            default => "the {body} is {amount} below the top of {$what}",
        };
        $first = $breach->first;
        $figures = [
            'holder' => $breach->holders[0] ?? '', 'body' => $breach->subject ?? '', 'first' => $first->body ?? '',
            'amount' => [Quantity::Leader, abs($breach->amount ?? 0.0)], 'wanted' => [Quantity::Leader, $breach->wanted ?? 0.0],
            'structure' => [Quantity::Depth, $breach->structure ?? 0.0],
            'at' => self::gone($breach->ahead ?? 0.0), 'soon' => self::gone($first->ahead ?? 0.0),
        ];
        if ($first === null || ($breach->ahead ?? 0.0) - $first->ahead < self::LATER) {
            return Sentence::of(
                '{holder}: '.$worst.(($breach->ahead ?? 0.0) > 0.0 ? ', when the boat has gone another {at}.' : '.'), $figures,
            );
        }
        $comes = $drags
            ? ($first->standing > 0.0 ? 'touches what stands on bottom' : 'touches bottom')
            : 'comes nearer than that';

        return Sentence::of(
            "The {first} of {holder} first {$comes} ".(
                $first->ahead > 0.0 ? 'when the boat has gone another {soon}' : 'now'
            )."; at worst, after {at}, {$worst}.",
            $figures,
        );
    }

    /** @return array{Quantity, float} */
    private static function gone(float $metres): array
    {
        return [$metres > self::FAR ? Quantity::Distance : Quantity::Length, $metres];
    }
}
