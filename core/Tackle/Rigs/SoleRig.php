<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Catalogue\SettingRank;

/** A rig on a rod of its own with one control, that no rule of thumb knows: what most are, but for what they say otherwise. */
abstract readonly class SoleRig implements Rig
{
    public function otherControl(): ?Control
    {
        return null;
    }

    public function withOtherControl(float $value): Rig
    {
        throw InvalidValue::because('by', 'what is let out: nothing else sets this rig’s depth');
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        return null;
    }

    public function rank(): SettingRank
    {
        return SettingRank::Middle;
    }

    public function outside(): float
    {
        return $this->control()->value;
    }

    public function partlyOut(float $share): Rig
    {
        $control = $this->control();

        return $this->withControl($control->least + $share * ($control->value - $control->least));
    }

    public function wouldHelp(): array
    {
        return ['a deeper diving lure', 'a weight ahead of it', 'a slower speed', 'thinner line'];
    }

    public function hangsOn(): ?string
    {
        return null;
    }

    public function hungWith(array $others): Rig
    {
        return $this;
    }

    public function cable(): ?Downrigger
    {
        return null;
    }

    public function board(): ?BoardRig
    {
        return null;
    }

    public function bottom(): ?BottomRig
    {
        return null;
    }

    public function onRatedLine(): ?Rig
    {
        return null;
    }
}
