<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Depths in m, currents in m/s. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('trips', function (Blueprint $table): void {
            $table->string('temperatures_source', 120)->nullable();
            // Clarity, sky, surface, current at the surface and deep; what is not known is not there.
            $table->json('signs')->nullable();
            // What the captain has made of the reading: pinned and refused by key, schools, bands of his own by species.
            $table->json('choices')->nullable();
        });
        Schema::create('marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->float('depth');
            $table->unsignedSmallInteger('count')->default(1);
            $table->boolean('tight')->default(false);
            $table->string('size', 8)->default('medium');
            $table->dateTime('marked_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('marks');
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn(['temperatures_source', 'signs', 'choices']));
    }
};
