<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Fish\Species;
use Admek\Core\Patterns\BiteWindow;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Fished;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Rate;
use Admek\Core\Patterns\Start;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\Season\ForTomorrow;
use App\Reading\Season\ReadTrips;
use App\Reading\Season\Season;
use App\Reading\Season\SeasonShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** What the season says: rates by all it was fished by, when it bites, and what tomorrow is begun with. */
final class SeasonController
{
    public function __invoke(Request $request, Boat $boat, Season $season, SeasonShelf $shelf): JsonResponse
    {
        $asked = $request->validate([
            'ground' => ['string', 'max:120'], 'species' => [Rule::enum(Species::class)],
        ]);

        return JsonResponse::fromJsonString($shelf->said(
            [$season->version, $asked, $boat->units], static fn (): string => json_encode(
                self::said($season->fished(), $asked, Units::from($boat->units)),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
        ));
    }

    /**
     * @param  array<string, string>  $asked
     * @return array<string, mixed>
     */
    private static function said(Fished $all, array $asked, Units $units): array
    {
        $season = $all->biting($asked['species'] ?? null);
        $season = isset($asked['ground']) ? $season->where(Factor::Ground, $asked['ground']) : $season;
        $patterns = $season->patterns();

        return [
            'hours' => round($patterns->hours, 3), 'bites' => $patterns->bites, 'rate' => $patterns->overall()?->says(),
            'trips' => count($season->days), 'unread' => $season->unread,
            'grounds' => $all->words(Factor::Ground), 'species' => array_values(array_filter(
                $all->species(), static fn (string $one): bool => Species::tryFrom($one) !== null,
            )),
            'factors' => self::factors($patterns, $season, $units),
            'days' => array_map(static fn (array $day): array => array_map(
                static fn (mixed $figure): mixed => is_float($figure) ? round($figure, 3) : $figure, $day,
            ), $season->byDay()),
            'windows' => array_map(static fn (BiteWindow $window): array => [
                'bins' => $window->bins, 'best' => $window->best(),
            ], $season->windows()),
            'heat' => array_map(static fn (array $cell): array => array_replace($cell, [
                'words' => $season->bands->words(Factor::Depth, $cell['depth'], $units), 'depth' => (int) $cell['depth'],
            ]), $season->cells()),
        ];
    }

    public function destroy(): Response
    {
        ReadTrips::forgetAll();

        return new Response(status: 204);
    }

    /** What the record says a trip is begun with. */
    public function start(Trip $trip, Boat $boat, Fished $season): JsonResponse
    {
        $lures = $boat->lures->where('retired', false)->pluck('id', 'name')->all();
        $told = ForTomorrow::of($season, $trip, $boat);
        $units = Units::from($boat->units);
        $lure = static fn (Start $start): array => [
            'lure_id' => $lures[$start->rate->level], 'name' => $start->rate->level, 'reason' => $start->reason()->in($units),
        ];

        return new JsonResponse([
            'of' => $told->of, 'unread' => $season->unread,
            'hours' => round($told->patterns->hours, 3), 'bites' => $told->patterns->bites,
            'depths' => array_map(static fn (Start $start, array $ends): array => [
                'words' => $units->figure(Quantity::Depth, $ends[0]).'–'.$units->say(Quantity::Depth, $ends[1]),
                'top' => $ends[0],
                'bottom' => $ends[1],
                'reason' => $start->reason()->in($units),
            ], $told->tomorrow->depths, $told->depths()),
            'lures' => array_map($lure, $told->tomorrow->lures),
            'test' => $told->tomorrow->test === null ? null : $lure($told->tomorrow->test),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return list<array{factor: string, word: string, levels: list<array<string, mixed>>}> in the order they are asked for */
    private static function factors(Patterns $patterns, Fished $season, Units $units): array
    {
        $told = [];
        foreach (Factor::cases() as $factor) {
            $rates = $patterns->factors[$factor->value] ?? [];
            if ($rates !== []) {
                $told[] = ['factor' => $factor->value, 'word' => $factor->word(), 'levels' => array_map(
                    static fn (Rate $rate): array => [
                        'words' => $factor === Factor::Presentation
                            ? Presentation::from($rate->level)->entry()->name
                            : $season->bands->words($factor, $rate->level, $units),
                        'times_low' => $rate->timesLow, 'times_high' => $rate->timesHigh, 'early' => $rate->isEarly(),
                        'order' => $factor->quantity() === null ? null : (int) $rate->level,
                    ] + array_diff_key(get_object_vars($rate), ['timesLow' => 0, 'timesHigh' => 0]), $rates,
                )];
            }
        }

        return $told;
    }
}
