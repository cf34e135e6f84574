<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\SumDays;
use App\Models\BoxItem;
use App\Models\DaySums;
use App\Models\DemoCopy;
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
        // Every visitor gets a copy of the demo: what its days left is read once, for all of them.
        $demo = User::query()->where('email', DemoCopy::EMAIL)->value('id');
        $demo === null || SumDays::dispatch($demo);

        return 0;
    }
}
