<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\LakeSpot;
use Illuminate\Support\Facades\DB;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockRow;

/** The docks of a lake by the depths of the day's pattern (S17, S26): those of a dock that paid today, or the depth at which fish are met. */
final readonly class DocksToday
{
    /** A list of fewer is none. */
    private const LEAST = 2;

    private const TOLD = 12;

    /** @param  list<array{dock: DockPlan, offFt: float}>  $ranked */
    private function __construct(public array $ranked, public bool $paid, public ?float $depthFt)
    {
    }

    public static function of(DayOnLake $day, int $minute): ?self
    {
        $docks = array_values(array_filter(array_map(static fn (LakeSpot $s): ?DockPlan => $s->dockPlan($day->day->riseFt()), $day->spots)));
        if (count($docks) < self::LEAST) {
            return null;
        }
        $met = DB::table('contacts')->join('stints', 'stints.id', '=', 'contacts.stint_id')->where('contacts.trip_id', $day->trip->id)
            ->whereNull('contacts.deleted_at')->whereNotNull('stints.spot_id')->distinct()->pluck('stints.spot')->all();
        $paid = array_filter($docks, static fn (DockPlan $d): bool => in_array($d->name, $met, true));
        if ($paid !== []) {
            $depths = array_values(array_map(static fn (DockPlan $d): array => [$d->insideFt, $d->outsideFt], $paid));

            return new self(array_slice(DockRow::byDepths($docks, $depths), 0, self::TOLD), true, null);
        }
        $depth = $day->at($minute)->reading->stand->middleFt();

        return new self(array_slice(DockRow::byDepths($docks, [[$depth, $depth]]), 0, self::TOLD), false, $depth);
    }
}
