<?php

declare(strict_types=1);

namespace OldEddy\Next;

use OldEddy\Evidence\Evidence;
use OldEddy\Evidence\LevelEvidence;
use OldEddy\Evidence\Prior;
use OldEddy\Evidence\Rate;

/**
 * What an offer promises, from the evidence on its parts. The levels of a place mostly come together, and so do those of
 * a lure, so each side speaks with the mean of its levels and not with their product. Basis: our own choice, held by the
 * simulated lake.
 */
final class Expectation
{
    /** How loudly each side speaks: over 1, since the mean of its levels waters down the one that matters. */
    private const PLACE = 2.5;

    private const PRESENTATION = 2.5;

    /** The casts that a forecast is worth. */
    private const WORTH = 30.0;

    /** The share of the distribution that an untried offer is judged by: hope, so that it is tried at all. */
    private const HOPE = 0.9;

    /** @var array<string, LevelEvidence> */
    private array $levels = [];

    /** @var array<string, int> casts by place and lure */
    private array $fished = [];

    /** @var array<string, Rate> */
    private array $known = [];

    /** @var array<string, float> */
    private array $hopes = [];

    private float $fit;

    public function __construct(private readonly Evidence $evidence, Choices $choices)
    {
        foreach ($evidence->levels as $level) {
            $this->levels["{$level->factor}:{$level->level}"] = $level;
        }
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
        $key = self::key($offer->place->name, $offer->presentation->lure, $offer->presentation->color);

        return $this->known[$key] ??= Rate::after(new Prior($this->mean($offer), self::WORTH + ($this->fished[$key] ?? 0)), 0, 0);
    }

    /** Contacts per cast that one may hope for with the offer: little tried means much hope. */
    public function hope(Offer $offer): float
    {
        return $this->hopes[self::key($offer->place->name, $offer->presentation->lure, $offer->presentation->color)] ??= $this->of($offer)->quantile(self::HOPE);
    }

    /** Casts made with this offer today. */
    public function casts(Offer $offer): int
    {
        return $this->fished[self::key($offer->place->name, $offer->presentation->lure, $offer->presentation->color)] ?? 0;
    }

    private function mean(Offer $offer): float
    {
        $place = $this->side($offer->place->levels());
        $lure = $this->side($offer->presentation->levels());
        // The lineup's own opinion counts like some casts would: less, the more casts there are.
        $fit = ($offer->presentation->fit / $this->fit) ** (40 / (40 + $this->evidence->casts()));

        return max(1e-4, min(0.9, $this->evidence->day->mean() * $place ** self::PLACE * $lure ** self::PRESENTATION * $fit));
    }

    /** @param  array<string, string>  $levels */
    private function side(array $levels): float
    {
        $sum = 0.0;
        foreach ($levels as $factor => $level) {
            $known = $this->levels["{$factor}:{$level}"] ?? null;
            $sum += $known === null ? 0.0 : log($known->pooled->mean() / $this->evidence->day->mean());
        }

        return $levels === [] ? 1.0 : exp($sum / count($levels));
    }

    private static function key(string $place, string $lure, string $color): string
    {
        return "{$place}|{$lure}|{$color}";
    }
}
