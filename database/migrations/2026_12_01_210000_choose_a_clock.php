<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** How the captain reads a time of day. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("alter table boats add column clock_face varchar not null default '12'");
        DB::statement("update boats set clock_face = '24' where units = 'metric'");
    }
};
