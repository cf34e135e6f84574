<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // What a day left was judged by other limits (decision 0020): it is asked again when somebody looks back.
        DB::statement('update trips set leaves = null where leaves is not null');
    }
};
