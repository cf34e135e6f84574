<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

/** What of a family the fish perceive. Shares from 0 to 1 are our own scale of what the rules say in words. */
final readonly class Appeal
{
    /** Whether it makes noise or thump enough to be struck beyond sight (rule F13). */
    public bool $loud;

    /**
     * @param  float  $sight  share of its appeal that needs to be seen
     * @param  float  $drawsFt  feet fish come up for it in clear water beyond their strike radius
     * @param  float  $drawsKeenFt  feet more that willing fish come up for it in clear water
     * @param  bool  $lowAction  hardly any action of its own
     */
    public function __construct(
        public float $vibration,
        public float $sound,
        public float $flash,
        public float $sight,
        public float $drawsFt,
        public float $drawsKeenFt,
        public bool $rattles,
        public bool $thumps,
        public bool $deflects,
        public bool $compact,
        public bool $big,
        public bool $lowAction,
    ) {
        $this->loud = $rattles || $thumps;
    }
}
