<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Files\LineFile;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\HolderFit;
use App\Models\Boat;
use App\Models\SpreadTemplate;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Spreads kept to start others from. */
final class TemplateController
{
    public function index(Boat $boat): JsonResponse
    {
        return new JsonResponse($boat->templates->map(static fn (SpreadTemplate $template): array => self::told($template)));
    }

    public function store(SaveTemplateRequest $request, Boat $boat): JsonResponse
    {
        if ($boat->templates()->where('name', $request->string('name')->value())->exists()) {
            throw ValidationException::withMessages(['name' => 'Must be a name no other template has.']);
        }
        $plan = Locker::ever($boat)->plan($request->rows());
        $template = $boat->templates()->create(
            $request->safe(['name', 'species', 'season', 'speed']) + [
                'lines' => array_map(LineFile::written(...), $plan->described),
            ],
        );

        return new JsonResponse(self::told($template), 201);
    }

    public function destroy(Boat $boat, int $template): Response
    {
        $boat->templates()->findOrFail($template)->delete();

        return new Response(status: 204);
    }

    /** The template's lines in the boat's holders as they are now, with what found no place or no gear aboard. */
    public function fit(Boat $boat, int $template): JsonResponse
    {
        $kept = $boat->templates()->findOrFail($template);
        $locker = Locker::of($boat);
        [$moved, $left] = HolderFit::moved(array_map(LineFile::read(...), $kept->lines), $locker->holders());
        $lines = [];
        foreach ($moved as $line) {
            try {
                $lines[] = $locker->row($line);
            } catch (InvalidValue) {
                $left[] = $line->holder->code;
            }
        }

        return new JsonResponse(['speed' => $kept->speed, 'lines' => $lines, 'left_out' => $left]);
    }

    /** @return array<string, mixed> */
    private static function told(SpreadTemplate $template): array
    {
        return $template->only(['id', 'name', 'species', 'season', 'speed']) + ['line_count' => count($template->lines)];
    }
}
