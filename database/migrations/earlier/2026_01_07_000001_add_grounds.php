<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The bottom as a grid, what is worth fishing on it, and the pass a trip means to make. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('charts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('source', 120)->nullable();
            // South, west, step in degrees and rows of depths, m.
            $table->json('grid');
        });
        Schema::create('structures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('kind', 10);
            // Latitude and longitude, degrees.
            $table->json('places');
            $table->string('source', 120)->nullable();
            $table->dateTime('made_at');
        });
        Schema::table('trips', function (Blueprint $table): void {
            // Places of the pass the bottom profile was taken along.
            $table->json('pass')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn('pass'));
        Schema::dropIfExists('structures');
        Schema::dropIfExists('charts');
    }
};
