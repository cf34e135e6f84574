<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;
use OldEddy\Choice\Lures\LureFamily;

/** A spread as it runs: the boat, one speed for all, its lines with their depths, the lures that cannot share the speed, what is to be minded. */
final readonly class Spread
{
    /** A plug that runs no faster than this rolls over sooner than others: how it is tied on matters (T3). */
    private const SLOW_PLUG_MPH = 1.6;

    /**
     * @param  list<RunningLine>  $lines
     * @param  list<array{lure: LureFamily, why: Said}>  $refused
     * @param  list<Said>  $warnings
     */
    private function __construct(
        public BoatKind $boat, public float $speedMph, public ?SpeedRange $range, public array $lines, public array $refused, public array $warnings,
    ) {
    }

    /**
     * The lines at a speed.
     *
     * @param  list<SpreadLine>  $lines
     * @param  list<LureFamily>  $others  that one has and could tow besides
     * @param  list<RunningLine>  $like  lines that ran from this boat before, whose lips need not be sought again
     */
    public static function of(BoatKind $boat, array $lines, float $speedMph, array $others = [], array $like = []): self
    {
        $range = self::common($lines);
        $what = static fn (SpreadLine $l): string => "{$l->lure->key} {$l->lengthIn} {$l->weightOz} {$l->carrier->value} {$l->sinkerOz}";
        [$running, $known] = [[], []];
        foreach ($like as $one) {
            $known[$what($one->line)] = $one;
        }
        foreach ($lines as $line) {
            $running[] = $known[$what($line)] = RunningLine::of($line, Speed::fromMph($speedMph), $boat->tipFt(), $known[$what($line)] ?? null);
        }
        $refused = [];
        foreach ([...array_map(static fn (SpreadLine $l): LureFamily => $l->lure, $lines), ...$others] as $lure) {
            if (! SpeedRange::of($lure)->holds($speedMph)) {
                $refused[$lure->key] ??= ['lure' => $lure, 'why' => SpeedRange::refusal($lure, $speedMph)];
            }
        }
        $warnings = [];
        if ($lines !== [] && $range === null) {
            $warnings[] = Said::of('The lures of this spread share no speed: change one of them.');
        }
        foreach ($lines as $line) {
            if ($line->lure->dives() && SpeedRange::of($line->lure)->toMph <= self::SLOW_PLUG_MPH) {
                $warnings[] = Said::of('A slow plug: a swivel ahead and a small snap, never tied straight to the eye.');
                break;
            }
        }

        return new self($boat, $speedMph, $range, $running, array_values($refused), [...$warnings, ...Tangles::straight($running)]);
    }

    /**
     * The speeds that all lures of some lines can run; null where there are none, or no lines.
     *
     * @param  list<SpreadLine>  $lines
     */
    public static function common(array $lines): ?SpeedRange
    {
        $range = null;
        foreach ($lines as $i => $line) {
            $own = SpeedRange::of($line->lure);
            $range = $i === 0 ? $own : $range?->shared($own);
        }

        return $range;
    }

    /** The same with one line run otherwise, found by its key. */
    public function changed(SpreadLine $line): self
    {
        $lines = array_map(static fn (RunningLine $r): SpreadLine => $r->line->key === $line->key ? $line : $r->line, $this->lines);

        return self::of($this->boat, $lines, $this->speedMph, [], $this->lines);
    }

    /** A line by its key; null where there is none. */
    public function line(string $key): ?RunningLine
    {
        foreach ($this->lines as $line) {
            if ($line->line->key === $key) {
                return $line;
            }
        }

        return null;
    }
}
