<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\TowLine;

/**
 * A ball on a cable with the rod's line held by a release on it. The counter is zeroed with the ball at the surface,
 * so the cable out is the reading plus the boom's height (02 §4).
 */
final readonly class Downrigger implements Rig
{
    public const BALL = 'ball';

    public const MOST_READING = 150.0;

    /**
     * @param  float  $reading  m on the counter
     * @param  float  $lead  m from release to lure, leader within
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LeadWeight $ball,
        public LineStock $cable,
        public float $reading,
        public float $lead,
        public LineStock $main,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        InvalidValue::unlessBetween('let_out', $reading, 1, self::MOST_READING, 'm');
        InvalidValue::unlessBetween('lead', $lead, max($leader->length ?? 0.0, 0.3), 100, 'm');
    }

    public function towLine(string $id, array $tip): TowLine
    {
        $leader = $this->leader?->parts() ?? [];
        // Half the drag of the rod line that stands from release to rod tip pulls on the release.
        $standing = new Body(null, 0.0, 0.5 * $this->main->normalDrag * $this->main->diameter * $this->reading);

        return new TowLine($id, $tip, [
            $this->ball->body(self::BALL),
            new Branch([$this->lure->body(), ...$leader, $this->main->length($this->lead - ($this->leader->length ?? 0.0))]),
            $standing,
            $this->cable->length($this->reading - $tip[2], letOut: true),
        ]);
    }

    public function control(): Control
    {
        return new Control(ControlKind::Cable, $this->reading, 1, self::MOST_READING, self::FOOT, 0.5);
    }

    public function withControl(float $value): self
    {
        return new self($this->ball, $this->cable, $value, $this->lead, $this->main, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(): RuleOfThumb
    {
        return new RuleOfThumb($this->reading, 'counter is depth');
    }
}
