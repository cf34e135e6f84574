<?php

declare(strict_types=1);

use App\Models\Trip;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spots', fn (Blueprint $table) => $table->decimal('flows_to_deg', 6, 1)->nullable());
        Schema::table('trips', function (Blueprint $table): void {
            // Sums of the day's own log, so that seasons can be added up without reading every cast again.
            $table->unsignedInteger('casts_made')->default(0);
            $table->decimal('contacts_weighed', 9, 2)->default(0);
        });
        Trip::query()->each(fn (Trip $trip) => $trip->recount());
    }

    public function down(): void
    {
        Schema::table('trips', fn (Blueprint $table) => $table->dropColumn(['casts_made', 'contacts_weighed']));
        Schema::table('spots', fn (Blueprint $table) => $table->dropColumn('flows_to_deg'));
    }
};
