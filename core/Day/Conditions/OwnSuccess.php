<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** What the angler's own days in water and stage like today's gave on one lure family: casts (0 or more) and weighted contacts (0 or more). Rule M24. */
final readonly class OwnSuccess
{
    /** So many casts the common rate is believed for, before one's own count. Basis: rule EVIDENCE. */
    private const BELIEVED_CASTS = 40.0;

    public function __construct(public string $lure, public int $casts, public float $contacts)
    {
    }

    /**
     * Contacts per cast on each lure against those on all of them, drawn towards 1 while casts are few.
     *
     * @param  list<self>  $all
     * @return array<string, float> ratio by lure, over 0
     */
    public static function ratios(array $all): array
    {
        $casts = array_sum(array_map(static fn (self $one): int => $one->casts, $all));
        $contacts = array_sum(array_map(static fn (self $one): float => $one->contacts, $all));
        if ($casts <= 0 || $contacts <= 0.0) {
            return [];
        }
        $common = $contacts / $casts;
        $ratios = [];
        foreach ($all as $one) {
            $ratios[$one->lure] = (self::BELIEVED_CASTS * $common + $one->contacts) / (self::BELIEVED_CASTS + $one->casts) / $common;
        }

        return $ratios;
    }
}
