<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Rattle or silence. Basis: school loudness and rule F10, factors our own. */
final readonly class SoundFactor extends ReadyFactor
{
    private const LOUD = 0.5;

    private function __construct(private Effect $loud)
    {
    }

    public static function on(Reading $reading): ?self
    {
        return match (true) {
            SpecChooser::wantsSilence($reading) => new self(new Effect('sound', 0.88, 'Loud for wary shallow or pressured fish.', 'F10', 'loudness: silent')),
            SpecChooser::wantsRattle($reading) => new self(new Effect('sound', 1.1, 'Its noise is found where sight fails.', 'W4', 'loudness: rattle')),
            default => null,
        };
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $lure->appeal->sound >= self::LOUD ? $this->loud : null;
    }
}
