<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What everybody made of the drills they took: one score of each. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            'create table drill_scores (kind varchar not null, seed integer not null, who varchar not null, '
            .'points integer not null, is_right integer not null, taken_at datetime not null, primary key (kind, seed, who))',
        );
    }
};
