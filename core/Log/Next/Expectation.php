<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Effects;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;

/**
 * What an offer promises, from the evidence on its parts weighed together, and from the casts made with the very offer.
 * Basis: our own choice, held by the simulated lake.
 */
final class Expectation
{
    /** So many standard deviations over its mean an offer is judged by: hope, so that the untried is tried at all. */
    private const HOPE = 2.0;

    private readonly Effects $effects;

    /** @var array<string, int> casts by place, lure and color */
    private array $fished = [];

    /** @var array<string, Rate> */
    private array $known = [];

    /** @var array<string, float> */
    private array $hopes = [];

    private float $fit;

    public function __construct(private readonly Evidence $evidence, Choices $choices)
    {
        $this->effects = Effects::in($evidence);
        foreach ($evidence->stints as $stint) {
            $key = self::key($stint->levels['spot'] ?? '', $stint->levels['lure'] ?? '', $stint->levels['color'] ?? '');
            $this->fished[$key] = ($this->fished[$key] ?? 0) + $stint->casts;
        }
        $fits = array_map(static fn (Presentation $p): float => $p->fit, $choices->presentations);
        $this->fit = $fits === [] ? 1.0 : array_sum($fits) / count($fits);
    }

    /** Contacts per cast that the offer promises, with the doubt about it. */
    public function of(Offer $offer): Rate
    {
        return $this->known[self::keyOf($offer)] ??= $this->reckon($offer);
    }

    /** Contacts per cast that one may hope for with the offer: little tried means much hope. */
    public function hope(Offer $offer): float
    {
        return $this->hopes[self::keyOf($offer)] ??= $this->of($offer)->upTo(self::HOPE);
    }

    /** Casts made with this offer today. */
    public function casts(Offer $offer): int
    {
        return $this->fished[self::keyOf($offer)] ?? 0;
    }

    private function reckon(Offer $offer): Rate
    {
        $rate = $this->effects->rate($offer->levels());
        // The lineup's own opinion counts like some casts would: less, the more casts there are.
        $fit = ($offer->presentation->fit / $this->fit) ** (40 / (40 + $this->evidence->casts()));
        $mean = max(1e-4, min(0.9, $rate->mean() * $fit));

        // Casts made with the very offer leave less to hope for than those made with its parts elsewhere.
        return Rate::after(new Prior($mean, $rate->shape / $mean + $this->casts($offer)), 0, 0);
    }

    private static function keyOf(Offer $offer): string
    {
        return self::key($offer->place->name, $offer->presentation->lure, $offer->presentation->color);
    }

    private static function key(string $place, string $lure, string $color): string
    {
        return "{$place}|{$lure}|{$color}";
    }
}
