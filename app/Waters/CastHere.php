<?php

declare(strict_types=1);

namespace App\Waters;

use App\Boat\Instruments;
use Illuminate\Support\Facades\Cache;
use OldEddy\Boat\Quantity;
use OldEddy\Where\Cast\CastFinder;
use OldEddy\Where\Cast\CastLine;
use OldEddy\Where\Cast\CastRead;
use OldEddy\Where\Cast\Off;

/** The line of the cast at a spot: the one that gave a fish or was drawn, and the one that the bottom says (S25). */
final readonly class CastHere
{
    /** Goes up when the same bottom would give another line. */
    private const EDITION = 2;

    /** A cast of a usual length with a lure of a usual speed. Basis: own choice. */
    public const CAST_FT = 75.0;

    public const LURE_FT_S = 2.0;

    /** The plan of it reaches so far around the spot, metres. */
    public const AROUND_M = 55.0;

    public ?CastLine $kept;

    public ?CastRead $read;

    /** How far the boat stands off the line now, where its instruments say so. */
    public ?Off $off;

    public function __construct(private SpotToday $today, private DayOnLake $lakeDay)
    {
        $this->kept = $today->spot->castLine();
        $this->read = $this->reckoned();
        $boat = Instruments::position($lakeDay->trip);
        $line = $this->line();
        $this->off = $boat === null || $line === null ? null : $line->offOf($boat, Instruments::say($lakeDay->trip, Quantity::HeadingDeg));
    }

    /** What the bottom says, where nothing was kept that goes before it. */
    public function shown(): ?CastRead
    {
        return $this->kept === null ? $this->read : null;
    }

    /** The one to cast: what gave a fish before goes first. */
    public function line(): ?CastLine
    {
        return $this->kept ?? $this->read?->line;
    }

    /** The depth that is aimed at here: where the fish stand, as far as the spot has that water. */
    public function depthFt(): float
    {
        $depth = $this->today->place->depthAt($this->today->day->riseFt());
        $fish = $this->lakeDay->at($this->today->minute)->at($this->today->place)->reading->stand->middleFt();

        return match (true) {
            $depth !== null && $depth[1] > 0 => max(0.5, min(max(0.5, $depth[1]), max($depth[0], $fish))),
            default => max(0.5, $fish),
        };
    }

    private function reckoned(): ?CastRead
    {
        $lake = $this->lakeDay->lake;
        $depth = $this->depthFt();
        $rise = $this->today->day->riseFt();
        if (! $lake->hasDepths()) {
            return null;
        }
        $key = sprintf('cast:%d:%s:%.6f:%.6f:%.1f:%.1f', self::EDITION, $lake->shapeKey(), $this->today->spot->lat, $this->today->spot->lon, $rise, $depth);

        return Cache::remember($key, now()->addMonth(), fn (): array => [$lake->fullGrid() === null ? null : CastFinder::at(
            $lake->fullGrid()->around($this->today->spot->lat, $this->today->spot->lon, 4 * self::AROUND_M)->atLevel($rise),
            $this->today->spot->position(), $depth, self::CAST_FT, self::LURE_FT_S,
        )])[0];
    }
}
