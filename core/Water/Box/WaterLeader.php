<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Water\ReadingRules;
use Admek\Core\Water\Signs\WaterSigns;

/** The leader a water asks for. */
final readonly class WaterLeader
{
    public const KEY = 'leader';

    /** @param  float  $length  m */
    private function __construct(public float $length, public Material $material)
    {
    }

    /**
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @param  array<string, string>  $schools  chosen, by the advice's key
     * @return ?self null where it is not known how clear the water is
     */
    public static function of(WaterSigns $signs, RuleBook $rules, array $schools): ?self
    {
        return $signs->clarity === null ? null : new self(
            $rules->get("leader_{$signs->clarity->value}"),
            ($schools[self::KEY] ?? '') === Material::Nylon->value ? Material::Nylon : Material::Fluorocarbon,
        );
    }
}
