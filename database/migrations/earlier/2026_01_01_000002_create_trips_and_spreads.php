<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Depths and lengths in m, speeds in m/s, temperatures in °C; clock times are the port's own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->string('lines_in', 5);
            $table->string('back_by', 5);
            $table->string('ground', 60);
            $table->unsignedTinyInteger('anglers');
            $table->unsignedSmallInteger('line_limit')->nullable();
            $table->string('limit_source', 120)->nullable();
            $table->json('species');
            $table->float('bottom')->nullable();
            $table->timestamps();
            $table->unique(['boat_id', 'date', 'lines_in']);
        });
        Schema::create('target_bands', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->string('species', 20);
            $table->float('top');
            $table->float('bottom');
            $table->unique(['trip_id', 'species']);
        });
        Schema::create('temperature_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->float('depth');
            $table->float('celsius');
            $table->unique(['trip_id', 'depth']);
        });
        Schema::create('spreads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->float('speed');
            // Rises with every save; a save against an older one is a conflict.
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['trip_id', 'name']);
        });
        Schema::create('spread_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spread_id')->constrained()->cascadeOnDelete();
            $table->foreignId('holder_id')->constrained()->restrictOnDelete();
            $table->string('presentation', 12);
            $table->foreignId('reel_id')->constrained()->restrictOnDelete();
            $table->foreignId('lure_id')->constrained()->restrictOnDelete();
            foreach (['ball', 'diver', 'board'] as $part) {
                $table->foreignId("{$part}_id")->nullable()->constrained()->restrictOnDelete();
            }
            foreach ([
                'let_out', 'colours', 'backing', 'lead', 'dial', 'board_out', 'clip_mass', 'leader_length', 'leader_test',
            ] as $figure) {
                $table->float($figure)->nullable();
            }
            $table->string('leader_material', 16)->nullable();
            $table->unique(['spread_id', 'holder_id']);
        });
    }

    public function down(): void
    {
        foreach (['spread_lines', 'spreads', 'temperature_readings', 'target_bands', 'trips'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
