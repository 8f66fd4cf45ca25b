<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a boat listens to, the track of where she was and what she read, by the millisecond, and where she was at a bite. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table boats add column instruments text');
        DB::statement('alter table bites add column latitude float');
        DB::statement('alter table bites add column longitude float');
        DB::statement(
            'create table track (at integer primary key not null, latitude float, longitude float, water_speed float, '
            .'ground_speed float, course float, heading float, turn float, depth float, water_temperature float, '
            .'wind_angle float, wind_speed float)',
        );
    }
};
