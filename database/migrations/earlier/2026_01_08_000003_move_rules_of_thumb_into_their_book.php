<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The boat's own rules of thumb are a rule book like the others. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('boats')->get(['id', 'rules', 'rule_books']) as $boat) {
            $own = json_decode((string) $boat->rules, true);
            if (is_array($own) && $own !== []) {
                $books = ['thumb' => array_map(floatval(...), $own)] + (array) json_decode((string) $boat->rule_books, true);
                DB::table('boats')->where('id', $boat->id)->update(
                    ['rule_books' => json_encode($books, JSON_PRESERVE_ZERO_FRACTION)],
                );
            }
        }
        Schema::table('boats', fn (Blueprint $table) => $table->dropColumn('rules'));
    }

    public function down(): void
    {
        Schema::table('boats', fn (Blueprint $table) => $table->json('rules')->nullable());
        foreach (DB::table('boats')->get(['id', 'rule_books']) as $boat) {
            $books = (array) json_decode((string) $boat->rule_books, true);
            DB::table('boats')->where('id', $boat->id)->update(
                [
                    'rules' => json_encode($books['thumb'] ?? null),
                    'rule_books' => json_encode(array_diff_key($books, ['thumb' => true])),
                ],
            );
        }
    }
};
