<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lakes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('shoreline')->nullable();
            $table->json('sections')->nullable();
            $table->json('tracks')->nullable();
            $table->json('dropped')->nullable();
            $table->decimal('ramp_lat', 9, 6)->nullable();
            $table->decimal('ramp_lon', 9, 6)->nullable();
            $table->timestamps();
        });
        // Depth grids, packed: as it came, and coarse enough to read and draw at once. The builder knows no larger bytes than 64 KB.
        DB::statement('alter table lakes add grid longblob null, add working mediumblob null');
        Schema::create('spots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lake_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->decimal('lat', 9, 6);
            $table->decimal('lon', 9, 6);
            $table->string('structure', 40)->nullable();
            $table->json('cover');
            $table->string('bottom', 20)->nullable();
            foreach (['shallow_ft', 'deep_ft', 'depth_nearby_ft', 'bank_faces_deg', 'object_height_ft', 'setback_ft'] as $column) {
                $table->decimal($column, 6, 1)->nullable();
            }
            $table->json('fetch_ft')->nullable();
            $table->json('shape')->nullable();
            $table->json('dock')->nullable();
            $table->string('origin', 10)->default('typed');
            $table->timestamps();
            $table->unique(['lake_id', 'name']);
        });
        Schema::table('trips', function (Blueprint $table): void {
            $table->foreignId('lake_id')->nullable()->constrained()->nullOnDelete();
            $table->json('route')->nullable();
        });
        Schema::table('stints', function (Blueprint $table): void {
            $table->foreignId('spot_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('stints', fn (Blueprint $table) => $table->dropConstrainedForeignId('spot_id'));
        Schema::table('trips', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('lake_id');
            $table->dropColumn('route');
        });
        Schema::dropIfExists('spots');
        Schema::dropIfExists('lakes');
    }
};
