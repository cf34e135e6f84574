<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Reading;

/** Whether the lure suits the structure, or the first structure to look for. Basis: rule FAMILIES, factors our own. */
final readonly class StructureFactor implements Factor
{
    private function __construct(private Structure $structure, private bool $known)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $known = $reading->day->spot->structure;
        $structure = $known ?? $reading->stand->structures[0] ?? null;

        return $structure === null ? null : new self($structure, $known !== null);
    }

    public function number(LureFamily $lure): float
    {
        return $this->known ? $lure->habitat->on($this->structure) : $lure->habitat->on($this->structure) ** 0.5;
    }

    public function effect(LureFamily $lure): Effect
    {
        return new Effect(
            'structure',
            $this->number($lure),
            ucfirst($this->structure->words()).($this->known ? '' : ', the first place to look,').' is ground for it.',
            'FAMILIES',
        );
    }
}
