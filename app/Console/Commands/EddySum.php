<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\DaySums;
use Illuminate\Console\Command;

/** Adds up every day that changed since it was added up last: after an update, before anyone looks back. */
final class EddySum extends Command
{
    protected $signature = 'eddy:sum';

    protected $description = 'Add up the days whose log changed';

    public function handle(): int
    {
        $days = 0;
        DaySums::freshen(null, static function () use (&$days): void {
            $days++;
        });
        $this->info("{$days} days added up.");

        return 0;
    }
}
