<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lengths in m, masses in kg, areas in m², weights in N, speeds in m/s, line tests in lb as the trade sells them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('boats', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->float('length');
            $table->float('beam');
            $table->string('units', 8)->default('us');
            $table->unsignedTinyInteger('lines_per_angler')->default(3);
            $table->timestamps();
        });
        Schema::create('holders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
            $table->string('code', 4);
            $table->string('side', 10);
            $table->string('kind', 8);
            $table->unsignedTinyInteger('place');
            $table->float('aft');
            $table->float('starboard');
            $table->float('height');
            $table->unique(['boat_id', 'code']);
            $table->unique(['boat_id', 'place']);
        });
        Schema::create('reels', function (Blueprint $table): void {
            self::named($table);
            $table->string('material', 16);
            $table->float('test');
            $table->float('colours')->nullable();
            $table->string('backing_material', 16)->nullable();
            $table->float('backing_test')->nullable();
            $table->boolean('counter_calibrated')->default(false);
        });
        Schema::create('balls', function (Blueprint $table): void {
            self::named($table);
            $table->float('mass');
        });
        Schema::create('divers', function (Blueprint $table): void {
            self::named($table);
            $table->string('size', 8);
            $table->boolean('ringed')->default(false);
        });
        Schema::create('boards', function (Blueprint $table): void {
            self::named($table);
            $table->string('size', 8);
        });
        Schema::create('lures', function (Blueprint $table): void {
            self::named($table);
            $table->string('kind', 20);
            $table->string('finish', 40);
            $table->float('rated_depth')->nullable();
            $table->float('rated_lead')->nullable();
            $table->float('rated_line_diameter')->nullable();
            $table->float('rated_speed')->nullable();
            // Solved from the rated point when that is entered, so that no preview solves it again.
            $table->float('down_area')->nullable();
        });
    }

    public function down(): void
    {
        foreach (['lures', 'boards', 'divers', 'balls', 'reels', 'holders', 'boats'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private static function named(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
        $table->string('name', 60);
        $table->unique(['boat_id', 'name']);
    }
};
