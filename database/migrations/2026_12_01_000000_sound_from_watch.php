<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A sounding told on Watch knows the event it follows from. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table soundings add column event varchar');
        DB::statement('create unique index soundings_event on soundings (event)');
    }
};
