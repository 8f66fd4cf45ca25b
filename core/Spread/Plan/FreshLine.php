<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Side;

/**
 * A line of a kind begun in a holder from the gear aboard, with the figures most boats would start from, clear of what hangs
 * there already; what the rod had before, leader, lure and reel, stays on it where it fits.
 */
final readonly class FreshLine
{
    /** @param  list<DescribedLine>  $lines  of the spread */
    public function __construct(
        private GearAboard $gear, private array $lines, private RiggingRules $rules = new RiggingRules,
    ) {
    }

    /**
     * @param  ?DescribedReel  $reel  asked for; null for the one it had, or the first that fits
     *
     * @throws InvalidValue where the gear aboard, or the holder, does not do for it
     */
    public function in(
        DescribedHolder $holder, Presentation $presentation, BoardUse $boardUse, ?DescribedReel $reel = null,
    ): DescribedLine {
        $entry = $presentation->entry();
        $now = $this->at($holder->code);
        $reel ??= $this->reel($entry, $now);
        if ($now !== null && $now->presentation === $presentation && BoardUse::of($now->board) === $boardUse) {
            return $this->onReel(new DescribedLine(
                $holder, $presentation, $reel, $now->lure, $now->figures, $now->ball, $now->diver, $now->board, $now->ridesOn,
                $now->leaderMaterial, $now->attractor, $now->dialSide, $now->cable, $now->overrides,
            ), $entry);
        }
        $figures = $entry->starts + [
            LineFigure::LeaderLength->value => $now?->figure(LineFigure::LeaderLength) ?? Entry::LEADER['leader_length'],
            LineFigure::LeaderTest->value => $now?->figure(LineFigure::LeaderTest) ?? Entry::LEADER['leader_test'],
        ];
        // A board that is out stays where it is, whatever trails it.
        $kept = $now !== null && $boardUse !== BoardUse::None && BoardUse::of($now->board) === $boardUse;
        $host = $entry->picks(Pick::RidesOn) ? $this->host($holder) : null;
        if ($host !== null) {
            $figures[LineFigure::Above->value] = $this->above($host, $entry->starts[LineFigure::Above->value]);
        }

        return $this->onReel(new DescribedLine(
            $holder, $presentation, $reel, $this->lureFor($entry, $now), $figures + (
                $kept
                ? array_intersect_key($now->figures, [LineFigure::BoardOut->value => true, LineFigure::ClipOut->value => true])
                : $this->boardFigures($holder, $boardUse)
            ),
            $entry->picks(Pick::Ball)
                ? $this->gear->usualBall() ?? throw self::lacks('a ball')
                : null,
            $entry->picks(Pick::Diver) ? $this->gear->usualDivers()[0] ?? throw self::lacks('a diver') : null,
            $kept ? $now->board : $this->board($boardUse),
            $host?->holder->code,
            $now->leaderMaterial ?? Material::Fluorocarbon,
            $now?->attractor,
            $entry->picks(Pick::DialSide) && $holder->side === null ? Side::Port : null,
        ), $entry);
    }

    private function at(string $holder): ?DescribedLine
    {
        foreach ($this->lines as $line) {
            if ($line->holder->code === $holder) {
                return $line;
            }
        }

        return null;
    }

    /** As much let out as the reel holds; with part of that still on it there is no backing out. */
    private function onReel(DescribedLine $line, Entry $entry): DescribedLine
    {
        $holds = $entry->onReel($line->reel);
        $figure = $entry->reelHolds;
        if ($figure === null || $holds === null) {
            return $line;
        }
        $out = min($line->need($figure), $holds);

        return $line->with(
            [$figure->value => $out] + (
                $out < $holds && $line->figure(LineFigure::Backing) !== null ? [LineFigure::Backing->value => 0.0] : []
            ),
        );
    }

    private function reel(Entry $entry, ?DescribedLine $now): DescribedReel
    {
        if ($now !== null && in_array($now->reel->material, $entry->reels, true)) {
            return $now->reel;
        }

        return $this->gear->reelsOf($entry->reels)[0] ?? throw self::lacks(
            'a reel of '.implode(' or ', array_map(static fn (Material $material): string => $material->word(), $entry->reels)),
        );
    }

    /** The one it had, where the rig takes any; where it is fished with families of its own, one of those. */
    private function lureFor(Entry $entry, ?DescribedLine $now): DescribedLure
    {
        $had = $now?->lure;

        return $had !== null && ($entry->lures === Entry::SPOONS || in_array($had->kind, $entry->lures, true))
            ? $had : $this->lure($entry);
    }

    /** Of the families it takes the first no line pulls; else any that lies free, else any. */
    private function lure(Entry $entry): DescribedLure
    {
        $pulled = array_map(static fn (DescribedLine $line): string => $line->lure->name, $this->lines);
        $free = array_values(
            array_filter($this->gear->lures, static fn (DescribedLure $lure): bool => ! in_array($lure->name, $pulled, true)),
        );
        foreach ($entry->lures as $kind) {
            foreach ($free as $lure) {
                if ($lure->kind === $kind) {
                    return $lure;
                }
            }
        }

        return $free[0] ?? $this->gear->lures[0] ?? throw self::lacks('a lure');
    }

    private function board(BoardUse $use): ?DescribedBoard
    {
        if ($use === BoardUse::None) {
            return null;
        }
        $boards = $this->gear->boardsFor($use);
        foreach ($boards as $board) {
            if ($board->size !== BoardSize::Small) {
                return $board;
            }
        }

        return $boards[0] ?? throw self::lacks($use === BoardUse::Mast ? 'a mast board' : 'an in-line board');
    }

    /** @return array<string, float> m by figure; a further line is clipped to the tow line that is out, nearer the boat */
    private function boardFigures(DescribedHolder $holder, BoardUse $use): array
    {
        if ($use !== BoardUse::Mast) {
            return $use === BoardUse::None ? [] : [LineFigure::BoardOut->value => $this->rules->boardOut];
        }
        $out = null;
        $clips = [];
        foreach ($this->lines as $line) {
            if (
                $line->holder->side === $holder->side
                && $line->holder->code !== $holder->code
                && BoardUse::of($line->board) === BoardUse::Mast
            ) {
                $out = $line->figure(LineFigure::BoardOut);
                $clips[] = $line->figure(LineFigure::ClipOut) ?? $this->rules->clipOut;
            }
        }
        $out ??= $this->rules->mastOut;
        $clip = $clips === []
            ? $this->rules->clipOut
            : max($this->rules->nearestClip, min($clips) - $this->rules->clipsApart);

        return [LineFigure::BoardOut->value => $out, LineFigure::ClipOut->value => min($out, $clip)];
    }

    /** The rigger of its own side whose cable it rides, or any. */
    private function host(DescribedHolder $holder): DescribedLine
    {
        $hosts = array_values(
            array_filter($this->lines, static fn (DescribedLine $line): bool => $line->presentation->entry()->picks(Pick::Ball)),
        );
        foreach ($hosts as $host) {
            if ($host->holder->side === $holder->side) {
                return $host;
            }
        }

        return $hosts[0] ?? throw InvalidValue::because(
            'presentation', 'one that needs no rigger’s ball down: there is none in this spread',
        );
    }

    /** m above the ball, clear over the releases that hang there. */
    private function above(DescribedLine $host, float $usual): float
    {
        $taken = [];
        foreach ($this->lines as $line) {
            if ($line->ridesOn === $host->holder->code) {
                $taken[] = $line->figure(LineFigure::Above) ?? 0.0;
            }
        }

        return $taken === [] ? $usual : max($taken) + $this->rules->releasesApart;
    }

    private static function lacks(string $what): InvalidValue
    {
        return InvalidValue::because('presentation', "one the gear aboard does for: the locker lacks {$what}");
    }
}
