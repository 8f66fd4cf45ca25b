<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The bottom of a ground may be a range: from the shallowest of it to the deepest. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table trips add column bottom_to float');
    }
};
