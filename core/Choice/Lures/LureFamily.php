<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Column;

/**
 * One lure family as the catalog knows it. Factors stand around 1 (1 is as good as any lure, 2 twice as fit, 0 is
 * never); shares run from 0 to 1. Basis: handbook 03, 05 and 06 in words, the numbers our own.
 */
final readonly class LureFamily
{
    /** Fit of a species that the record does not name. */
    private const UNUSUAL_SPECIES = 0.25;

    /** How well a hook comes through a cover that the record does not name, by exposure. */
    private const COVER_BY_EXPOSURE = [
        'treble' => ['lily_pads' => 0.3, 'reeds' => 0.15, 'grass_submerged' => 0.6, 'grass_edge' => 0.95, 'grass_matted' => 0.02, 'grass_dying' => 0.65, 'wood' => 0.7, 'laydown' => 0.65, 'stumps' => 0.8, 'brush' => 0.45, 'flooded_bushes' => 0.4, 'standing_timber' => 0.75, 'dock' => 0.9, 'rock' => 1.0, 'shade' => 1.0, 'overhang' => 0.85, 'none' => 1.05],
        'exposed' => ['lily_pads' => 0.45, 'reeds' => 0.4, 'grass_submerged' => 0.7, 'grass_edge' => 1.05, 'grass_matted' => 0.05, 'grass_dying' => 0.7, 'wood' => 0.65, 'laydown' => 0.6, 'stumps' => 0.8, 'brush' => 0.5, 'flooded_bushes' => 0.5, 'standing_timber' => 0.75, 'dock' => 1.0, 'rock' => 1.0, 'shade' => 1.05, 'overhang' => 0.95, 'none' => 1.1],
        'guarded' => ['lily_pads' => 0.9, 'reeds' => 0.95, 'grass_submerged' => 0.95, 'grass_edge' => 1.0, 'grass_matted' => 0.4, 'grass_dying' => 0.95, 'wood' => 1.1, 'laydown' => 1.1, 'stumps' => 1.1, 'brush' => 1.0, 'flooded_bushes' => 1.05, 'standing_timber' => 1.05, 'dock' => 1.05, 'rock' => 1.0, 'shade' => 1.05, 'overhang' => 1.0, 'none' => 0.85],
        'weedless' => ['lily_pads' => 1.1, 'reeds' => 1.1, 'grass_submerged' => 1.05, 'grass_edge' => 1.0, 'grass_matted' => 0.8, 'grass_dying' => 1.0, 'wood' => 1.05, 'laydown' => 1.05, 'stumps' => 1.05, 'brush' => 1.05, 'flooded_bushes' => 1.05, 'standing_timber' => 1.0, 'dock' => 1.05, 'rock' => 0.95, 'shade' => 1.05, 'overhang' => 1.05, 'none' => 0.85],
    ];

    /**
     * @param  string  $group  surface, moving, bottom or trolling
     * @param  array{float, float}  $depthFt  working depth, feet
     * @param  array{float, float, float, float}  $tempF  °F: hopeless below, good from, good to, hopeless above
     * @param  list<Column>  $columns  where in the column it works, best first
     * @param  array{float, float}  $speedFtS  slowest and fastest useful speed, feet a second
     * @param  float  $vibration  share
     * @param  float  $sound  share
     * @param  float  $flash  share
     * @param  float  $sight  share of its appeal that needs to be seen
     * @param  float  $snag  share of casts into cover that hang up
     * @param  array<string, float>  $covers  factor by cover
     * @param  array<string, float>  $structures  factor by structure
     * @param  array<string, float>  $species  factor by species or group
     * @param  array<string, float>  $stages  factor by stage
     * @param  list<string>  $forage  what it copies
     * @param  list<float>  $lengthsIn  inches, small to big
     * @param  list<float>  $weightsOz  ounces, light to heavy
     * @param  list<float>  $diveTiersFt  rated running depths of diving plugs, feet
     * @param  ?float  $sinkFtS  own sink rate, feet a second, where weight does not decide it
     * @param  float  $bulk  share: how much its body slows the fall
     * @param  float  $standsOffFt  feet it is held above the bottom
     * @param  float  $drawsFt  feet fish come up for it in clear water beyond their strike radius
     * @param  list<string>  $cadences  keys, the first that fits the day is taken
     */
    private function __construct(
        public string $key,
        public string $group,
        public string $text,
        public array $depthFt,
        public array $tempF,
        public array $columns,
        public array $speedFtS,
        public float $vibration,
        public float $sound,
        public float $flash,
        public float $sight,
        public Exposure $exposure,
        public float $snag,
        public Role $role,
        public array $covers,
        public array $structures,
        public array $species,
        public array $stages,
        public array $forage,
        public array $lengthsIn,
        public array $weightsOz,
        public string $hook,
        public ?string $trailer,
        public string $line,
        public string $rod,
        public Buoyancy $buoyancy,
        public array $diveTiersFt,
        public ?float $sinkFtS,
        public float $bulk,
        public float $standsOffFt,
        public float $drawsFt,
        public array $cadences,
        public string $colorGroup,
        public string $cast,
        public bool $rattles,
        public bool $thumps,
        public bool $deflects,
        public bool $compact,
        public bool $big,
        public bool $lowAction,
        public bool $softWorm,
        public bool $trolled,
    ) {
    }

    /**
     * From one record of the families folder.
     *
     * @param  array<string, mixed>  $r
     */
    public static function fromRecord(string $key, string $group, array $r): self
    {
        return new self(
            $key, $group, $r['text'], $r['depth_ft'], $r['temp_f'],
            array_map(Column::from(...), $r['columns']),
            $r['speed_ft_s'], $r['vibration'], $r['sound'], $r['flash'], $r['sight'],
            Exposure::from($r['exposure']), $r['snag'], Role::from($r['role']),
            $r['covers'] + self::COVER_BY_EXPOSURE[$r['exposure']],
            $r['structures'] ?? [], $r['species'], $r['stages'] ?? [], $r['forage'],
            $r['lengths_in'], $r['weights_oz'], $r['hook'], $r['trailer'], $r['line'], $r['rod'],
            Buoyancy::from($r['buoyancy']), $r['dive_tiers_ft'] ?? [], $r['sink_ft_s'] ?? null, $r['bulk'] ?? 0.0,
            $r['stands_off_ft'] ?? 0.0, $r['draws_ft'] ?? 0.0, $r['cadences'], $r['colors'], $r['cast'],
            $r['rattle'] ?? false, $r['thump'] ?? false, $r['deflects'] ?? false, $r['compact'] ?? false,
            $r['big'] ?? false, $r['low_action'] ?? false, $r['soft_worm'] ?? false, $r['trolled'] ?? false,
        );
    }

    /** Its name for people. */
    public function name(): string
    {
        return str_replace('_', ' ', $this->key);
    }

    /** How well it comes through a cover: a factor, 0 for never. */
    public function through(Cover $cover): float
    {
        return $this->covers[$cover->value];
    }

    /** How well it suits a structure: a factor. */
    public function on(Structure $structure): float
    {
        return $this->structures[$structure->value] ?? 1.0;
    }

    /** How usual it is for a species: a factor. */
    public function suits(Species $species): float
    {
        return $this->species[$species->value] ?? $this->species[$species->group()] ?? self::UNUSUAL_SPECIES;
    }

    /** How well it suits a stage: a factor. */
    public function at(Stage $stage): float
    {
        return $this->stages[$stage->value] ?? 1.0;
    }

    /** Whether it is worked on the surface. */
    public function isSurface(): bool
    {
        return $this->columns[0] === Column::Surface;
    }

    /** Whether it dives on its own lip. */
    public function dives(): bool
    {
        return $this->diveTiersFt !== [];
    }

    /** Whether it is a moving lure, worked for fish that chase. */
    public function isMoving(): bool
    {
        return $this->speedFtS[1] >= 2.0;
    }

    /** Whether it makes noise or thump enough to be struck beyond sight (rule F13). */
    public function isLoud(): bool
    {
        return $this->rattles || $this->thumps;
    }
}
