<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Books\Book;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The thresholds a boat judges by, in the boat's units: seen with their reasons, and made her own. */
final class RuleBookController
{
    public function show(Book $book, Boat $boat): JsonResponse
    {
        return self::answer($book, $boat);
    }

    /** Figures named in the request are the boat's own from then on; those not named stay as they are. */
    public function update(Request $request, Book $book, Boat $boat): JsonResponse
    {
        $units = Units::from($boat->units);
        $rules = $book->of()->rules;
        $own = $boat->rule_books[$book->value] ?? [];
        foreach ($request->array('own') as $key => $figure) {
            $rule = $rules[$key] ?? throw InvalidValue::because("own.{$key}", 'one of '.implode(', ', array_keys($rules)));
            if ($figure === null && $rule->optional) {
                $own[$key] = null;

                continue;
            }
            if (! is_int($figure) && ! is_float($figure)) {
                throw InvalidValue::because("own.{$key}", 'a number');
            }
            InvalidValue::unlessBetween(
                "own.{$key}",
                (float) $figure,
                round($units->fromSi($rule->quantity, $rule->least), 4),
                round($units->fromSi($rule->quantity, $rule->most), 4),
                $units->unit($rule->quantity),
            );
            $own[$key] = max($rule->least, min($rule->most, $units->toSi($rule->quantity, (float) $figure)));
        }
        foreach ($request->array('back') as $i => $key) {
            if (! is_string($key)) {
                throw InvalidValue::because("back.{$i}", 'the name of a figure');
            }
            unset($own[$key]);
        }
        $boat->update(['rule_books' => [$book->value => $book->of($own)->own] + ($boat->rule_books ?? [])]);

        return self::answer($book, $boat);
    }

    private static function answer(Book $book, Boat $boat): JsonResponse
    {
        return new JsonResponse(RuleBookResource::of($book, $boat), options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
