<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Records\SoundingMethod;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What is asked of a depth told on the water that the bottom there contradicts: until it is answered it teaches nothing. */
final class SoundingAsked
{
    /** Names of what tells of the bottom, as they are kept. */
    public const BY = ['sounder', 'chart'];

    /** Deviations of how it was read that a reading may be off all the same. */
    private const DEVIATIONS = 3.0;

    /**
     * @param  Event  $sounding  with the bottom there, and what told of it, where anything did
     * @param  RuleBook  $rules  of {@see DayRules}
     * @return ?Sentence null where nothing contradicts it, or it was told to be so all the same
     */
    public static function of(Event $sounding, RuleBook $rules): ?Sentence
    {
        $bottom = $sounding->figure('bottom');
        $depth = $sounding->figure('depth');
        if ($sounding->kind !== EventKind::Sounding || $bottom === null || $depth === null
            || ($sounding->tells['sure'] ?? false) === true) {
            return null;
        }
        $method = SoundingMethod::tryFrom($sounding->word('method') ?? '') ?? SoundingMethod::Typed;
        $off = max(self::DEVIATIONS * $method->deviation(), $rules->get('sounding_off') * $bottom);
        $figures = [
            'depth' => [Quantity::Depth, $depth], 'bottom' => [Quantity::Depth, $bottom],
            'by' => $sounding->word('bottom_by') ?? self::BY[0], 'rod' => (string) $sounding->holder,
        ];

        return match (true) {
            $method === SoundingMethod::Bottom && abs($depth - $bottom) > $off => Sentence::of(
                'The {by} has {bottom} of water there: did {rod} touch bottom at {depth}?', $figures,
            ),
            $depth > $bottom + $off => Sentence::of(
                'The {by} has {bottom} of water there: did {rod} run at {depth}?', $figures,
            ),
            default => null,
        };
    }
}
