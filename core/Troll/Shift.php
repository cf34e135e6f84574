<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Rate;

/**
 * The next move of a spread: one line is moved toward the one that fired, in one thing, and one other stays as it was for comparison.
 * Basis: rule T10; who has fired, and what is changed first, is our own.
 */
final readonly class Shift
{
    /** A line has fired with contacts worth so much, and is moved toward while it likely fishes better than the rest. */
    private const FIRED = 1.0;

    private const SURE = 0.7;

    /** Lines that have run for so many minutes have been tried. */
    private const TRIED_MIN = 20.0;

    /** Let-outs nearer than this are the same, feet. */
    private const SAME_FT = 5.0;

    private function __construct(public SpreadLine $toward, public SpreadLine $moved, public SpreadLine $kept, public Said $text)
    {
    }

    /** The move, or null where nothing has fired yet, nothing is left to move, or nothing would stay for comparison. */
    public static function after(Fired $fired, Spread $spread): ?self
    {
        $by = $fired->freshByLine();
        $lines = array_map(static fn (RunningLine $r): SpreadLine => $r->line, $spread->lines);
        $best = self::best($lines, $by);
        if ($best === null) {
            return null;
        }
        // Those that gave least, longest tried, are moved first.
        $others = array_values(array_filter($lines, static fn (SpreadLine $l): bool => $l->key !== $best->key));
        $given = static fn (SpreadLine $l): array => [$by[$l->key]['worth'] ?? 0.0, -($by[$l->key]['minutes'] ?? 0.0)];
        usort($others, static fn (SpreadLine $a, SpreadLine $b): int => $given($a) <=> $given($b));
        foreach ($others as $one) {
            [$moved, $how] = self::step($one, $best);
            $alike = static fn (SpreadLine $l): bool => $l->key === $one->key || self::step($l, $best)[0] === null;
            $kept = array_values(array_filter($others, static fn (SpreadLine $l): bool => ! $alike($l)))[0] ?? null;
            if ($moved !== null && $kept !== null && ($by[$one->key]['minutes'] ?? 0.0) >= self::TRIED_MIN) {
                return new self($best, $moved, $kept, Said::joined(
                    Said::capital($best->words()).' fired: ', 'shift ', $one->words(), ' toward it, ', $how, '. Keep ', $kept->words(), ' as it was.',
                ));
            }
        }

        return null;
    }

    /**
     * @param  list<SpreadLine>  $lines
     * @param  array<string, array{minutes: float, worth: float, contacts: int}>  $by
     */
    private static function best(array $lines, array $by): ?SpreadLine
    {
        $prior = Fired::prior();
        [$best, $most] = [null, 0.0];
        foreach ($lines as $line) {
            $own = $by[$line->key] ?? null;
            if ($own !== null && $own['worth'] >= self::FIRED) {
                $rest = array_diff_key($by, [$line->key => 0]);
                $better = Rate::after($prior, $own['worth'], $own['minutes'])->exceeds(
                    Rate::after($prior, array_sum(array_column($rest, 'worth')), array_sum(array_column($rest, 'minutes'))),
                );
                [$best, $most] = $better >= self::SURE && $better > $most ? [$line, $better] : [$best, $most];
            }
        }

        return $best;
    }

    /** @return array{?SpreadLine, Said|string} the line moved one step, and how in words; null where it runs the same already */
    private static function step(SpreadLine $one, SpreadLine $best): array
    {
        return match (true) {
            abs($one->letOutFt - $best->letOutFt) > self::SAME_FT => [$one->letOut($best->letOutFt), Said::of('{%.0f ft} out', $best->letOutFt)],
            $one->lure->key !== $best->lure->key => [
                $one->with(['lure' => $best->lure, 'lengthIn' => $best->lengthIn, 'weightOz' => $best->weightOz, 'points' => $best->points]), "the {$best->lure->name()}",
            ],
            $one->color !== $best->color => [$one->with(['color' => $best->color]), "in {$best->color->words()}"],
            default => [null, ''],
        };
    }
}
