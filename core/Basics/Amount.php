<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** A quantity of a sentence: its number or two as they are written, what stands between them, and its unit in the contract's. */
final readonly class Amount
{
    /** @param  list<float>  $numbers  one or two */
    private function __construct(public array $numbers, public string $between, public string $unit, public bool $isBare)
    {
    }

    /** Reads a written amount, such as 3.5, 8-12 or 3/8. */
    public static function read(string $written, string $unit, bool $isBare = false): self
    {
        preg_match('/^([+-]?[\d.\/]+)(?:(-|–| to )([\d.\/]+))?$/u', $written, $m);

        return new self(array_map(self::number(...), isset($m[3]) ? [$m[1], $m[3]] : [$m[1] ?? $written]), $m[2] ?? '', $unit, $isBare);
    }

    /** A number, be it a fraction as it is stamped on lead. */
    private static function number(string $written): float
    {
        [$over, $under] = [...explode('/', $written, 2), '1'];

        return (float) $over / max(1.0, (float) $under);
    }
}
