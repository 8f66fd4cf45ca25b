<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What kind of water a trip's ground is; what is not known is not there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('trips', function (Blueprint $table): void {
            $table->string('water', 10)->default('fresh');
            $table->float('salinity')->nullable();
            // °C
            $table->float('water_temperature')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn(['water', 'salinity', 'water_temperature']));
    }
};
