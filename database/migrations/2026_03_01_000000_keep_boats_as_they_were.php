<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A boat is changed; what was fished with her keeps her as she was, her holders too. */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            'create table layouts (id integer primary key autoincrement not null, boat_id integer not null, '
                .'length float not null, beam float not null, mast_aft float not null, mast_height float not null, '
                .'until date not null, '
                .'foreign key(boat_id) references boats(id) on delete cascade)',
            'alter table holders add column layout_id integer references layouts(id) on delete restrict',
            'alter table trips add column layout_id integer references layouts(id) on delete restrict',
            'drop index holders_boat_id_code_unique',
            'drop index holders_boat_id_place_unique',
            'create unique index holders_code_unique on holders (boat_id, coalesce(layout_id, 0), code)',
            'create unique index holders_place_unique on holders (boat_id, coalesce(layout_id, 0), place)',
            'alter table boats add column crew integer not null default 2',
            'alter table boats add column log_factor float not null default 1',
            'alter table boats add column version integer not null default 1',
        ] as $change) {
            DB::statement($change);
        }
    }
};
