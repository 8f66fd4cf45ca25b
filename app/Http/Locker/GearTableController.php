<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Files\GearTable;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Outfitting\GearImport;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A list of the locker as a table: out, looked at, and in. */
final class GearTableController
{
    public function show(string $list, Boat $boat): Response
    {
        $form = GearForm::from($list);
        $pieces = array_values($boat->{$list}->map(static fn ($piece): array => $piece->toArray())->all());

        return new Response(GearTable::written($form, $pieces, Units::from($boat->units)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"{$list}.csv\"",
        ]);
    }

    /** What a table holds, before anything is kept of it. */
    public function preview(Request $request, string $list, Boat $boat, Factory $validators): JsonResponse
    {
        return new JsonResponse(self::read($request, $list, $boat, $validators)->told());
    }

    /** Whatever of it can be used is kept; what cannot is told. */
    public function store(Request $request, string $list, Boat $boat, Factory $validators): JsonResponse
    {
        $import = self::read($request, $list, $boat, $validators);
        $import->keep(GearForm::from($list), $boat);

        return new JsonResponse($import->told());
    }

    private static function read(Request $request, string $list, Boat $boat, Factory $validators): GearImport
    {
        $text = $request->validate(['text' => ['required', 'string', 'max:200000']])['text'];

        return GearImport::read(GearForm::from($list), $text, $boat, $validators);
    }
}
