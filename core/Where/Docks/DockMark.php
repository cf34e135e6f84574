<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Said;

/**
 * One part of a dock to cast at: depth there and depth of the fish in feet, worth (over 0, to order the casts), what to
 * throw (lure keys, best first), the sentence, the rules, and the side to cast at where one is better.
 */
final readonly class DockMark
{
    /**
     * @param  list<string>  $lures
     * @param  list<string>  $ruleIds
     */
    public function __construct(
        public Aim $part,
        public float $waterFt,
        public float $fishFt,
        public bool $suspended,
        public float $worth,
        public array $lures,
        public string|Said $text,
        public array $ruleIds,
        public ?DockSide $side = null,
    ) {
    }
}
