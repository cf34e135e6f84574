<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Variants;
use OldEddy\Choice\Retrieve\Pace;
use OldEddy\Log\Evidence\Stint;

/**
 * A lure as one could show it (R22): family, color, retrieve, weight in ounces, length in inches, running depth in feet, kind of cast; its
 * mean speed over ground in feet a second (0 or more), whether it is small for its kind, how well it fits the day (over 0;
 * the score of the lineup, 1 where none is known), and the rod it is on.
 */
final readonly class Presentation
{
    /** @var array<string, string> */
    private array $levels;

    public function __construct(
        public string $lure,
        public string $color,
        public string $retrieve,
        public float $paceFtS,
        public bool $small = false,
        public float $fit = 1.0,
        public ?float $depthFt = null,
        public ?float $weightOz = null,
        public ?float $lengthIn = null,
        public ?string $rod = null,
        public ?string $cast = null,
    ) {
        $this->levels = array_filter([
            'depth' => Stint::depthLevel($this->depthFt),
            'speed' => Pace::of($this->retrieve)?->value,
            'retrieve' => $this->retrieve,
            'cast' => $this->cast,
            'lure' => $this->lure,
            'size' => Stint::sizeLevel($this->lengthIn),
            'weight' => Stint::weightLevel($this->weightOz),
            'color' => $this->color,
        ], static fn (?string $level): bool => $level !== null);
    }

    /** How a rod with this lure and color is known on the deck of the day. */
    public static function key(string $lure, string $color): string
    {
        return "{$lure}/{$color}";
    }

    /** @return array<string, string> levels by factor, as a stint with it would have them */
    public function levels(): array
    {
        return $this->levels;
    }

    /** @return list<self> it with one part changed at a time, by what makes sense to change (R22, M9) */
    public function changed(Variants $variants): array
    {
        $changed = [];
        foreach ($variants->colors as $color) {
            $changed[] = $this->with(['color' => $color->family->value]);
        }
        foreach ($variants->retrieves as $retrieve) {
            $changed[] = $this->with(['retrieve' => $retrieve, 'paceFtS' => Pace::usualFtS($retrieve) ?? $this->paceFtS]);
        }
        foreach ($this->cast === null ? [] : $variants->casts as $cast) {
            $changed[] = $this->with(['cast' => $cast]);
        }
        foreach (['weightOz' => $variants->weightsOz, 'lengthIn' => $variants->lengthsIn, 'depthFt' => $variants->depthsFt] as $part => $values) {
            foreach ($values as $value) {
                $changed[] = $this->with([$part => $value]);
            }
        }

        return array_values(array_filter($changed, fn (self $one): bool => $one->levels !== $this->levels));
    }

    /** @param  array<string, mixed>  $parts */
    private function with(array $parts): self
    {
        $same = get_object_vars($this);
        unset($same['levels']);

        return new self(...[...$same, ...$parts]);
    }

    /** Whether this is the smaller of two of a kind: shorter, or as long and lighter. */
    public function isLessThan(self $other): bool
    {
        return ($this->lengthIn ?? 0.0) < ($other->lengthIn ?? 0.0)
            || ($this->lengthIn === $other->lengthIn && ($this->weightOz ?? 0.0) < ($other->weightOz ?? 0.0));
    }

    /** What changing over from this to another one is, named by the part that comes first in the order of changes (M9). */
    public function changedTo(self $other): Action
    {
        return match (true) {
            $other->lure !== $this->lure => Action::ChangeLure,
            Stint::depthLevel($other->depthFt) !== Stint::depthLevel($this->depthFt) => Action::ChangeDepth,
            $other->retrieve !== $this->retrieve => $other->paceFtS < $this->paceFtS ? Action::SlowDown : Action::ChangeLure,
            $other->isLessThan($this) => Action::Downsize,
            $other->color !== $this->color => Action::ChangeColor,
            default => Action::ChangeLure,
        };
    }

    /** It in words; where another is in the hand, of color, weight, length, retrieve and depth only what differs from it. */
    public function words(?self $inHand = null): Said
    {
        $same = $inHand?->lure === $this->lure ? $inHand : null;
        $parts = array_values(array_filter([
            $same?->color === $this->color ? null : 'in '.str_replace('_', ' ', $this->color),
            $same === null || $same->weightOz === $this->weightOz ? null : self::said(Stint::weightLevel($this->weightOz)),
            $same === null || $same->lengthIn === $this->lengthIn ? null : self::said(Stint::sizeLevel($this->lengthIn)),
            $same?->retrieve === $this->retrieve ? null : str_replace('_', ' ', $this->retrieve),
            $same === null || $same->cast === $this->cast || $this->cast === null ? null : "{$this->cast} cast",
            $same === null || $same->depthFt === $this->depthFt || $this->depthFt === null ? null : Said::of('{%.0f ft} down', $this->depthFt),
        ]));
        $lure = str_replace('_', ' ', $this->lure);

        return $parts === [] ? Said::of('%s', $lure) : Said::of('%s %s', $lure, Said::listed(', ', ...$parts));
    }

    private static function said(?string $level): string|Said|null
    {
        return $level === null ? null : Stint::said($level);
    }
}
