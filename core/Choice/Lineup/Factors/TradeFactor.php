<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Single rules of the trade that name their lures: the rows of trade.php that hold today. Basis: the rule of each row. */
final readonly class TradeFactor implements Factor
{
    /** Under this a row does not hold. */
    private const HOLDS_FROM = 0.02;

    /** @param  array<string, list<array{float, int}>>  $by  effects by lure, each with its row */
    private function __construct(private array $by)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $by = [];
        foreach (self::rows() as $n => $row) {
            $holds = $row['holds']($reading);
            foreach ($holds < self::HOLDS_FROM ? [] : $row['lures'] as $lure => $full) {
                $by[$lure][] = [1 + ($full - 1) * $holds, $n];
            }
        }

        return $by === [] ? null : new self($by);
    }

    public function number(LureFamily $lure): float
    {
        return isset($this->by[$lure->key]) ? array_product(array_column($this->by[$lure->key], 0)) : 1.0;
    }

    public function effect(LureFamily $lure): Effect
    {
        // The row that says most speaks for all of them.
        $rows = $this->by[$lure->key];
        usort($rows, static fn (array $a, array $b): int => abs(log($b[0])) <=> abs(log($a[0])));
        $row = self::rows()[$rows[0][1]];

        return new Effect('trade', $this->number($lure), $row['text'], $row['rule'], $row['school'] ?? null);
    }

    /** @return list<array{rule: string, text: string, holds: callable(Reading): float, lures: array<string, float>, school?: string}> */
    private static function rows(): array
    {
        static $rows = null;

        return $rows ??= require __DIR__.'/../trade.php';
    }
}
