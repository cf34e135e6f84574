<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('trips', function (Blueprint $table): void {
            // Kept beside the conditions so that one's own past can be asked for by stage and clarity.
            $table->string('stage', 20)->nullable();
            $table->string('clarity', 10)->nullable();
            $table->json('measured')->nullable();
            $table->json('boat')->nullable();
            $table->unsignedBigInteger('drill_seed')->nullable();
            $table->index(['user_id', 'stage', 'clarity']);
        });
        Schema::table('stints', function (Blueprint $table): void {
            $table->string('angler', 40)->nullable();
            // Two stints can begin within one second: the log's own order tells them apart.
            $table->unsignedBigInteger('seq')->default(0);
            $table->string('cover_part', 10)->nullable();
            $table->softDeletes();
            // One's own past is summed out of the index alone.
            $table->index(['trip_id', 'deleted_at', 'cast_count']);
        });
        Schema::table('contacts', function (Blueprint $table): void {
            $table->string('forage', 20)->nullable();
            $table->decimal('depth_ft', 6, 1)->nullable();
            $table->string('cover', 40)->nullable();
            $table->string('cover_part', 10)->nullable();
            $table->string('light', 10)->nullable();
            $table->decimal('lat', 9, 6)->nullable();
            $table->decimal('lon', 9, 6)->nullable();
            $table->softDeletes();
            $table->index(['trip_id', 'deleted_at', 'kind']);
        });
        Schema::table('log_events', function (Blueprint $table): void {
            // What the event changed, for taking it back.
            $table->json('before')->nullable();
            $table->index(['trip_id', 'undone', 'seq']);
        });
        Schema::create('turns', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->string('kind', 10);
            $table->softDeletes();
            $table->timestamps();
        });
        Schema::create('disputes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('stint_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('contact_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('field', 20);
            $table->string('kept', 80)->nullable();
            $table->string('other', 80)->nullable();
            $table->timestamp('settled_at')->nullable();
            $table->timestamps();
        });
        Schema::create('fixes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trip_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->decimal('lat', 9, 6)->nullable();
            $table->decimal('lon', 9, 6)->nullable();
            $table->decimal('depth_ft', 6, 1)->nullable();
            $table->decimal('speed_mph', 5, 1)->nullable();
            $table->unique(['trip_id', 'at']);
        });
    }

    public function down(): void
    {
        foreach (['fixes', 'disputes', 'turns'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('log_events', fn (Blueprint $table) => $table->dropColumn('before'));
        Schema::table('contacts', fn (Blueprint $table) => $table->dropColumn(['forage', 'depth_ft', 'cover', 'cover_part', 'light', 'lat', 'lon', 'deleted_at']));
        Schema::table('stints', fn (Blueprint $table) => $table->dropColumn(['angler', 'seq', 'cover_part', 'deleted_at']));
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn(['stage', 'clarity', 'measured', 'boat', 'drill_seed']));
    }
};
