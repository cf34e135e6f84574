<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Logs with a known truth: 6 to 25 stints on three to eight spots, eleven factors, no effect of any of them unless one is asked for. What
 * differs between the scenarios is how the bites come.
 */
final class SimulatedLogs
{
    /**
     * Contacts per cast from and to; how visits or spots differ (shape of a gamma distribution of mean 1); whether a lure belongs to a
     * spot; whether bites come in schools; whether the day gets poorer.
     */
    public const SCENARIOS = [
        'even' => ['rate' => [0.01, 0.04]],
        'rich' => ['rate' => [0.08, 0.15]],
        'very rich' => ['rate' => [0.25, 0.5]],
        'visits differ' => ['rate' => [0.01, 0.04], 'visits' => 1.5],
        'lures tied to spots' => ['rate' => [0.01, 0.04], 'spots' => 1.5, 'tied' => true],
        'schools' => ['rate' => [0.01, 0.03], 'schools' => true],
        'a day that gets poorer' => ['rate' => [0.015, 0.05], 'drift' => true],
        'rich, and visits differ' => ['rate' => [0.08, 0.15], 'visits' => 3.0],
    ];

    private const PLACES = [['point', 'flat', 'hump', 'dock'], ['reeds', 'rock', 'laydown', 'lily_pads'], [3.0, 5.0, 9.0, 13.0]];

    private const LURES = ['spinnerbait', 'tube', 'jerkbait', 'casting_jig', 'swim_jig'];

    private const COLORS = ['bright', 'natural_baitfish', 'natural_craw', 'dark_contrast'];

    private const CADENCES = ['slow_roll', 'medium', 'burn_and_bulge', 'crawl_rest'];

    private Randomizer $luck;

    public function __construct(int $seed)
    {
        $this->luck = new Randomizer(new Mt19937($seed));
    }

    /**
     * One log.
     *
     * @param  array<string, mixed>  $as  a scenario, and perhaps "stints" (how many) and "effect" (factor, level, times the rate)
     * @param  int  $stays  stints of a visit at most
     * @return list<Stint>
     */
    public function log(array $as, int $stays = 4): array
    {
        $wanted = $as['stints'] ?? $this->luck->getInt(6, 25);
        $rate = $this->between(...$as['rate']);
        $spots = [];
        for ($n = $this->luck->getInt(3, 8); $n > 0; $n--) {
            $spots[] = [
                'spot' => chr(64 + $n), 'structure' => $this->one(self::PLACES[0]), 'cover' => $this->one(self::PLACES[1]), 'water' => $this->one(self::PLACES[2]),
                'times' => isset($as['spots']) ? $this->gamma($as['spots']) : 1.0, 'lure' => $this->one(self::LURES),
            ];
        }
        $lures = array_slice(self::LURES, 0, $this->luck->getInt(2, 5));
        [$stints, $minute, $at] = [[], 0, -1];
        while (count($stints) < $wanted) {
            // Elsewhere than before.
            $at = ($at + $this->luck->getInt(1, count($spots) - ($at < 0 ? 0 : 1))) % count($spots);
            $spot = $spots[$at];
            $times = $spot['times'] * (isset($as['visits']) ? $this->gamma($as['visits']) : 1.0);
            $school = isset($as['schools']) ? $this->between(0, 1) < 0.25 : null;
            for ($n = $this->luck->getInt(1, $stays); $n > 0 && count($stints) < $wanted; $n--) {
                $levels = [
                    'spot' => $spot['spot'], 'structure' => $spot['structure'], 'cover' => $spot['cover'], 'cover_part' => $this->one(['edge', 'middle']),
                    'light' => $this->one(['sun', 'shade']), 'lure' => isset($as['tied']) ? $spot['lure'] : $this->one($lures),
                    'color' => $this->one(self::COLORS), 'retrieve' => $this->one(self::CADENCES),
                ];
                [$factor, $level, $by] = $as['effect'] ?? ['', '', 1.0];
                $bites = $rate * $times * (($levels[$factor] ?? null) === $level ? $by : 1.0) * (isset($as['drift']) ? 1.6 * exp(-1.1 * count($stints) / $wanted) : 1.0);
                $casts = $this->luck->getInt(8, 50);
                $stints[] = new Stint(
                    sprintf('2026-05-02T%02d:%02d', 4 + intdiv($minute, 60), $minute % 60), $levels, $this->one([1.0, 3.0, 5.0, 9.0]), $casts, null,
                    $this->contacts($casts, $bites, $school), $spot['water'],
                );
                $minute = min(19 * 60, $minute + (int) ceil(0.75 * $casts) + 1);
            }
            $minute = min(19 * 60, $minute + 6);
        }

        return $stints;
    }

    /** @return list<Contact> a school at the place is bitten through: one fish, and others at one cast in three for a while */
    public function contacts(int $casts, float $rate, ?bool $school = null): array
    {
        [$contacts, $left] = [[], 0];
        $rate *= match ($school) {
            null => 1.0,
            true => 1.2,
            false => 0.3,
        };
        for ($cast = 1; $cast <= $casts; $cast++, $left--) {
            if ($this->between(0, 1) < ($school !== null && $left > 0 ? 0.35 : min(0.95, $rate))) {
                $contacts[] = new Contact(ContactKind::Caught, atCast: $cast);
                $left = $left > 0 ? $left : $this->luck->getInt(2, 8);
            }
        }

        return $contacts;
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->luck->getInt(0, 999_999_999) / 1e9;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->luck->getInt(0, count($of) - 1)];
    }

    /** A gamma distribution of mean 1, for shapes of 1 and more (Marsaglia and Tsang 2000; value from memory). */
    private function gamma(float $shape): float
    {
        $d = $shape - 1 / 3;
        while (true) {
            $x = sqrt(-2 * log(max(1e-12, $this->between(0, 1)))) * cos(2 * M_PI * $this->between(0, 1));
            $v = (1 + $x / sqrt(9 * $d)) ** 3;
            if ($v > 0 && log(max(1e-12, $this->between(0, 1))) < $x * $x / 2 + $d - $d * $v + $d * log($v)) {
                return $d * $v / $shape;
            }
        }
    }
}
