<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

/**
 * Where bites came in a section, feet, and when ("09:54"). How far out nobody logs: they are set where the bottom lies as deep as it was
 * logged, else where it first lies under the lure. Basis: rule M22; the setting is our own choice.
 */
final readonly class BiteMark
{
    /** The section is searched from the bank outward in so many steps. */
    private const STEPS = 100;

    /** @param  non-empty-list<string>  $at */
    private function __construct(public float $distanceFt, public float $depthFt, public array $at)
    {
    }

    /**
     * The bites of one presentation at one depth (feet); null where no depth was logged.
     *
     * @param  ?float  $waterFt  the water there
     * @param  non-empty-list<string>  $at
     */
    public static function in(Scene $scene, ?float $depthFt, ?float $waterFt, array $at): ?self
    {
        if ($depthFt === null) {
            return null;
        }
        $wanted = min($scene->depthFt, max($waterFt ?? 0.0, $depthFt));
        for ($i = self::STEPS; $i > 0; $i--) {
            $distance = $scene->lengthFt * $i / self::STEPS;
            if ($scene->bottomAt($distance) >= $wanted) {
                break;
            }
        }

        return new self($scene->lengthFt * $i / self::STEPS, min($depthFt, $scene->depthFt), $at);
    }
}
