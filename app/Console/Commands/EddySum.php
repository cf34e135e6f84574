<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\BoxItem;
use App\Models\DaySums;
use App\Models\User;
use Illuminate\Console\Command;

/** Adds up every day that changed since it was added up last, and every box that was never: after an update, before anyone looks back. */
final class EddySum extends Command
{
    protected $signature = 'eddy:sum';

    protected $description = 'Add up the days whose log changed';

    public function handle(): int
    {
        foreach (BoxItem::query()->distinct()->pluck('user_id') as $angler) {
            BoxItem::keepFor(User::query()->findOrFail($angler));
        }
        $this->info(DaySums::freshen(null).' days added up.');

        return 0;
    }
}
