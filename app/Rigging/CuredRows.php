<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Cure\Cure;
use Admek\Core\Spread\Cure\CureKind;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Rigs\MastBoard;

/** A spread's lines, as they are sent and kept, with a cure done: the very ones the cure is tried on and the page puts in place. */
final readonly class CuredRows
{
    public function __construct(private Desk $desk)
    {
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws InvalidValue naming the holder the cure is for, where it has no line
     */
    public function of(Cure $cure): array
    {
        $rows = $this->desk->rows;
        [$first, $second] = [$this->indexOf($cure->holders[0]), isset($cure->holders[1]) ? $this->indexOf($cure->holders[1]) : null];
        switch ($cure->kind) {
            case CureKind::SetControl:
                $rows[$first] = $this->desk->lines[$first]->rig->control()->figures($cure->value ?? 0.0) + $rows[$first];
                break;
            case CureKind::SetBoardOut:
                $rows[$first][$this->desk->lines[$first]->rig instanceof MastBoard ? 'clip_out' : 'board_out'] = $cure->value;
                break;
            case CureKind::ChangeLure:
                $rows[$first]['lure_id'] = $cure->lure;
                break;
            case CureKind::SwapHolders:
                // The rods change places, each with all that is on it.
                [$rows[$first]['holder_id'], $rows[$second ?? $first]['holder_id']] = [$rows[$second ?? $first]['holder_id'], $rows[$first]['holder_id']];
                break;
            case CureKind::TakeOut:
                // With the ball in the boat what is stacked on its cable has nothing to ride.
                $out = $rows[$first]['holder_id'];
                $rows = array_filter($rows, static fn (array $row): bool => $row['holder_id'] !== $out && ($row['rides_on'] ?? null) !== $out);
                break;
        }

        return array_values($rows);
    }

    /**
     * The same as planned lines.
     *
     * @return list<PlannedLine>
     *
     * @throws InvalidValue where they cannot be rigged
     */
    public function planned(Cure $cure): array
    {
        return (new RigBuilder($this->desk->boat, $this->desk->locker))->all($this->of($cure));
    }

    private function indexOf(string $holder): int
    {
        foreach ($this->desk->lines as $i => $line) {
            if ($line->holder === $holder) {
                return $i;
            }
        }
        throw InvalidValue::because('holder', 'one with a line');
    }
}
