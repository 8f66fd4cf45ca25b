<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Hours of the track that were packed, and what was read of each trip for the season. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('create table packed_tracks (hour integer primary key not null, packed blob not null)');
        DB::statement(
            'create table fished_trips (trip_id integer primary key not null references trips (id) on delete cascade, '
            .'"of" varchar not null, pieces blob not null, bands varchar not null, day blob not null)',
        );
    }
};
