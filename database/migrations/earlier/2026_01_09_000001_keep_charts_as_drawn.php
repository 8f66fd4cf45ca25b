<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A chart's lines are made once, when it comes in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('charts', fn (Blueprint $table) => $table->json('drawn')->nullable());
    }

    public function down(): void
    {
        Schema::table('charts', fn (Blueprint $table) => $table->dropColumn('drawn'));
    }
};
