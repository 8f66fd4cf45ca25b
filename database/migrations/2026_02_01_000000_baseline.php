<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where new data begins; data from before is brought here by the migrations under earlier/ (App\Database\Migrations). */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasTable('boats')) {
            DB::unprepared((string) file_get_contents(__DIR__.'/baseline.sql'));
        }
    }
};
