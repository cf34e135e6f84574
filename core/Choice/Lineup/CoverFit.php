<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Path\CoverShape;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** How lures fit the cover in reach on a day. Basis: rules L1, L2, L4, L16 and L17. */
final readonly class CoverFit
{
    /** Under this a lure hangs up in the cover. */
    public const HANGS_UP = 0.75;

    /** Under this a lure is no choice for the cover. */
    public const HOPELESS = 0.2;

    private const LEAST = 0.01;

    /** What a second cover beside the first makes of the fit. */
    private const BESIDE = 1.05;

    /** Fished past it, along its edge, an open hook comes by so well (L17). */
    private const PAST = 0.65;

    /** Run over weed that ends below it, it comes through as in open water (L17); feet between lure and weed. */
    private const OVER = 1.0;

    private const CLEARS_FT = 0.5;

    /** Weed over which there is open water. */
    private const ENDS_BELOW = [Cover::GrassSubmerged, Cover::GrassDying];

    /**
     * @param  non-empty-list<Cover>  $covers  those in reach
     * @param  array<string, float>  $weedTopsFt  depth at which weed ends below the surface, by cover
     * @param  bool  $past  whether these fish are fished for past the cover rather than in it
     */
    private function __construct(private array $covers, private bool $known, private array $weedTopsFt, private bool $past)
    {
    }

    /** The fits of a day. */
    public static function in(Reading $reading): self
    {
        $water = $reading->day->spot->deepFt ?? $reading->stand->deepFt;
        $tops = [];
        foreach (self::ENDS_BELOW as $weed) {
            $tops[$weed->value] = $water * (1 - (CoverShape::of($weed)->height ?? 0.0));
        }

        return new self(
            $reading->covers, $reading->day->spot->covers !== [], $tops,
            $reading->day->species->group() === 'toothy',
        );
    }

    /** How a lure fits: that of its best match, raised a little where it comes through another cover beside it as well (L16). */
    public function of(LureFamily $lure): float
    {
        $best = self::LEAST;
        $fits = 0;
        foreach ($this->covers as $cover) {
            $fit = $this->fit($lure, $cover);
            $best = max($best, $fit);
            $fits += $fit >= self::HANGS_UP ? 1 : 0;
        }

        return $fits > 1 ? $best * self::BESIDE : $best;
    }

    /** The cover at the spot that defeats a lure: the first, where it comes through none of them (L16). */
    public function defeating(LureFamily $lure): ?Cover
    {
        if (! $this->known) {
            return null;
        }
        foreach ($this->covers as $cover) {
            if ($this->fit($lure, $cover) >= self::HOPELESS) {
                return null;
            }
        }

        return $this->covers[0];
    }

    /** How a lure comes through one cover as it is fished here: into it, over it or past it (L17). */
    public function fit(LureFamily $lure, Cover $cover): float
    {
        $fit = $lure->habitat->covers[$cover->value];
        $exposure = $lure->rigging->exposure;
        if ($exposure !== Exposure::Treble && ! ($exposure === Exposure::Exposed && $lure->isMoving())) {
            return $fit;
        }

        return match (true) {
            isset($this->weedTopsFt[$cover->value]) && $lure->hydraulics->fromFt <= $this->weedTopsFt[$cover->value] - self::CLEARS_FT => max(self::OVER, $fit),
            $cover === Cover::Reeds && $this->past => max(self::PAST, $fit),
            default => $fit,
        };
    }
}
