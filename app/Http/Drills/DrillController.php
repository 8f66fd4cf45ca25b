<?php

declare(strict_types=1);

namespace App\Http\Drills;

use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use App\Http\Asked\InTimeResource;
use App\Http\Devices\DeviceRequest;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Drills: which there are, one of them, and how an answer is graded; nothing of one is kept but its score. */
final class DrillController
{
    /** s between frames; the page draws what lies between. */
    private const EVERY = 1.0;

    private const MOST_SECONDS = 3600;

    /** Which there are, one to take next, and how everybody stands. */
    public function index(): JsonResponse
    {
        $kinds = DrillKind::cases();

        return new JsonResponse([
            'kinds' => array_map(static fn (DrillKind $kind): array => [
                'kind' => $kind->value, 'title' => $kind->title(),
            ], $kinds),
            'next' => ['kind' => $kinds[random_int(0, count($kinds) - 1)]->value, 'seed' => random_int(1, 2 ** 31 - 1)],
            'scores' => self::scores(),
        ]);
    }

    public function show(DrillKind $kind, int $seed, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $drill = $kind->of($seed);
        $units = Units::from($boat->units);

        return new JsonResponse([
            'kind' => $kind->value, 'seed' => $seed, 'title' => $kind->title(), 'species' => $drill->species->value,
            'situation' => $boat->say($drill->situation), 'seconds' => $drill->seconds,
            'answers' => array_map(static fn (Answer $answer): array => [
                'key' => $answer->key, 'words' => $boat->say($answer->words),
            ], $drill->answers),
            'motion' => self::motion($drill, $drill->motion?->begins, $units, $solver), 'bottom' => $drill->motion?->bottom,
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** The first answer somebody gives counts. */
    public function answer(Request $request, DrillKind $kind, int $seed, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = $request->validate([
            'who' => DeviceRequest::NAME, 'answer' => ['present', 'nullable', 'string'],
            'after' => ['required', 'numeric', 'min:0', 'max:'.self::MOST_SECONDS],
        ]);
        $drill = $kind->of($seed);
        // None is what was not known in time.
        if ($asked['answer'] !== null && $drill->answer($asked['answer']) === null) {
            throw InvalidValue::because('answer', 'one of '.implode(', ', array_column($drill->answers, 'key')));
        }
        $points = $drill->points($asked['answer'], (float) $asked['after']);
        DB::table('drill_scores')->insertOrIgnore([
            'kind' => $kind->value, 'seed' => $seed, 'who' => trim($asked['who']), 'points' => $points,
            'is_right' => (int) $drill->isRight($asked['answer']), 'taken_at' => now('UTC')->format('Y-m-d H:i:s'),
        ]);
        $units = Units::from($boat->units);

        return new JsonResponse([
            'right' => $drill->isRight($asked['answer']), 'points' => $points,
            'answers' => array_map(static fn (Answer $answer): array => [
                'key' => $answer->key, 'right' => $drill->isRight($answer->key), 'why' => $boat->say($answer->why),
            ], $drill->answers),
            'motion' => self::motion($drill, $drill->motion?->lasts, $units, $solver),
            'scores' => self::scores(),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  ?float  $until  s
     * @return ?array<string, mixed>
     */
    private static function motion(Drill $drill, ?float $until, Units $units, SpreadSolver $solver): ?array
    {
        $motion = $drill->motion;
        if ($motion === null || $until === null) {
            return null;
        }
        $running = $solver->all($motion->lines, $motion->conditions, withDoubt: false);
        $spread = SpreadInTime::of(
            $running, $motion->conditions, $motion->course, range(0.0, $until, self::EVERY), $solver,
        );

        return (new InTimeResource($spread, null, $until, $units, null))->told() + ['rate' => null, 'sinking' => []];
    }

    /** @return list<array{who: string, taken: int, right: int, points: int}> the best first */
    private static function scores(): array
    {
        return array_values(DB::table('drill_scores')
            ->selectRaw('who, count(*) as taken, sum(is_right) as "right", sum(points) as points')
            ->groupBy('who')->orderByDesc('points')->orderBy('who')->get()
            ->map(static fn (object $row): array => [
                'who' => (string) $row->who, 'taken' => (int) $row->taken, 'right' => (int) $row->right,
                'points' => (int) $row->points,
            ])->all());
    }
}
