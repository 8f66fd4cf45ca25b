<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Distances in m, minutes after midnight of the trip's day by the port's clock; times a thing was done are UTC. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('boats', function (Blueprint $table): void {
            // IANA name of the port's clock.
            $table->string('timezone', 60)->default('UTC');
            // Thresholds as this boat judges them, by book and key; what is not there keeps its default.
            $table->json('rule_books')->nullable();
            // What is aboard of what trips use up, by item.
            $table->json('stores')->nullable();
        });
        Schema::table('trips', function (Blueprint $table): void {
            $table->string('port', 60)->nullable();
            $table->float('run')->nullable();
            $table->float('latitude')->nullable();
            $table->float('longitude')->nullable();
            $table->json('guests')->nullable();
            $table->unsignedTinyInteger('crew')->default(2);
            $table->boolean('crew_fish')->default(false);
            $table->unsignedTinyInteger('lines_per_angler')->nullable();
            // Bag and sizes as the captain entered them.
            $table->json('catch_limits')->nullable();
            $table->date('limits_looked_up')->nullable();
            $table->string('bait_cure', 8)->default('brine');
            $table->boolean('bait_strips')->default(true);
            // Source, issue, when entered, hours.
            $table->json('forecast')->nullable();
        });
        Schema::create('chores', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            // Of a chore the captain has added; those a trip needs have their own.
            $table->string('what', 120)->nullable();
            $table->integer('at')->nullable();
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->string('owner', 40)->nullable();
            $table->boolean('dropped')->default(false);
            $table->dateTime('done_at')->nullable();
            $table->unique(['trip_id', 'key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('chores');
        Schema::table(
            'trips',
            fn (Blueprint $table) => $table->dropColumn(
                [
                    'port',
                    'run',
                    'latitude',
                    'longitude',
                    'guests',
                    'crew',
                    'crew_fish',
                    'lines_per_angler',
                    'catch_limits',
                    'limits_looked_up',
                    'bait_cure',
                    'bait_strips',
                    'forecast',
                ],
            ),
        );
        Schema::table('boats', fn (Blueprint $table) => $table->dropColumn(['timezone', 'rule_books', 'stores']));
    }
};
