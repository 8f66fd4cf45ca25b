<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What is kept of gear, and the gear that had no list: weights, leaders, and what flashes. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['reels', 'lures', 'balls', 'divers', 'boards'] as $list) {
            DB::statement("alter table {$list} add column note varchar");
            DB::statement("alter table {$list} add column retired tinyint(1) not null default 0");
        }
        $kept = ['reels' => ['line_length float'], 'lures' => ['size float', 'mass float', 'imitates varchar']];
        foreach ($kept as $list => $columns) {
            foreach ($columns as $column) {
                DB::statement("alter table {$list} add column {$column}");
            }
        }
        foreach ([
            'weights' => 'mass float not null, ',
            'leaders' => 'material varchar not null, test float not null, length float, ',
            'attractors' => 'kind varchar not null, finish varchar not null, ',
        ] as $list => $columns) {
            DB::statement(
                "create table {$list} (id integer primary key autoincrement not null, boat_id integer not null, "
                    ."name varchar not null, {$columns}count integer, note varchar, retired tinyint(1) not null default 0, "
                    .'foreign key(boat_id) references boats(id) on delete cascade)',
            );
            DB::statement("create unique index {$list}_boat_id_name_unique on {$list} (boat_id, name)");
        }
    }
};
