<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding as Read;
use Admek\Core\Records\Soundings;
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

    private function __construct(private Boat $boat, private UsualRuns $usual)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Boat $boat): array
    {
        $labels = new self($boat, UsualRuns::of($boat));
        $trip = $boat->tripUnderWay();

        return [
            'boat' => $boat->name, 'water' => $labels->usual->water, 'temperature' => $trip?->surfaceTemperature(),
            'speeds' => $labels->usual->speeds, 'colours' => self::COLOURS,
            'lures' => $labels->lures(), 'reels' => $labels->reels(), 'rods' => $labels->rods(),
        ];
    }

    /** @return list<array{lure: int, adds: ?array{float, float}, core: ?string}> */
    private function lures(): array
    {
        $core = $this->boat->reels->where('retired', false)->where('material', Material::Leadcore->value)
            ->sortByDesc('colours')->first();

        return array_values($this->boat->lures->where('retired', false)->map(fn (Lure $lure): array => [
            'lure' => $lure->id, 'core' => $core?->name,
            'adds' => $core === null ? null : $this->usual->runs->adds(
                $core->described(), $lure->described(), min(self::COLOURS, $core->colours ?? self::COLOURS),
            ),
        ])->all());
    }

    /** @return list<array{reel: int, lure: string, marks: list<array{out: float, depths: list<?float>}>}> */
    private function reels(): array
    {
        $spoon = $this->boat->lures->where('retired', false)->firstWhere('kind', LureKind::MediumSpoon->value)
            ?? $this->boat->lures->where('retired', false)->first();
        $tapes = [];
        foreach ($this->boat->reels->where('retired', false)->where('material', Material::Leadcore->value) as $reel) {
            $line = $spoon === null ? null : $this->usual->runs->line($reel->described(), $spoon->described());
            if ($line !== null) {
                $tapes[] = ['reel' => $reel->id, 'lure' => $spoon->name, 'marks' => Tape::ofColours(
                    $line, $this->usual->speeds, $this->usual->density,
                )->marks];
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
            $soundings = $this->boat->soundingsLike($row['presentation'], $row['lure_id'], $row['reel_id']);
            $tape = Tape::ofRod($line, $this->usual->speeds, $this->usual->density, $this->boat->units === 'metric');
            [$marks, $by] = self::trued($tape->marks, $soundings);

            return [
                'holder' => $line->holder, 'presentation' => $row['presentation'], 'reel' => $row['reel_id'],
                'lure' => $row['lure_id'], 'kind' => $line->rig->control()->kind->value, 'marks' => $marks, 'soundings' => $by,
            ];
        }, $lines);
    }

    /**
     * By the soundings of like gear, where there are enough to go by.
     *
     * @param  list<array{out: float, depths: list<?float>}>  $marks
     * @param  list<Read>  $soundings
     * @return array{list<array{out: float, depths: list<?float>}>, int} and by how many; nought where by the model
     */
    private static function trued(array $marks, array $soundings): array
    {
        if (Soundings::opinion($soundings, 1.0)?->advice() === null) {
            return [$marks, 0];
        }

        return [array_map(static fn (array $mark): array => [
            'out' => $mark['out'],
            'depths' => array_map(
                static fn (?float $depth): ?float => $depth === null
                    ? null : (Soundings::opinion($soundings, $depth)->depth ?? $depth), $mark['depths'],
            ),
        ], $marks), count($soundings)];
    }
}
