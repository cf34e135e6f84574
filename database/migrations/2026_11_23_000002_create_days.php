<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            // The state of the day as the contract of the plan spells it.
            $table->json('conditions');
            $table->uuid('ask')->nullable();
            $table->timestamp('closed_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'ask']);
        });
        Schema::create('rack_slots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->string('lure', 40);
            $table->string('color', 40);
            $table->decimal('depth_ft', 6, 1);
            $table->string('retrieve', 40);
            $table->timestamps();
            $table->unique(['trip_id', 'lure']);
        });
        Schema::create('stints', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->dateTime('started_at');
            $table->string('spot', 80);
            $table->string('lure', 40);
            $table->string('color', 40);
            $table->decimal('depth_ft', 6, 1);
            $table->string('retrieve', 40);
            $table->string('structure', 40)->nullable();
            $table->string('cover', 40)->nullable();
            $table->string('light', 10)->nullable();
            $table->unsignedInteger('cast_count')->default(0);
            $table->timestamps();
            $table->index(['trip_id', 'started_at']);
        });
        Schema::create('contacts', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('stint_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->string('kind', 10);
            $table->unsignedInteger('at_cast');
            $table->string('species', 40)->nullable();
            $table->decimal('length_in', 5, 2)->nullable();
            $table->string('hooked', 10)->nullable();
            $table->timestamps();
        });
        Schema::create('log_events', function (Blueprint $table): void {
            $table->id('seq');
            // Made on the device: an event that comes twice is taken once.
            $table->uuid('id')->unique();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('stint_id')->nullable();
            $table->string('kind', 20);
            $table->unsignedInteger('count')->default(0);
            $table->uuid('contact_id')->nullable();
            $table->dateTime('at');
            $table->boolean('undone')->default(false);
            $table->timestamp('created_at')->nullable();
        });
    }

    public function down(): void
    {
        foreach (['log_events', 'contacts', 'stints', 'rack_slots', 'trips'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
