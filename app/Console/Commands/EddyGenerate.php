<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Log\Generator;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Makes an account with many days of log, to measure with. */
final class EddyGenerate extends Command
{
    protected $signature = 'eddy:generate {email : of the account, made when it is missing} {--casts=200000} {--contacts=20000}';

    protected $description = 'Make an account with many logged casts and contacts';

    public function handle(): int
    {
        $angler = User::query()->firstOrCreate(['email' => (string) $this->argument('email')], ['name' => 'Measured', 'password' => bin2hex(random_bytes(12))]);
        if (! $angler->trips()->exists()) {
            DB::transaction(
                fn () => (new Generator($angler))->bulk(
                    (int) $this->option('casts'),
                    (int) $this->option('contacts'),
                    ['species' => 'largemouth_bass', 'date' => '2026-05-02', 'water' => ['temp_f' => 66, 'visibility_ft' => 3]],
                ),
            );
        }
        $this->info(sprintf(
            '%s: %d days, %d casts, %d contacts.',
            $angler->email,
            $angler->trips()->count(),
            (int) DB::table('stints')->join('trips', 'trips.id', '=', 'trip_id')->where('trips.user_id', $angler->id)->sum('cast_count'),
            DB::table('contacts')->join('trips', 'trips.id', '=', 'trip_id')->where('trips.user_id', $angler->id)->count(),
        ));

        return 0;
    }
}
