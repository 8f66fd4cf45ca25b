<?php

declare(strict_types=1);

namespace App\Http\Boat;

use App\Database\Migrations;
use App\Files\Whole\EveryPage;
use App\Files\Whole\Everything;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

/** All that was recorded as one file, and back into an Admek that is empty. */
final class EverythingController
{
    public function show(Migrations $migrations, ExceptionHandler $faults): StreamedResponse
    {
        return new StreamedResponse(static function () use ($migrations, $faults): void {
            set_time_limit(0);
            try {
                foreach (Everything::lines($migrations) as $line) {
                    echo $line;
                }
            } catch (Throwable $broken) {
                // What was sent is sent: it ends without its last line, and nobody takes it for whole.
                $faults->report($broken);
            }
        }, 200, [
            'Content-Type' => 'application/jsonl; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="everything.admek.jsonl"',
        ]);
    }

    public function update(Request $request, Migrations $migrations, EveryPage $pages): JsonResponse
    {
        return new JsonResponse((object) Everything::read($request->getContent(true), $migrations, $pages));
    }
}
