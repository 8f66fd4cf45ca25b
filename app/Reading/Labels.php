<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Card\Tape;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use App\Models\Boat;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Outfitting\UsualRuns;
use App\Rigging\Locker;

/** Labels for lure boxes, reels and rods: what is penned there, reckoned for this boat and water, or by her soundings. */
final readonly class Labels
{
    /** Colours out that a lure's own depth is told under. */
    private const COLOURS = 5.0;

    private function __construct(private Boat $boat, private UsualRuns $usual, private Locker $locker)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Boat $boat): array
    {
        $labels = new self($boat, UsualRuns::of($boat), Locker::of($boat));
        $trip = $boat->tripUnderWay();

        return [
            'boat' => $boat->name, 'water' => $labels->usual->water, 'temperature' => $trip?->surfaceTemperature(),
            'speeds' => $labels->usual->speeds, 'colours' => self::COLOURS,
            'lures' => $labels->lures(), 'reels' => $labels->reels(), 'rods' => $labels->rods(),
        ];
    }

    /** @return list<array{lure: int, adds: ?array{float, float}, core: ?string, trued: bool}> */
    private function lures(): array
    {
        $core = $this->boat->reels->where('retired', false)->where('material', Material::Leadcore->value)
            ->sortByDesc('colours')->first();

        $reel = $core === null ? null : $this->locker->reel($core->id);

        return array_values($this->boat->lures->where('retired', false)->map(fn (Lure $lure): array => [
            'lure' => $lure->id, 'core' => $core?->name,
            'adds' => $reel === null ? null : $this->usual->runs->adds(
                $reel, $lure->described(), min(self::COLOURS, $reel->colours ?? self::COLOURS),
            ),
            'trued' => $reel !== null && $this->usual->runs->line($reel, $lure->described())?->trued !== null,
        ])->all());
    }

    /** @return list<array{reel: int, lure: string, trued: bool, marks: list<array{out: float, depths: list<?float>}>}> */
    private function reels(): array
    {
        $spoon = $this->boat->lures->where('retired', false)->firstWhere('kind', LureKind::MediumSpoon->value)
            ?? $this->boat->lures->where('retired', false)->first();
        $tapes = [];
        foreach ($this->boat->reels->where('retired', false)->where('material', Material::Leadcore->value) as $reel) {
            $line = $spoon === null ? null : $this->usual->runs->line($this->locker->reel($reel->id), $spoon->described());
            if ($line !== null) {
                $tapes[] = [
                    'reel' => $reel->id, 'lure' => $spoon->name, 'trued' => $line->trued !== null,
                    'marks' => Tape::ofColours($line, $this->usual->speeds, $this->usual->density)->marks,
                ];
            }
        }

        return $tapes;
    }

    /** @return list<array<string, mixed>> of the spread under way */
    private function rods(): array
    {
        $trip = $this->boat->tripUnderWay();
        $spread = $trip?->spreads()->with('lines')->first();
        if ($trip === null || $spread === null) {
            return [];
        }
        try {
            $lines = Locker::of($this->boat->asOn($trip))->plan($spread->rows())->lines;
        } catch (InvalidValue) {
            return [];
        }
        $rows = array_column($spread->rows(), null, 'holder_id');
        $ids = $this->boat->asOn($trip)->holders->pluck('id', 'code');

        return array_map(function (PlannedLine $line) use ($rows, $ids): array {
            $row = $rows[$ids[$line->holder]];
            $tape = Tape::ofRod($line, $this->usual->speeds, $this->usual->density, $this->boat->units === 'metric');

            return [
                'holder' => $line->holder, 'presentation' => $row['presentation'], 'reel' => $row['reel_id'],
                'lure' => $row['lure_id'], 'kind' => $line->rig->control()->kind->value, 'marks' => $tape->marks,
                'trued' => $line->trued !== null,
            ];
        }, $lines);
    }
}
