<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;

/** Which of the gear aboard a draft reaches for. */
final readonly class DraftGear
{
    /** Most kinds of a piece a way is tried with. */
    public const KINDS = 3;

    /** @param  int  $kinds  of a piece a way is tried with, where there are fewer of the first than rods */
    public function __construct(private DraftTask $task, private int $kinds = 1)
    {
    }

    /**
     * Boards so far out (m): in-line ones, the larger sort first; without any, a clip on the tow line of a mast board, which is
     * let out as far as any clip of the draft.
     *
     * @return list<array{DescribedBoard, array<string, float>}> each with its figures
     */
    public function boards(float $out): array
    {
        $inline = array_reverse($this->task->gear->boardsFor(BoardUse::Inline));
        $mastOut = max($this->task->rigging->mastOut, Pattern::farthestBoard());

        return $inline === []
            ? [[$this->task->gear->boards[0], ['board_out' => $mastOut, 'clip_out' => $out]]]
            : array_map(static fn (DescribedBoard $board): array => [$board, ['board_out' => $out]], $this->enough($inline));
    }

    /** @return list<DescribedReel> */
    public function reels(Presentation $presentation): array
    {
        return $this->task->gear->reelsOf($presentation->entry()->reels);
    }

    /**
     * @return list<DescribedReel> for every rod: divers and what holds bottom on braid, which is thin; the rest on nylon,
     * which gives
     */
    public function reelsFor(Presentation $presentation): array
    {
        $wanted = match ($presentation) {
            Presentation::Diver, Presentation::Bouncer, Presentation::Dropper => Material::Braid,
            default => Material::Nylon,
        };
        $reels = $this->reels($presentation);

        return $this->enough([
            ...array_filter($reels, static fn (DescribedReel $reel): bool => $reel->material === $wanted),
            ...array_filter($reels, static fn (DescribedReel $reel): bool => $reel->material !== $wanted),
        ]);
    }

    /** @return list<DescribedBall> for every boom, the usual one first, then those next to it in weight */
    public function balls(): array
    {
        $usual = $this->task->gear->usualBall();
        $balls = $this->task->gear->balls;
        usort($balls, static fn (DescribedBall $a, DescribedBall $b): int => abs($a->mass - ($usual->mass ?? 0.0))
            <=> abs($b->mass - ($usual->mass ?? 0.0)));

        return $this->enough($balls);
    }

    /**
     * So many kinds of a piece, the first first, that there is one for every rod.
     *
     * @template Piece of DescribedReel|DescribedBall|DescribedBoard
     *
     * @param  list<Piece>  $pieces
     * @return list<Piece>
     */
    private function enough(array $pieces): array
    {
        $rods = min(count($this->task->holders), $this->task->mostLines);
        $chosen = [];
        $count = 0;
        foreach ($pieces as $piece) {
            if ($count >= $rods || count($chosen) === $this->kinds) {
                break;
            }
            if ($piece->count > 0) {
                $chosen[] = $piece;
                $count += $piece->count;
            }
        }

        return $chosen;
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
