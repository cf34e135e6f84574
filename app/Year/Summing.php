<?php

declare(strict_types=1);

namespace App\Year;

use App\Jobs\SumDays;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Days that have to be added up before an angler looks back: a few are done while he waits, many by the queue, with how far it is. */
final class Summing
{
    /** So many days are added up while somebody waits for a page. */
    public const AT_ONCE = 8;

    /**
     * How many days are left to be added up, or to be read for what they left.
     *
     * @phpstan-impure
     */
    public static function left(User $angler): int
    {
        return self::stale($angler)->count() + self::unread($angler)->count();
    }

    /** Whether an angler has to wait for the queue; it is set to work. */
    public static function waits(User $angler): bool
    {
        if (self::left($angler) <= self::AT_ONCE) {
            return false;
        }
        SumDays::dispatch($angler->id);

        return self::left($angler) > self::AT_ONCE;
    }

    /** @return list<int> finished days whose verdict nobody asked for yet */
    public static function unreadIds(User $angler): array
    {
        return self::unread($angler)->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
    }

    private static function stale(User $angler): Builder
    {
        return DB::table('trips')->where('user_id', $angler->id)->whereNull('summed_at');
    }

    private static function unread(User $angler): Builder
    {
        return DB::table('trips')->where('user_id', $angler->id)->whereNotNull('summed_at')->whereNotNull('closed_at')->whereNull('drill_seed')->where('casts_made', '>', 0)->whereNull('leaves');
    }
}
