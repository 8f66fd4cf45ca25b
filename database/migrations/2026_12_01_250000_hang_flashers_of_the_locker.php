<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which of the locker's flashers or dodgers hangs on a line; one that only tells its kind still does. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spread_lines', static function (Blueprint $table): void {
            $table->foreignId('attractor_id')->nullable()->constrained('attractors')->restrictOnDelete();
        });
    }
};
