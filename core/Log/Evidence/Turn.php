<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** A moment of the day (ISO 8601, as the stints have it) at which light, level, front or clarity changed. */
final readonly class Turn
{
    /** The least a stint can say, however much has changed since. Basis: our own choice. */
    private const LEAST = 0.2;

    /** Several changes of one kind within so many minutes are one turn. Basis: our own choice. */
    public const ONE_TURN_MIN = 20;

    public function __construct(public string $at, public TurnKind $kind)
    {
    }

    /**
     * How much each stint still says after the turns that followed its beginning, 0 to 1. Basis: rule M12, our own shares.
     *
     * @param  list<Stint>  $stints
     * @param  list<self>  $turns
     * @return list<float>
     */
    public static function freshness(array $stints, array $turns): array
    {
        return array_map(static function (Stint $stint) use ($turns): float {
            $fresh = 1.0;
            foreach ($turns as $turn) {
                $fresh *= $turn->at > $stint->at ? $turn->kind->keeps() : 1.0;
            }

            return max(self::LEAST, $fresh);
        }, $stints);
    }
}
