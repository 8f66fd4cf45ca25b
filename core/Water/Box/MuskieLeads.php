<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Catalogue\LeadLengths;
use Admek\Core\Tackle\Catalogue\Leads;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Advice;
use Admek\Core\Water\ReadingRules;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;

/** Short in the wash and long are both schools of practice for muskie; which the water speaks for, and which is chosen. */
final class MuskieLeads
{
    public const KEY = 'muskie_leads';

    /**
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @param  array<string, string>  $schools  chosen, by the advice's key
     */
    public static function lengths(WaterSigns $signs, RuleBook $rules, array $schools): LeadLengths
    {
        return new LeadLengths(
            Leads::tryFrom($schools[self::KEY] ?? '') ?? self::likelier($signs, $rules),
            [$rules->get('muskie_short_from'), $rules->get('muskie_short_to')],
            [$rules->get('muskie_long_from'), $rules->get('muskie_long_to')],
        );
    }

    /**
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @param  array<string, string>  $schools  chosen, by the advice's key
     */
    public static function advice(WaterSigns $signs, RuleBook $rules, array $schools): Advice
    {
        $lengths = self::lengths($signs, $rules, $schools);
        $chosen = $lengths->school;

        return new Advice(self::KEY, 'leader', Sentence::of(match ($chosen) {
            Leads::Short => 'Muskie on {short#} to {shortTo}, in the wash',
            Leads::Long => 'Muskie on {long#} to {longTo}',
            Leads::Mixed => 'Muskie on both: half short in the wash, half long',
        }, [
            'short' => [Quantity::Length, $lengths->short[0]], 'shortTo' => [Quantity::Length, $lengths->short[1]],
            'long' => [Quantity::Length, $lengths->long[0]], 'longTo' => [Quantity::Length, $lengths->long[1]],
        ]), Sentence::of(match (self::likelier($signs, $rules)) {
            Leads::Short => 'Stained, warm or weedy water makes the short lead the better guess.',
            Leads::Long => 'Clear and calm makes the long lead the better guess.',
            Leads::Mixed => 'Nothing speaks for one of them: run both and see.',
        }), array_map(static fn (Leads $leads): array => [
            'key' => $leads->value, 'label' => $leads->value, 'why' => $leads->why(), 'chosen' => $leads === $chosen,
        ], Leads::cases()));
    }

    /** @param  RuleBook  $rules  of {@see ReadingRules} */
    private static function likelier(WaterSigns $signs, RuleBook $rules): Leads
    {
        $warmth = $signs->warmth();

        return match (true) {
            $signs->clarity === Clarity::Stained || ($warmth !== null && $warmth > $rules->get('warm_wash')) => Leads::Short,
            $signs->clarity === Clarity::Clear && $signs->surface === Surface::Calm => Leads::Long,
            default => Leads::Mixed,
        };
    }
}
