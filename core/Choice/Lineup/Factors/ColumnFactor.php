<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

/** Whether the lure works in the fish's part of the water column. Basis: rules FAMILIES, L13 and L20, factors our own. */
final readonly class ColumnFactor implements Factor
{
    /** How well a lure of one part serves fish of another. */
    private const NEAR = [
        'bottom' => ['bottom' => 1.0, 'mid' => 0.85, 'suspended' => 0.65, 'surface' => 0.5],
        'mid' => ['bottom' => 0.85, 'mid' => 1.0, 'suspended' => 0.95, 'surface' => 0.8],
        'suspended' => ['bottom' => 0.6, 'mid' => 0.95, 'suspended' => 1.0, 'surface' => 0.7],
        'surface' => ['bottom' => 0.45, 'mid' => 0.85, 'suspended' => 0.9, 'surface' => 1.0],
    ];

    /** For a lure whose first, second or third part of the column is the fish's. */
    private const ITS_OWN = [1.12, 1.08, 1.0];

    /** In so many feet of water every part of the column is out of reach of the others; in less, by share. */
    private const APART_FT = 12.0;

    /** What lies on shallow water outranks the column: a lure made for it meets the fish below (L13, F16); fit, feet. */
    private const MADE_FOR_IT = 1.2;

    private const SHALLOW_TO_FT = 6.0;

    private const SURFACE_COVERS = [Cover::LilyPads, Cover::GrassMatted, Cover::Reeds];

    /**
     * @param  array<string, float>  $near  how well a lure of each part serves the fish
     * @param  list<Cover>  $over  the covers that lie on shallow water here
     */
    private function __construct(
        private Column $fish,
        private array $near,
        private float $apart,
        private array $over,
        private Tempo $tempo,
        private ?DepthFactor $draw,
    ) {
    }

    public static function on(Reading $reading): self
    {
        return self::with($reading, Tempo::of($reading), DepthFactor::on($reading));
    }

    /** The same with a tempo and a depth factor that others share. */
    public static function with(Reading $reading, Tempo $tempo, DepthFactor $depth): self
    {
        $fish = $reading->stand->column;

        $over = $reading->stand->deepFt > self::SHALLOW_TO_FT ? []
            : array_values(array_filter($reading->day->spot->covers, static fn (Cover $c): bool => in_array($c, self::SURFACE_COVERS, true)));

        // Bright sun keeps their heads down; else what draws them is met wherever they hold (L20).
        $looksUp = $reading->day->lowLight || ($reading->day->sky !== Sky::Clear && ! $reading->mood->isNegative());

        return new self(
            $fish,
            self::NEAR[$fish->value],
            min(1.0, $reading->stand->deepFt / self::APART_FT),
            $over,
            $tempo,
            $looksUp ? $depth : null,
        );
    }

    public function number(LureFamily $lure): float
    {
        if ($this->tempo->column($lure) === $this->fish) {
            return self::ITS_OWN[0];
        }
        $best = 0.3;
        foreach ($lure->columns as $i => $column) {
            if ($column === $this->fish) {
                return self::ITS_OWN[$i] ?? 1.0;
            }
            $best = max($best, $this->near[$column->value]);
        }

        $drawn = $this->draw !== null && ($lure->isSurface() || $lure->appeal->drawsFt > 0) && $this->draw->draws($lure);

        return $drawn || $this->isMadeForIt($lure) ? 1.0 : 1 - (1 - $best) * $this->apart;
    }

    private function isMadeForIt(LureFamily $lure): bool
    {
        foreach ($this->over as $cover) {
            if ($lure->isSurface() && $lure->through($cover) >= self::MADE_FOR_IT) {
                return true;
            }
        }

        return false;
    }

    public function effect(LureFamily $lure): Effect
    {
        $where = match ($this->fish) {
            Column::Bottom => 'on the bottom',
            Column::Mid => 'in mid water',
            Column::Suspended => 'suspended',
            Column::Surface => 'at the surface',
        };
        $text = in_array($this->fish, $lure->columns, true)
            || $this->tempo->column($lure) === $this->fish ? "It works {$where}, where they are." : "They are {$where}; it works elsewhere.";

        return new Effect('column', $this->number($lure), $text, 'FAMILIES');
    }
}
