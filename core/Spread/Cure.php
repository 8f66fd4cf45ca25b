<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\InlineBoard;

/** One change to a spread that takes a breach away and brings no other. */
final readonly class Cure
{
    /**
     * @param  list<string>  $holders  the line changed, or the two that change places
     * @param  ?float  $value  m or colours to set
     */
    public function __construct(public CureKind $kind, public array $holders, public ?float $value = null)
    {
    }

    /**
     * The spread with this done.
     *
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue when it cannot be set
     */
    public function applied(array $lines): array
    {
        $byHolder = [];
        foreach ($lines as $line) {
            $byHolder[$line->holder] = $line;
        }

        return array_map(fn (PlannedLine $line): PlannedLine => match (true) {
            ! in_array($line->holder, $this->holders, true) => $line,
            $this->kind === CureKind::SwapHolders => $line->withRigOf($byHolder[$this->holders[$line->holder === $this->holders[0] ? 1 : 0]]),
            $this->kind === CureKind::SetBoardOut && $line->rig instanceof InlineBoard => $line->withRig($line->rig->withLineOut($this->value ?? 0.0)),
            default => $line->withControl($this->value ?? 0.0),
        }, $lines);
    }
}
