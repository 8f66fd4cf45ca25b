<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lengths in m; counter_factor is what a counter shows for each metre truly out. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spread_lines', function (Blueprint $table): void {
            $table->renameColumn('clip_mass', 'weight_mass');
            $table->foreignId('rides_on')->nullable()->constrained('holders')->restrictOnDelete();
            foreach (['above', 'tip_height', 'clip_out', 'dropper_length', 'ball_mass', 'aim'] as $figure) {
                $table->float($figure)->nullable();
            }
            $table->string('dial_side', 10)->nullable();
            $table->string('cable', 16)->nullable();
            // Figures the captain knows better than the defaults, by key.
            $table->json('overrides')->nullable();
        });
        Schema::table('reels', function (Blueprint $table): void {
            $table->float('wire_length')->nullable();
            $table->float('counter_factor')->default(1.0);
        });
        Schema::table('holders', function (Blueprint $table): void {
            $table->boolean('counter_calibrated')->default(false);
            $table->float('counter_factor')->default(1.0);
        });
        Schema::table('boats', function (Blueprint $table): void {
            $table->float('mast_aft')->default(-4.0);
            $table->float('mast_height')->default(3.0);
            // Rules of thumb as this boat reckons them, by name; what is not there keeps its default.
            $table->json('rules')->nullable();
        });
        Schema::table('spreads', function (Blueprint $table): void {
            // Holder ids as the captain sets them, and by which school the rest follows.
            $table->string('school', 16)->default('boards_first');
            $table->json('setting_order')->nullable();
        });
        Schema::table('trips', function (Blueprint $table): void {
            $table->float('clearance')->nullable();
            $table->string('profile_name', 60)->nullable();
            // Along the course and depth, m.
            $table->json('profile')->nullable();
        });
        Schema::table('target_bands', function (Blueprint $table): void {
            $table->float('weight')->default(1.0);
        });
        Schema::create('soundings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
            $table->dateTime('taken_at');
            $table->string('method', 12);
            $table->float('depth');
            $table->float('model_depth');
            $table->float('speed');
            $table->string('presentation', 12);
            $table->foreignId('reel_id')->constrained()->restrictOnDelete();
            $table->foreignId('lure_id')->constrained()->restrictOnDelete();
            $table->json('set_up');
            $table->index(['boat_id', 'presentation', 'lure_id']);
        });
        Schema::create('spread_templates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('species', 20)->nullable();
            $table->string('season', 10)->nullable();
            $table->float('speed');
            // Each line with the code, side and kind of its holder, so that it finds its place when holders change.
            $table->json('lines');
            $table->unique(['boat_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('spread_templates');
        Schema::dropIfExists('soundings');
        Schema::table('target_bands', fn (Blueprint $table) => $table->dropColumn('weight'));
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn(['clearance', 'profile_name', 'profile']));
        Schema::table('spreads', fn (Blueprint $table) => $table->dropColumn(['school', 'setting_order']));
        Schema::table('boats', fn (Blueprint $table) => $table->dropColumn(['mast_aft', 'mast_height', 'rules']));
        Schema::table('holders', fn (Blueprint $table) => $table->dropColumn(['counter_calibrated', 'counter_factor']));
        Schema::table('reels', fn (Blueprint $table) => $table->dropColumn(['wire_length', 'counter_factor']));
        Schema::table('spread_lines', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('rides_on');
            $table->dropColumn(
                ['above', 'tip_height', 'clip_out', 'dropper_length', 'ball_mass', 'aim', 'dial_side', 'cable', 'overrides'],
            );
            $table->renameColumn('weight_mass', 'clip_mass');
        });
    }
};
