<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A captain's own words of how each rig is fished. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table boats add column crafts text');
    }
};
