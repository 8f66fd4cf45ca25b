<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Parts\Material;

/** Which of the gear aboard a draft reaches for. */
final readonly class DraftGear
{
    public function __construct(private DraftTask $task)
    {
    }

    /**
     * A board so far out (m): an in-line one of the larger sort; without any, a clip on the tow line of a mast board, which
     * is let out as far as any clip of the draft.
     *
     * @return array{DescribedBoard, array<string, float>} with its figures
     */
    public function board(float $out): array
    {
        $inline = $this->task->gear->boardsFor(BoardUse::Inline);
        $mastOut = max($this->task->rigging->mastOut, Pattern::farthestBoard());

        return $inline === []
            ? [$this->task->gear->boards[0], ['board_out' => $mastOut, 'clip_out' => $out]]
            : [$inline[count($inline) - 1], ['board_out' => $out]];
    }

    /** @return list<DescribedReel> */
    public function reels(Presentation $presentation): array
    {
        return $this->task->gear->reelsOf($presentation->entry()->reels);
    }

    /** @return ?DescribedReel divers on braid, which is thin; the rest on nylon, which gives */
    public function reel(Presentation $presentation): ?DescribedReel
    {
        $reels = $this->reels($presentation);
        $wanted = $presentation === Presentation::Diver ? Material::Braid : Material::Nylon;
        foreach ($reels as $reel) {
            if ($reel->material === $wanted) {
                return $reel;
            }
        }

        return $reels[0] ?? null;
    }

    /** @return ?DescribedLure a lure such as the first species takes, that dives where it must */
    public function lure(bool $dives): ?DescribedLure
    {
        $kinds = LureFamilies::for($this->task->bands[0]->species);
        $rank = static function (DescribedLure $lure) use ($kinds): int {
            $at = array_search($lure->kind, $kinds, true);

            return $at === false ? count($kinds) : (int) $at;
        };
        $lures = array_values(
            array_filter($this->task->gear->lures, static fn (DescribedLure $lure): bool => $lure->kind->dives() === $dives),
        );
        usort($lures, static fn (DescribedLure $a, DescribedLure $b): int => [$rank($a), $a->name] <=> [$rank($b), $b->name]);

        return $lures[0] ?? null;
    }
}
