<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Parts\LureKind;
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

    /** @return ?DescribedReel divers and what holds bottom on braid, which is thin; the rest on nylon, which gives */
    public function reel(Presentation $presentation): ?DescribedReel
    {
        $reels = $this->reels($presentation);
        $wanted = match ($presentation) {
            Presentation::Diver, Presentation::Bouncer, Presentation::Dropper => Material::Braid,
            default => Material::Nylon,
        };
        foreach ($reels as $reel) {
            if ($reel->material === $wanted) {
                return $reel;
            }
        }

        return $reels[0] ?? null;
    }

    /**
     * @param  list<LureKind>  $kinds
     * @return ?DescribedLure one of them such as the first species takes
     */
    public function lure(array $kinds): ?DescribedLure
    {
        $taken = LureFamilies::for($this->task->bands[0]->species);
        $rank = static function (DescribedLure $lure) use ($taken): int {
            $at = array_search($lure->kind, $taken, true);

            return $at === false ? count($taken) : (int) $at;
        };
        $lures = array_values(array_filter(
            $this->task->gear->lures, static fn (DescribedLure $lure): bool => in_array($lure->kind, $kinds, true),
        ));
        usort($lures, static fn (DescribedLure $a, DescribedLure $b): int => $rank($a) <=> $rank($b));

        return $lures[0] ?? null;
    }

    /**
     * What a presentation of a draft pulls: a diving lure where nothing else takes it down, a plain one elsewhere, and its own
     * families where it is fished with no others.
     *
     * @return list<LureKind>
     */
    public function kinds(Presentation $presentation): array
    {
        $dives = static fn (LureKind $kind): bool => $kind->dives();

        return match ($presentation) {
            Presentation::Bouncer, Presentation::Dropper, Presentation::Wash,
            Presentation::DownRod => $presentation->entry()->lures,
            // Muskie come up for what runs just under the top, too.
            Presentation::Flat => [
                ...array_values(array_filter(LureKind::cases(), $dives)),
                ...($this->task->muskie() === null ? [] : [LureKind::Bucktail]),
            ],
            default => array_values(array_filter(LureKind::cases(), static fn (LureKind $kind): bool => ! $dives($kind))),
        };
    }
}
