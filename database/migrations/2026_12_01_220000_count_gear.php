<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** How many of a piece are aboard: of what is there already as many as any one spread has hung. Lures are not counted yet. */
return new class extends Migration
{
    private const PIECES = ['reels' => 'reel_id', 'balls' => 'ball_id', 'divers' => 'diver_id', 'boards' => 'board_id'];

    public function up(): void
    {
        foreach (self::PIECES as $list => $piece) {
            DB::statement("alter table {$list} add column count integer not null default 1");
            DB::statement(
                "update {$list} set count = max(1, coalesce((select max(hung) from (select count(*) as hung from spread_lines "
                ."where {$piece} = {$list}.id group by spread_id)), 1))",
            );
        }
        DB::statement('alter table lures add column count integer');
    }
};
