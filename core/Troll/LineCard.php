<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;

/**
 * A fish on one line: which lines to clear and in which order, whether it comes under or over the others, and on which side the net
 * waits. Basis: rule T6; the order, from the fish towards the boat, is our own.
 */
final readonly class LineCard
{
    /** Lines that run so much shallower are passed under, feet. */
    private const UNDER_FT = 1.0;

    /** @param  list<SpreadLine>  $clear  in order */
    private function __construct(public array $clear, public bool $under, public Side $net)
    {
    }

    /** What to do with a fish on a line of a spread; null where the spread has no such line. */
    public static function on(Spread $spread, string $key): ?self
    {
        $fish = $spread->line($key);
        if ($fish === null) {
            return null;
        }
        $own = $fish->line;
        // It is brought in astern and to its own side: what runs between it and the boat is in its way.
        $between = array_values(array_filter($spread->lines, static fn (RunningLine $l): bool => $l->line->side === $own->side && $l->line->key !== $key
            && abs($l->line->asideFt()) < abs($own->asideFt())));
        usort($between, static fn (RunningLine $a, RunningLine $b): int => abs($b->line->asideFt()) <=> abs($a->line->asideFt()));
        if ($between === []) {
            // Nothing is between: it can run across to the nearest line of the other side.
            $across = array_values(array_filter($spread->lines, static fn (RunningLine $l): bool => $l->line->side !== $own->side));
            $off = static fn (RunningLine $l): float => abs($l->line->asideFt() - $own->asideFt());
            usort($across, static fn (RunningLine $a, RunningLine $b): int => $off($a) <=> $off($b));
            $between = array_slice($across, 0, 1);
        }
        $shallower = array_filter($between, static fn (RunningLine $l): bool => $l->depthFt <= $fish->depthFt - self::UNDER_FT);

        return new self(
            array_map(static fn (RunningLine $l): SpreadLine => $l->line, $between), $between !== [] && count($shallower) === count($between),
            $own->side === Side::Center ? Side::Starboard : $own->side,
        );
    }

    /** The card, in sentences. */
    public function words(): Said
    {
        $lines = array_map(static fn (SpreadLine $l): string => $l->words(), $this->clear);

        $pass = sprintf('Bring it %s %s. ', $this->under ? 'under' : 'over', count($lines) === 1 ? 'that line' : 'them');

        return Said::joined(
            'Slow down. ', $lines === [] ? '' : 'Clear '.implode(', then ', $lines).'. ', $lines === [] ? '' : $pass,
            "Low rod, steady pressure; the net waits to {$this->net->words()}.",
        );
    }
}
