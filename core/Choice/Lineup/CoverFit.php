<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** How lures fit the cover in reach on a day. Basis: rules L1, L2, L4; the mean is our own choice. */
final readonly class CoverFit
{
    /** Under this a lure hangs up in the cover. */
    public const HANGS_UP = 0.75;

    /** Under this a lure is no choice for the cover. */
    public const HOPELESS = 0.2;

    private const LEAST = 0.01;

    /** @param  non-empty-list<Cover>  $covers  those in reach */
    private function __construct(private array $covers, private bool $known)
    {
    }

    /** The fits of a day. */
    public static function in(Reading $reading): self
    {
        return new self($reading->covers, $reading->day->spot->covers !== []);
    }

    /** The geometric mean of a lure's fits: a factor, low when one cover defeats it. */
    public function of(LureFamily $lure): float
    {
        if (count($this->covers) === 1) {
            return max(self::LEAST, $lure->habitat->covers[$this->covers[0]->value]);
        }
        $product = 1.0;
        foreach ($this->covers as $cover) {
            $product *= max(self::LEAST, $lure->habitat->covers[$cover->value]);
        }

        return $product ** (1 / count($this->covers));
    }

    /** The cover at the spot that defeats a lure, if one does. */
    public function defeating(LureFamily $lure): ?Cover
    {
        if (! $this->known) {
            return null;
        }
        foreach ($this->covers as $cover) {
            if ($lure->habitat->covers[$cover->value] < self::HOPELESS) {
                return $cover;
            }
        }

        return null;
    }
}
