<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Towing\Doubt\Doubt;
use App\Models\Boat;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** What the captain makes of a figure that soundings have taught: set aside, gone by again, or forgotten. */
final class FigureMarkController
{
    public function __invoke(Request $request, Boat $boat): Response
    {
        $told = $request->validate([
            'figure' => ['required', Rule::enum(Doubt::class)],
            'owner' => ['required', 'string', 'max:120'],
            'aside' => ['boolean:strict', 'required_without:forgotten_at'],
            'forgotten_at' => ['string', 'date_format:Y-m-d\TH:i:s\Z'],
        ]);
        $boat->figureMarks()->updateOrCreate(
            array_intersect_key($told, ['figure' => true, 'owner' => true]),
            array_intersect_key($told, ['aside' => true, 'forgotten_at' => true]),
        );

        return new Response(status: 204);
    }
}
