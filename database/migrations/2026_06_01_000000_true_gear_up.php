<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Soundings with all they were taken under, so that they can be fitted; and which figures of the gear are not gone by. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table soundings add column trip_id integer references trips (id) on delete set null');
        DB::statement('alter table soundings add column circumstances text');
        DB::statement('alter table soundings add column confirmed tinyint(1) not null default 0');
        DB::statement(
            'create table figure_marks (id integer primary key autoincrement not null, boat_id integer not null, '
            .'figure varchar not null, owner varchar not null, aside tinyint(1) not null default 0, forgotten_at datetime, '
            .'foreign key (boat_id) references boats (id) on delete cascade)',
        );
        DB::statement('create unique index figure_marks_figure on figure_marks (boat_id, figure, owner)');
    }
};
