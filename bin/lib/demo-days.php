<?php

declare(strict_types=1);

// Fishes the closed days of the demo anew and writes down how they went.
require __DIR__.'/../../vendor/autoload.php';

$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
Illuminate\Support\Facades\DB::beginTransaction();
$angler = App\Models\User::query()->create(['name' => 'Nobody', 'email' => 'demo-days@old-eddy.example', 'password' => bin2hex(random_bytes(8))]);
echo Database\Seeders\FishedDays::write($angler), " days written.\n";
Illuminate\Support\Facades\DB::rollBack();
