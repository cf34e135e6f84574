<?php

declare(strict_types=1);

namespace OldEddy\Where\Cast;

use OldEddy\Basics\Said;

/** How far one stands off a line of the cast: feet to its right and ahead on it (under 0: left, back), degrees to the right; null where no heading is known. */
final readonly class Off
{
    /** Nearer than this is on the line: no phone tells it better. Basis: own choice. */
    private const ON_FT = 3.0;

    private const ON_DEG = 2.0;

    public function __construct(public float $rightFt, public float $aheadFt, public ?float $rightDeg)
    {
    }

    /** Feet off the line and along it together. */
    public function feet(): float
    {
        return hypot($this->rightFt, $this->aheadFt);
    }

    /** In words: how far off, and where to go. */
    public function words(): Said
    {
        $moves = [];
        if ($this->feet() > self::ON_FT) {
            $moves[] = abs($this->rightFt) < 1 ? null : Said::of('{%.0f ft} to the %s', abs($this->rightFt), $this->rightFt > 0 ? 'left' : 'right');
            $moves[] = abs($this->aheadFt) < 1 ? null : Said::of('{%.0f ft} %s', abs($this->aheadFt), $this->aheadFt > 0 ? 'back' : 'ahead');
        }
        if ($this->rightDeg !== null && abs($this->rightDeg) > self::ON_DEG) {
            $moves[] = Said::of('cast %.0f° more to the %s', abs($this->rightDeg), $this->rightDeg > 0 ? 'left' : 'right');
        }
        $moves = array_values(array_filter($moves));
        $off = match (true) {
            $moves === [] => Said::of('On the line.'),
            $this->rightDeg === null => Said::of('Off by {%.0f ft}: ', $this->feet()),
            default => Said::of('Off by {%.0f ft} and %.0f°: ', $this->feet(), abs($this->rightDeg)),
        };

        return $moves === [] ? $off : Said::joined($off, Said::listed(', ', ...$moves), '.');
    }
}
