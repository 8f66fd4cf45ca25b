<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spread_lines', function (Blueprint $table): void {
            $table->string('attractor', 16)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('spread_lines', function (Blueprint $table): void {
            $table->dropColumn('attractor');
        });
    }
};
