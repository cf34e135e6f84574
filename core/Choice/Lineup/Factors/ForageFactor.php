<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Reading\Reading;

/** What they eat steers the shape. Basis: rule L9, factors our own. */
final readonly class ForageFactor extends ReadyFactor
{
    /** @param  array<string, Effect>  $copies  by forage, in the order of the day's */
    private function __construct(private array $copies, private ?Effect $small, private Effect $nothing)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $copies = [];
        foreach ($reading->day->forage as $forage) {
            $copies[$forage->value] = new Effect('forage', 1.22, 'They eat '.$forage->words().', which it copies.', 'L9');
        }

        return $copies === [] ? null : new self(
            $copies,
            $reading->day->eats(Forage::Insects) ? new Effect('forage', 1.1, 'Small food, small lure.', 'L9') : null,
            new Effect('forage', 0.92, 'It copies nothing they eat today.', 'L9'),
        );
    }

    protected function about(LureFamily $lure): ?Effect
    {
        foreach ($this->copies as $forage => $effect) {
            if (in_array($forage, $lure->forage, true)) {
                return $effect;
            }
        }
        if ($this->small !== null && $lure->appeal->compact) {
            return $this->small;
        }

        return $lure->forage === [] ? null : $this->nothing;
    }
}
