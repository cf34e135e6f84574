<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;

/** Where a family is at home: cover, structure, species. Factors of our own scale; basis: rule FAMILIES. */
final readonly class Habitat
{
    /** Fit of a species that the record does not name. */
    private const UNUSUAL_SPECIES = 0.25;

    /**
     * @param  array<string, float>  $covers  factor by cover, all of them named
     * @param  array<string, float>  $structures  factor by structure; those not named are 1
     * @param  array<string, float>  $species  factor by species or group
     */
    public function __construct(public array $covers, private array $structures, private array $species)
    {
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

    /** Whether anything is said of it and a species, or of its group: what nobody says of it is no lure for them. */
    public function isUsualFor(Species $species): bool
    {
        return isset($this->species[$species->value]) || isset($this->species[$species->group()]);
    }

    /** How usual it is for a species: a factor. */
    public function suits(Species $species): float
    {
        return $this->species[$species->value] ?? $this->species[$species->group()] ?? self::UNUSUAL_SPECIES;
    }
}
