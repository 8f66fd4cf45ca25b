<?php

declare(strict_types=1);

use Admek\Core\InvalidValue;
use App\Files\Photograph;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Photographs that were kept as they came may tell where they were taken; one that cannot be read stays as it is. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('photographs')->pluck('bite') as $bite) {
            $row = DB::table('photographs')->where('bite', $bite)->first(['type', 'picture']);
            try {
                $picture = Photograph::kept((string) $row?->picture, (string) $row?->type);
            } catch (InvalidValue) {
                continue;
            }
            DB::table('photographs')->where('bite', $bite)->update(['picture' => $picture->bytes]);
        }
    }
};
