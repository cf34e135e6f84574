<?php

declare(strict_types=1);

namespace App\Waters;

use App\Waters\Files\Found;

/** What a file holds, counted while it is read: how many of each, from where to where, how deep, and some places to draw. */
final class Survey
{
    /** So many lines that were left out are named. */
    private const LINES = 5;

    /** Places that are kept for the small picture. */
    private const DRAWN = 400;

    /** @var array<string, int> */
    private array $count = ['spot' => 0, 'sounding' => 0, 'ring' => 0, 'no_wake' => 0, 'bank' => 0, 'track' => 0, 'section' => 0, 'rows' => 0, 'lake' => 0];

    private int $tracks = 0;

    /** @var array{float, float, float, float}|null west, south, east, north */
    private ?array $box = null;

    /** @var array{float, float}|null */
    private ?array $depths = null;

    /** @var list<array{float, float, string, float}> longitude, latitude, what, depth */
    private array $drawn = [];

    /** @var list<array{line: int, why: string}> the first of those that were left out */
    private array $left = [];

    private int $leftOut = 0;

    private int $every = 1;

    private int $seen = 0;

    public function see(Found $found): void
    {
        if ($found->what === 'left') {
            $this->left[] = $found->about;
            $this->left = array_slice($this->left, 0, self::LINES);
            $this->leftOut++;

            return;
        }
        $this->count[$found->what]++;
        $this->tracks += $found->what === 'track' && $found->about['first'] ? 1 : 0;
        if ($found->what === 'lake') {
            return;
        }
        if ($found->what === 'sounding') {
            $this->depths = $this->depths === null ? [$found->depthFt, $found->depthFt] : [
                min($this->depths[0], $found->depthFt),
                max($this->depths[1], $found->depthFt),
            ];
        }
        foreach ($found->ring === [] ? [[$found->lon, $found->lat]] : $found->ring as [$lon, $lat]) {
            $this->place($lon, $lat, $found);
        }
        if ($found->grid !== null) {
            $this->count['sounding'] += count(array_filter($found->grid->depthsFt, static fn (?float $d): bool => $d !== null && $d > 0));
            $deepest = $found->grid->deepestFt();
            $this->depths = $deepest === null ? $this->depths : [0.0, max($deepest, $this->depths[1] ?? 0.0)];
            $this->place(...[...array_reverse($found->grid->position($found->grid->cols - 1, $found->grid->rows - 1)), $found]);
        }
    }

    public function seen(): int
    {
        return array_sum($this->count);
    }

    /** @return list<array{string, string}> what was left out, in words */
    public function leftOut(): array
    {
        $lines = array_map(static fn (array $one): string => "line {$one['line']} ({$one['why']})", $this->left);
        $more = $this->leftOut - count($lines);

        return $lines === [] ? [] : [['left out', implode(', ', $lines).($more > 0 ? sprintf(' and %s more', number_format($more)) : '')]];
    }

    /** @return array<string, mixed> as a layer keeps it */
    public function toArray(): array
    {
        return ['count' => ['tracks' => $this->tracks] + $this->count, 'box' => $this->box, 'depths' => $this->depths, 'drawn' => $this->drawn];
    }

    private function place(float $lon, float $lat, Found $found): void
    {
        [$west, $south, $east, $north] = $this->box ?? [$lon, $lat, $lon, $lat];
        $this->box = [min($west, $lon), min($south, $lat), max($east, $lon), max($north, $lat)];
        if ($this->seen++ % $this->every !== 0) {
            return;
        }
        $this->drawn[] = [round($lon, 6), round($lat, 6), $found->what, round($found->depthFt, 1)];
        // Full: every second one goes, and from here on half as many come.
        if (count($this->drawn) >= 2 * self::DRAWN) {
            $this->drawn = array_values(array_filter($this->drawn, static fn (int $i): bool => $i % 2 === 0, ARRAY_FILTER_USE_KEY));
            $this->every *= 2;
        }
    }
}
