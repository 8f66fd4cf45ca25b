<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Boat\Hull;
use Admek\Core\Towing\Side;
use App\Http\Within;
use Illuminate\Validation\Rule;

/** A rail being laid out, on a boat that is kept or not yet. */
final class RailRequest extends BoatRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'length' => ['required', 'numeric:strict', Within::range(Hull::LENGTH)],
            'beam' => ['required', 'numeric:strict', Within::range(Hull::BEAM)],
            'mirror' => ['nullable', Rule::enum(Side::class)],
        ] + self::railRules();
    }
}
