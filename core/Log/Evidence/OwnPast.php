<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Reading\Reading;

/**
 * The angler's own past days of the same stage and like clarity, as what is believed before today's first cast. Basis:
 * rule EVIDENCE (the mean of one's own history, worth 40 casts); a short history is drawn to the usual 1 in 40, our own.
 */
final readonly class OwnPast
{
    /** So many days (0 or more), casts (of towed lines: minutes) and weighted contacts. */
    public function __construct(public int $days, public int $casts, public float $contacts)
    {
    }

    /** @return array{stage: string, clarity: list<string>} what past days must share with a reading to count: its stage, and like clarity */
    public static function asked(Reading $reading): array
    {
        return ['stage' => $reading->stage->stage->value, 'clarity' => array_column($reading->day->clarity->like(), 'value')];
    }

    /** The prior for the day, drawn to the usual one; without a past, that one. */
    public function prior(Prior $usual = new Prior): Prior
    {
        return new Prior(max(1e-4, min(0.9, Rate::after($usual, $this->contacts, $this->casts)->mean())), $usual->casts);
    }
}
