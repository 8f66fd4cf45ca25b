<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A lure keeps how its lip follows what is doubted; a logged depth its doubt to both sides. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lures', fn (Blueprint $table) => $table->json('lip')->nullable());
        self::eachLine(static function (array $line): array {
            if (array_key_exists('deviation', $line)) {
                $line['doubt'] = ['shallower' => $line['deviation'], 'deeper' => $line['deviation'], 'skewed' => false];
                unset($line['deviation']);
            }

            return $line;
        });
    }

    public function down(): void
    {
        self::eachLine(static function (array $line): array {
            if (array_key_exists('doubt', $line)) {
                $line['deviation'] = $line['doubt'] === null
                    ? 0.0
                    : 0.5 * ($line['doubt']['shallower'] + $line['doubt']['deeper']);
                unset($line['doubt']);
            }

            return $line;
        });
        Schema::table('lures', fn (Blueprint $table) => $table->dropColumn('lip'));
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change  of a line of a bite's snapshot */
    private static function eachLine(callable $change): void
    {
        foreach (DB::table('bites')->get(['id', 'snapshot']) as $bite) {
            $snapshot = json_decode((string) $bite->snapshot, true);
            $snapshot['lines'] = array_map($change, $snapshot['lines'] ?? []);
            DB::table('bites')->where('id', $bite->id)->update(
                ['snapshot' => json_encode($snapshot, JSON_PRESERVE_ZERO_FRACTION)],
            );
        }
    }
};
