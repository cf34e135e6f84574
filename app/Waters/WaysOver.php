<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use Illuminate\Support\Facades\Cache;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\WaterWays;

/** The ways over a lake at a level, found once for a shape, a level and a draft. */
final class WaysOver
{
    private const DAYS = 7;

    /** @param  ?DepthGrid  $grid  the lake at that level; of one whose depths nobody measured, no way over water is known */
    public static function of(Lake $lake, ?DepthGrid $grid, float $riseFt, float $draftFt = Craft::USUAL_DRAFT_FT): ?WaterWays
    {
        return $grid === null ? null : Cache::remember(
            sprintf('ways:%s:%.1f:%.1f', $lake->shapeKey(), $riseFt, $draftFt), now()->addDays(self::DAYS), static fn (): WaterWays => new WaterWays($grid, $draftFt),
        );
    }
}
