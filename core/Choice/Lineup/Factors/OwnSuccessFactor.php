<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\OwnSuccess;
use OldEddy\Reading\Reading;

/** What one's own days gave on the lure, bounded. Basis: rule M24. */
final readonly class OwnSuccessFactor extends ReadyFactor
{
    /** At most so much either way. */
    private const MOST = 1.5;

    /** @param  array<string, Effect>  $byLure */
    private function __construct(private array $byLure)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $ratios = OwnSuccess::ratios($reading->day->ownSuccess);
        $byLure = [];
        foreach ($reading->day->ownSuccess as $own) {
            $effect = max(1 / self::MOST, min(self::MOST, $ratios[$own->lure] ?? 1.0));
            $text = 'Your own days like this: %.1f contacts in %d casts on it, '.($effect >= 1 ? 'more than' : 'less than').' on your others.';
            if (Effect::heard($effect) !== 1.0) {
                $byLure[$own->lure] = new Effect('own', $effect, Said::of($text, $own->contacts, $own->casts), 'M24');
            }
        }

        return $byLure === [] ? null : new self($byLure);
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $this->byLure[$lure->key] ?? null;
    }
}
