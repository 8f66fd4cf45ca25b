<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A photograph of a fish, beside the events: in the same file, so that it is backed up with them. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            'create table photographs (bite varchar primary key not null, trip_id integer not null, type varchar not null, '
            .'picture blob not null, added_at datetime not null, who varchar not null, '
            .'foreign key (trip_id) references trips (id) on delete cascade)',
        );
        DB::statement('create index photographs_trip on photographs (trip_id)');
    }
};
