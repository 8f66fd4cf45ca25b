<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bites', function (Blueprint $table): void {
            $table->id();
            // Given by the device that logged it, so that a bite sent twice is kept once.
            $table->uuid()->unique();
            $table->foreignId('trip_id')->constrained()->restrictOnDelete();
            $table->foreignId('spread_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('bitten_at');
            $table->string('holder', 4);
            $table->string('species', 20)->nullable();
            $table->string('outcome', 10);
            $table->float('length')->nullable();
            $table->float('weight')->nullable();
            $table->string('note', 500)->nullable();
            // Every line's set-up and solved place at that moment: later edits of the spread never change it.
            $table->json('snapshot');
            $table->timestamps();
            $table->index(['trip_id', 'bitten_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bites');
    }
};
