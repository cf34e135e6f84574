<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\Lake;
use App\Models\Stint;
use OldEddy\Where\Lake\Position;

/** How a report speaks of spots: by name, blurred to the section of the lake, or only by what they are (Y8). */
final readonly class SpotsShown
{
    /** Decimals of a position that is allowed to be shown: about ten metres. */
    private const DECIMALS = 4;

    public function __construct(public string $mode, public bool $positions, private ?Lake $lake)
    {
    }

    /** The name of the place of a stint. */
    public function name(Stint $stint): string
    {
        $kind = $stint->structure === null ? 'a spot' : 'a '.str_replace('_', ' ', $stint->structure);

        return match ($this->mode) {
            'named' => $stint->spot,
            'section' => $this->section($stint) ?? $kind,
            default => $kind,
        };
    }

    /** Where it is, "36.9000, -80.1000"; null unless names and positions are both allowed, or where nobody marked it. */
    public function position(Stint $stint): ?string
    {
        $spot = $this->positions && $this->mode === 'named' ? $this->lake?->spots->firstWhere('id', $stint->spot_id) : null;

        return $spot === null ? null : sprintf('%.'.self::DECIMALS.'f, %.'.self::DECIMALS.'f', $spot->lat, $spot->lon);
    }

    private function section(Stint $stint): ?string
    {
        $lake = $this->lake;
        $spot = $lake?->spots->firstWhere('id', $stint->spot_id);

        return $lake === null || $spot === null ? null : $lake->sectionOf(new Position($spot->lat, $spot->lon));
    }
}
