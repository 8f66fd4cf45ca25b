<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Trips are ended, called off or deleted; those that are not do not share their hour. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['ended_at', 'called_off_at', 'deleted_at'] as $moment) {
            DB::statement("alter table trips add column {$moment} datetime");
        }
        DB::statement('drop index trips_boat_id_date_lines_in_unique');
        DB::statement(
            'create unique index trips_of_an_hour on trips (boat_id, date, lines_in) where called_off_at is null '
            .'and deleted_at is null',
        );
    }
};
