<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Turn;

/** What fired: the evidence of a trolled day by line-minute, and what its turns tell. Basis: rule T10; weighed as casts are. */
final readonly class Fired
{
    /** Believed before the first minute: a contact in so many minutes of a line, worth as many minutes. Basis: own choice. */
    private const PER_MINUTE = 1 / 80;

    private const WORTH_MINUTES = 80.0;

    /** From so many minutes of all lines, or of one, a rate tells something. Basis: own choice. */
    public const TELLS_MIN = 30.0;

    public const ONE_TELLS_MIN = 10.0;

    /** Let-outs nearer than this are the same, feet. */
    private const SAME_FT = 5.0;

    /** From so many bites in turns, and this share of all, they tell something. */
    private const TURN_BITES = 2;

    private const TURN_SHARE = 0.5;

    /** @param  list<TrolledRun>  $runs */
    private function __construct(public array $runs, public Evidence $evidence, public Pattern $pattern)
    {
    }

    /**
     * @param  list<TrolledRun>  $runs  in any order
     * @param  list<Turn>  $turns  of the day: what was before them says less (M12)
     * @param  list<Tack>  $tacks  of the boat's way, where it is known
     */
    public static function of(array $runs, array $turns = [], array $tacks = [], ?Prior $prior = null): self
    {
        // Lines run beside each other: what was blank before one was struck, or in that minute, is not blank after it.
        $moments = array_merge(array_column($turns, 'at'), ...array_map(static fn (TrolledRun $r): array => $r->struckLast(), $runs));
        $pieces = array_merge(...array_map(static fn (TrolledRun $r): array => $r->parted($moments, $tacks), $runs));
        usort($pieces, static fn (TrolledRun $a, TrolledRun $b): int => [$a->at, $a->strikes !== []] <=> [$b->at, $b->strikes !== []]);
        $evidence = Evidence::weigh(array_map(static fn (TrolledRun $r) => $r->weighed(), $pieces), $prior ?? self::prior(), $turns);

        return new self($runs, $evidence, Pattern::in($evidence));
    }

    /** What is believed of a line before its first minute. */
    public static function prior(): Prior
    {
        return new Prior(self::PER_MINUTE, self::WORTH_MINUTES);
    }

    /** Minutes of all lines together. */
    public function lineMinutes(): float
    {
        return array_sum(array_map(static fn (TrolledRun $r): float => $r->minutes, $this->runs));
    }

    /** Contacts of a line-hour; null before the first minute. */
    public function perLineHour(): ?float
    {
        return self::rate($this->lineMinutes(), $this->evidence->contactCount(), 0.0);
    }

    /** Contacts of a line-hour, from so many minutes on that they tell something; null before. */
    public static function rate(float $minutes, int $contacts, float $fromMinutes = self::TELLS_MIN): ?float
    {
        return $minutes <= 0 || $minutes < $fromMinutes ? null : 60 * $contacts / $minutes;
    }

    /** @return array<string, array{minutes: float, contacts: int}> by the key of the line */
    public function byLine(): array
    {
        $lines = [];
        foreach ($this->runs as $run) {
            $before = $lines[$run->key] ?? ['minutes' => 0.0, 'contacts' => 0];
            $lines[$run->key] = ['minutes' => $before['minutes'] + $run->minutes, 'contacts' => $before['contacts'] + count($run->strikes)];
        }

        return $lines;
    }

    /** Minutes that a line ran as it is now. */
    public function minutesOf(SpreadLine $line): float
    {
        $same = array_filter($this->runs, static fn (TrolledRun $r): bool => $r->key === $line->key && $r->lure === $line->lure->key
            && $r->color === $line->color->value && abs($r->letOutFt - $line->letOutFt) < self::SAME_FT);

        return array_sum(array_map(static fn (TrolledRun $r): float => $r->minutes, $same));
    }

    /** What bites in turns say of speed and depth; null where they say nothing. */
    public function turns(): ?Said
    {
        [$all, $turned] = [0, ['out' => 0, 'in' => 0]];
        foreach ($this->runs as $run) {
            $all += count($run->strikes);
            $turns = count(array_filter($run->strikes, static fn (Strike $s): bool => $s->inTurn));
            $turned[in_array($run->station, [Station::Outside, Station::Middle], true) ? 'out' : 'in'] += $turns;
        }
        $sum = array_sum($turned);
        if ($sum < self::TURN_BITES || $sum < self::TURN_SHARE * $all) {
            return null;
        }

        return Said::of($turned['out'] > $turned['in']
            ? 'They bite in turns on the outer lines, which run faster and higher there: try the whole spread a little faster.'
            : 'They bite in turns on the inner lines, which slow down and drop there: try the whole spread a little slower.');
    }
}
