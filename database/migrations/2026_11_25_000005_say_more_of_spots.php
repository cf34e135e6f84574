<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spots', fn (Blueprint $table) => $table->decimal('flows_to_deg', 6, 1)->nullable());
    }

    public function down(): void
    {
        Schema::table('spots', fn (Blueprint $table) => $table->dropColumn('flows_to_deg'));
    }
};
