<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Units\Units;
use Closure;

/**
 * Everything that is known of a presentation but how it runs, which its rig knows. Words are templates as {@see
 * \Admek\Core\Units\Sentence}
 * has them, filled with a line's own figures: "{let_out} out" with its unit, "{let_out#}" without. Of a list the first
 * whose figures the line has, and are not 0, is said.
 */
final readonly class Entry
{
    /** What a leader is begun with. */
    public const LEADER = ['leader_length' => 6 * Units::FOOT, 'leader_test' => 25.0];

    public const MAIN_LINES = [Material::Nylon, Material::Fluorocarbon, Material::Braid];

    public const SPOONS = [LureKind::MediumSpoon, LureKind::MagnumSpoon, LureKind::SmallSpoon];

    /**
     * @param  string  $name  of one
     * @param  string  $plural  as the trade calls them
     * @param  string  $bestAt  what it is run for, in a sentence
     * @param  Closure(Outfitter): Rig  $rig  makes one of a described line
     * @param  list<Part>  $parts  from rod tip to hook, a board aside
     * @param  array<string, float>  $starts  figures a new one starts from, by {@see LineFigure}: what most boats would first let
     *   out
     * @param  list<Material>  $reels  what a reel that runs it is spooled with, the likeliest first
     * @param  list<LureKind>  $lures  families a new one starts with, the likeliest first
     * @param  list<string>  $words  what a line of it is called
     * @param  string  $boardWord  what one behind a board is called
     * @param  string  $setting  the figure that sets its depth
     * @param  list<string>  $second  what else the mate sets
     * @param  list<string>  $more  what is told of it beside board, ball, diver, weight, lead, leader and reel
     * @param  ?string  $offered  its name where it is offered, if that is longer
     * @param  array{float, float}  $fishes  m from and to that it fishes well at trolling speed; what it truly reaches is solved
     * @param  ?Closure(Prospect): array{float, string}  $suits  how well it suits a water, 1 being as a rigger does, and why;
     *   null where it is not advised
     * @param  ?LineFigure  $reelHolds  figure of which the reel holds so much
     * @param  list<LineFigure>  $spools  figures that, together, are line off the reel, or the backing of its core or wire
     */
    public function __construct(
        public string $name,
        public string $plural,
        public string $bestAt,
        public Closure $rig,
        public array $parts,
        public array $starts,
        public array $reels = self::MAIN_LINES,
        public array $lures = self::SPOONS,
        public HolderKind $holder = HolderKind::Rod,
        public bool $takesBoard = false,
        public ?array $words = null,
        public ?string $boardWord = null,
        public string $setting = '{let_out} out',
        public array $second = ['{leader_length} leader', 'no leader'],
        public array $more = [],
        public ?string $offered = null,
        public ?LineFigure $reelHolds = null,
        public array $fishes = [0.0, 0.0],
        public ?Closure $suits = null,
        public array $spools = [LineFigure::LetOut, LineFigure::BoardOut],
    ) {
    }

    /** @return list<LineFigure> it is told by, beside what every line is */
    public function figures(): array
    {
        $figures = [];
        foreach ($this->fields() as $field) {
            if ($field->figure !== null) {
                $figures[] = $field->figure;
            }
        }

        return $figures;
    }

    public function picks(Pick $pick): bool
    {
        foreach ($this->fields() as $field) {
            if ($field->pick === $pick) {
                return true;
            }
        }

        return false;
    }

    /** How much of it a reel has; null where no reel runs out of it. */
    public function onReel(DescribedReel $reel): ?float
    {
        return match ($this->reelHolds) {
            LineFigure::Colours => $reel->colours,
            LineFigure::LetOut => $reel->wireLength,
            default => null,
        };
    }

    /** @return list<Field> */
    private function fields(): array
    {
        return array_merge(...array_map(static fn (Part $part): array => $part->fields, $this->parts));
    }
}
