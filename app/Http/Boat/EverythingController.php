<?php

declare(strict_types=1);

namespace App\Http\Boat;

use App\Database\Migrations;
use App\Files\Whole\EveryPage;
use App\Files\Whole\Everything;
use App\Http\StreamedFile;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All that was recorded as one file, and back into an Admek that is empty. */
final class EverythingController
{
    public function show(Migrations $migrations, ExceptionHandler $faults): StreamedFile
    {
        return new StreamedFile(
            Everything::lines($migrations), $faults, 'application/jsonl; charset=utf-8', 'everything.admek.jsonl',
        );
    }

    public function update(Request $request, Migrations $migrations, EveryPage $pages): JsonResponse
    {
        return new JsonResponse((object) Everything::read($request->getContent(true), $migrations, $pages));
    }
}
