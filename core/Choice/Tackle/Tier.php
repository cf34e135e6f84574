<?php

declare(strict_types=1);

namespace OldEddy\Choice\Tackle;

use OldEddy\Choice\Lures\LureFamily;

/** The depth tiers into which a box is sorted (rule K3), by the depth a lure runs at. Basis: common practice, the cut points our own. */
enum Tier: string
{
    case Surface = 'surface';
    case Shallow = 'shallow';
    case Middle = 'middle';
    case Deep = 'deep';
    case Deepest = 'deepest';

    private const SHALLOW_TO_FT = 4.0;

    private const MIDDLE_TO_FT = 8.0;

    private const DEEP_TO_FT = 14.0;

    /** The tier of a depth, feet (0 or more). */
    public static function at(float $depthFt): self
    {
        return match (true) {
            $depthFt < self::SHALLOW_TO_FT => self::Shallow,
            $depthFt < self::MIDDLE_TO_FT => self::Middle,
            $depthFt < self::DEEP_TO_FT => self::Deep,
            default => self::Deepest,
        };
    }

    /**
     * The tiers that a lure fishes: a surface lure its own, a diver the one it is rated for (feet), all others those within their span of
     * depths.
     *
     * @return non-empty-list<self>
     */
    public static function of(LureFamily $lure, ?float $ratedFt): array
    {
        if ($lure->isSurface()) {
            return [self::Surface];
        }
        if ($lure->dives() && $ratedFt !== null) {
            return [self::at($ratedFt)];
        }
        $tiers = [];
        foreach ([self::Shallow, self::Middle, self::Deep, self::Deepest] as $tier) {
            [$from, $to] = $tier->spanFt();
            if ($lure->hydraulics->fromFt < $to && $lure->hydraulics->toFt > $from) {
                $tiers[] = $tier;
            }
        }

        return $tiers === [] ? [self::at($lure->hydraulics->fromFt)] : $tiers;
    }

    /**
     * The tiers that a diving family could fish and none of the models held does; none where nobody said what they are rated for.
     *
     * @param  list<float>  $ratedFt  of the models held, feet, over 0
     * @return list<self>
     */
    public static function missing(LureFamily $lure, array $ratedFt): array
    {
        if (! $lure->dives() || $ratedFt === []) {
            return [];
        }
        $held = array_map(self::at(...), $ratedFt);
        $could = array_map(self::at(...), $lure->hydraulics->diveTiersFt);

        return array_values(array_filter(self::cases(), static fn (self $t): bool => in_array($t, $could, true) && ! in_array($t, $held, true)));
    }

    /** @return array{float, float} from and to, feet; the last is open */
    public function spanFt(): array
    {
        return match ($this) {
            self::Surface => [0.0, 0.0],
            self::Shallow => [0.0, self::SHALLOW_TO_FT],
            self::Middle => [self::SHALLOW_TO_FT, self::MIDDLE_TO_FT],
            self::Deep => [self::MIDDLE_TO_FT, self::DEEP_TO_FT],
            self::Deepest => [self::DEEP_TO_FT, INF],
        };
    }
}
