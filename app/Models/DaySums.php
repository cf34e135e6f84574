<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OldEddy\Year\DayTotals;
use OldEddy\Year\Stay;

/**
 * What each day's log adds up to for looking back (rule Y3), kept beside the days. A tap only notes that a day has to be added up anew;
 * whoever looks back adds up those few first.
 */
final class DaySums
{
    private const ROWS = 500;

    /** So many days are added up while somebody waits for a page; more by the queue. */
    public const AT_ONCE = 8;

    /**
     * Adds up the days of an angler, or of all, that changed since they were added up last.
     *
     * @param  ?int  $but  a day that is not asked about
     * @return int how many those were
     */
    public static function freshen(?int $angler, ?int $but = null): int
    {
        $stale = DB::table('trips')->whereNull('summed_at');
        $ids = ($angler === null ? $stale : $stale->where('user_id', $angler))->where('id', '!=', $but ?? 0)->orderBy('id')->pluck('id');
        foreach ($ids as $id) {
            DB::transaction(static fn () => self::add((int) $id), 3);
        }

        return $ids->count();
    }

    /**
     * How many days of an angler are left to be added up, or to be read for what they left.
     *
     * @phpstan-impure
     */
    public static function left(int $angler): int
    {
        return self::unsummed($angler) + self::unread($angler)->count();
    }

    /** How many days of an angler are left to be added up. */
    public static function unsummed(int $angler): int
    {
        return DB::table('trips')->where('user_id', $angler)->whereNull('summed_at')->count();
    }

    /** @return list<int> finished days whose verdict nobody asked for yet */
    public static function unreadIds(int $angler): array
    {
        return self::unread($angler)->pluck('id')->map(static fn (mixed $id): int => (int) $id)->values()->all();
    }

    private static function unread(int $angler): Builder
    {
        return DB::table('trips')->where('user_id', $angler)->whereNotNull('summed_at')->whereNotNull('closed_at')->whereNull('drill_seed')->where('casts_made', '>', 0)->whereNull('leaves');
    }

    private static function add(int $id): void
    {
        // A device that logs meanwhile waits, or makes the sums stale again.
        /** @var ?Trip $trip */
        $trip = Trip::query()->whereKey($id)->lockForUpdate()->first();
        if ($trip === null) {
            return;
        }
        $stints = $trip->stints()->with('contacts')->get();
        $totals = DayTotals::of(Stint::logged($stints), array_values($stints->whereNull('line')->map(static fn (Stint $s): ?bool => $s->followed)->all()));
        foreach (['level_sums' => self::levels($totals), 'tallies' => self::tallies($totals), 'stops' => self::stops($totals)] as $table => $rows) {
            DB::table($table)->where('trip_id', $id)->delete();
            foreach (array_chunk($rows, self::ROWS) as $some) {
                DB::table($table)->insert(array_map(static fn (array $row): array => ['trip_id' => $id, ...$row], $some));
            }
        }
        $trip->keepTotals($stints);
    }

    /** @return list<array<string, mixed>> */
    private static function levels(DayTotals $totals): array
    {
        $rows = [];
        foreach ($totals->levels as $factor => $byWithin) {
            foreach ($byWithin as $within => $levels) {
                foreach ($levels as $level => $sum) {
                    $rows[] = [
                        'factor' => $factor, 'within' => $within, 'level' => (string) $level, 'casts' => $sum->casts, 'contacts' => $sum->contacts,
                        'contacts_weighed' => $sum->weighed,
                    ];
                }
            }
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private static function tallies(DayTotals $totals): array
    {
        $rows = [];
        foreach ($totals->tallies as $what => $levels) {
            foreach ($levels as $level => $tally) {
                $rows[] = ['what' => $what, 'level' => (string) $level, 'tried' => $tally->tried, 'came_off' => $tally->cameOff];
            }
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private static function stops(DayTotals $totals): array
    {
        return array_map(static fn (Stay $s, int $n): array => [
            'n' => $n, 'spot' => $s->spot, 'structure' => $s->structure, 'casts' => $s->casts, 'contacts' => $s->contacts, 'first_cast' => $s->firstCast,
            'blank_casts' => $s->blankCasts, 'minutes' => $s->minutes === null ? null : max(0, $s->minutes),
        ], $totals->stays, array_keys($totals->stays));
    }
}
