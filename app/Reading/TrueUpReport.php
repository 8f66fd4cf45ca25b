<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Records\SoundingMethod;
use Admek\Core\Towing\CannotTow;
use Admek\Core\TrueUp\LikelyCause;
use Admek\Core\TrueUp\Owners;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TruedFigure;
use Admek\Core\TrueUp\TrueUp;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\FigureMark;
use App\Models\Sounding;
use App\Rigging\Locker;
use App\Rigging\SoundedGear;

/** What soundings have taught of the gear, and each sounding beside what is made of it. */
final readonly class TrueUpReport
{
    private const UNUSABLE = 'The gear it was read off is told otherwise since, so that it teaches nothing.';

    private const UNSTEADY = 'By the default figures this line has no steady run, so that it teaches nothing.';

    /**
     * @param  ?array<string, string>  $about  owners of a line's figures, whose gear alone is told of; null for everything
     */
    private function __construct(private Boat $boat, private ?SoundedGear $sounded, private ?array $about)
    {
    }

    /** @param  ?array<string, string>  $about  owners of a line's figures; null for everything */
    public static function of(Boat $boat, Locker $locker, ?array $about = null): self
    {
        return new self($boat, $locker->sounded, $about);
    }

    /** @return array{figures: list<array<string, mixed>>, soundings: list<array<string, mixed>>} */
    public function told(): array
    {
        if ($this->sounded === null) {
            return ['figures' => [], 'soundings' => []];
        }
        $known = $this->sounded->known();

        return ['figures' => $this->figures($known, $this->sounded), 'soundings' => $this->soundings($known, $this->sounded)];
    }

    /** @return list<array<string, mixed>> those that soundings have moved most first */
    private function figures(TrueUp $known, SoundedGear $sounded): array
    {
        $aside = $this->boat->figureMarks()->where('aside', true)->get()
            ->map(static fn (FigureMark $mark): string => TrueUp::key($mark->figure, $mark->owner))->all();
        $told = [];
        foreach ($known->figures as $figure) {
            $mine = $this->about === null || ($this->about[$figure->doubt->value] ?? null) === $figure->owner;
            if (! $mine || str_contains($figure->owner, SoundedGear::BEFORE)) {
                continue;
            }
            $teach = array_filter(
                $sounded->sounded(),
                static fn (Sounded $one): bool => ($one->owners[$figure->doubt->value] ?? null) === $figure->owner,
            );
            $told[] = [
                'figure' => $figure->doubt->value, 'word' => $figure->doubt->word(), 'owner' => $figure->owner,
                'of' => $this->words($figure), 'of_water' => $figure->isOfWater(),
                'prior' => ['value' => $figure->isOfWater() ? 0.0 : 1.0, 'deviation' => $figure->prior],
                'now' => ['value' => $figure->now(), 'deviation' => $figure->nowUnsure()],
                'aside' => in_array($figure->key(), $aside, true), 'soundings' => array_keys($teach),
            ];
        }
        usort($told, static fn (array $one, array $other): int => $one['now']['deviation'] / $one['prior']['deviation']
            <=> $other['now']['deviation'] / $other['prior']['deviation']);

        return $told;
    }

    /** @return list<array<string, mixed>> the latest first */
    private function soundings(TrueUp $known, SoundedGear $sounded): array
    {
        $reread = [];
        foreach ($known->soundings as $one) {
            $reread[(int) $one->id] = $one;
        }
        $told = [];
        foreach ($this->boat->soundings()->get() as $row) {
            $one = $sounded->sounded()[$row->id] ?? null;
            if ($this->about !== null && ($one === null || ! Owners::meet($one->owners, $this->about))) {
                continue;
            }
            $read = $reread[$row->id] ?? null;
            $told[] = [
                'taken_at' => $row->taken_at->format('Y-m-d\TH:i:s\Z'), 'holder' => $one?->line->holder,
                'untrued' => $read?->untrued, 'trued' => $read?->trued, 'off' => $read?->off,
                'used' => $read !== null && $read->used,
                'says' => match (true) {
                    $one === null => self::UNUSABLE,
                    $read === null => self::UNSTEADY,
                    $read->used => null,
                    default => $this->cause($row, $one, $sounded),
                },
            ] + $row->only(['id', 'method', 'depth', 'speed', 'presentation', 'reel_id', 'lure_id', 'trip_id', 'confirmed']);
        }

        return $told;
    }

    /** Why it is likely false. */
    private function cause(Sounding $row, Sounded $one, SoundedGear $sounded): ?string
    {
        try {
            return (new LikelyCause)->of(
                $one->line->withTrued($sounded->known()->trued($one->owners)), $one->conditions, $one->depth, $one->deviation,
                SoundingMethod::from($row->method), $sounded->pulling($row->id),
            )->in(Units::from($this->boat->units));
        } catch (CannotTow) {
            return null;
        }
    }

    /** Whose it is, in a captain's words. */
    private function words(TruedFigure $figure): string
    {
        $trip = Owners::tripOf($figure->owner);
        $mass = Owners::massOf($figure->owner);

        return match (true) {
            $trip !== null => 'the trip of '.(is_numeric($trip)
                ? $this->boat->trips()->find((int) $trip)?->date->format('j M Y') ?? 'another day' : $trip),
            $mass !== null => 'a weight of '.Units::from($this->boat->units)->say(Quantity::SmallMass, $mass),
            default => $figure->owner,
        };
    }
}
