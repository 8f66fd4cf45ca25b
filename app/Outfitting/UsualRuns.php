<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\Boat\Hull;
use Admek\Core\Books\Book;
use Admek\Core\Spread\Card\LureRuns;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Towing\Medium\Salinity;
use App\Models\Boat;
use App\Models\Holder;
use App\Models\Spread;
use App\Models\Trip;

/** What the boat's gear is labelled for: her usual speeds, her last water, a rod at the stern. */
final readonly class UsualRuns
{
    /** m a rod at the stern is held up, where the boat has none. */
    private const HEIGHT = 1.5;

    /** @param  list<float>  $speeds  m/s */
    private function __construct(public LureRuns $runs, public array $speeds, public string $water, public float $density)
    {
    }

    /** As fast as the trip under way is planned, a little slower and a little faster. */
    public static function of(Boat $boat): self
    {
        $trip = $boat->tripUnderWay();
        $planned = $trip === null ? null : Spread::query()->where('trip_id', $trip->id)->value('speed');
        $speed = is_numeric($planned) ? (float) $planned : Conditions::FIRST_SPEED;
        $wander = (new SpreadLimits(book: $boat->book(Book::Spread)))->wander;
        $speeds = array_map(static fn (int $by): float => max(Conditions::SLOWEST, $speed + $by * $wander), [-1, 0, 1]);
        $rods = $boat->holders->where('kind', HolderKind::Rod->value);
        $rod = $rods->first(static fn (Holder $holder): bool => $holder->side === Hull::AMIDSHIPS) ?? $rods->first();

        $density = ($trip ?? new Trip)->density();

        return new self(new LureRuns(
            $rod?->described() ?? new DescribedHolder('', null, HolderKind::Rod, 0.0, 0.0, self::HEIGHT),
            $speeds, $density, $boat->riggingRules(),
        ), $speeds, ($trip->water ?? Salinity::Fresh)->value, $density);
    }
}
