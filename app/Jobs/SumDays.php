<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\DaySums;
use App\Models\User;
use App\Year\WhatDayLeft;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;

/** Adds up the days of an angler that changed, and reads the finished ones for what they left. Run twice, it does nothing more. */
final class SumDays implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable;
    use Queueable;

    /** A run that was killed may begin anew after so many seconds. */
    public int $uniqueFor = 120;

    public function __construct(private readonly int $angler)
    {
    }

    public function uniqueId(): string
    {
        return "sum-{$this->angler}";
    }

    public function handle(): void
    {
        $angler = User::query()->find($this->angler);
        if ($angler === null) {
            return;
        }
        DaySums::freshen($angler->id);
        foreach (array_chunk(DaySums::unreadIds($angler->id), DaySums::AT_ONCE) as $some) {
            WhatDayLeft::ofAll($angler, $some);
        }
    }
}
