<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40);
            $table->string('role', 10);
            $table->boolean('sees_places')->default(false);
            // What its session holds; a device that was put out has none.
            $table->string('token', 40)->nullable()->unique();
            $table->dateTime('let_in_at');
            $table->dateTime('seen_at')->nullable();
            $table->dateTime('put_out_at')->nullable();
        });
        Schema::create('pairing_codes', function (Blueprint $table): void {
            $table->string('code', 64);
            $table->string('role', 10);
            $table->boolean('sees_places');
            $table->integer('made_at');
        });
        Schema::create('pairing_tries', fn (Blueprint $table) => $table->integer('tried_at'));
    }

    public function down(): void
    {
        Schema::dropIfExists('pairing_tries');
        Schema::dropIfExists('pairing_codes');
        Schema::dropIfExists('devices');
    }
};
