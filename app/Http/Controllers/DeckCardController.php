<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Conditions;
use Admek\Core\Spread\DeckCard;
use Admek\Core\Spread\DeckCardRow;
use App\Http\Resources\RunningLineResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\RigBuilder;
use Illuminate\Http\JsonResponse;

final class DeckCardController
{
    public function __invoke(Spread $spread, Boat $boat): JsonResponse
    {
        $card = DeckCard::of(RigBuilder::kept($spread, $boat), new Conditions($spread->speed));

        return new JsonResponse([
            'speeds' => $card->speeds,
            'rows' => array_map(static fn (DeckCardRow $row): array => [
                'settings' => $row->settings,
                'running' => new RunningLineResource($row->running),
            ], $card->rows),
        ]);
    }
}
