<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\RulesOfThumb;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The rules of thumb as this boat reckons them. */
final class RulesController
{
    public function show(Boat $boat): JsonResponse
    {
        return new JsonResponse(['rules' => $boat->rulesOfThumb()->figures(), 'defaults' => (new RulesOfThumb)->figures()], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    public function update(Request $request, Boat $boat): JsonResponse
    {
        $own = [];
        foreach ($request->array('rules') as $name => $figure) {
            if (! is_int($figure) && ! is_float($figure)) {
                throw ValidationException::withMessages(["rules.{$name}" => 'Must be a number.']);
            }
            $own[$name] = (float) $figure;
        }
        try {
            $rules = RulesOfThumb::of($own);
        } catch (InvalidValue $invalid) {
            throw $invalid->within('rules');
        }
        $boat->update(['rules' => $rules->figures()]);

        return $this->show($boat);
    }
}
