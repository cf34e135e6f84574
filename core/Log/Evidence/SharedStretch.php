<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use DateTimeImmutable;
use DateTimeZone;

/** A while in which more than one angler of the boat cast at one spot. Basis: rule G3; how near in time is near is our own choice. */
final readonly class SharedStretch
{
    /** Stints that lie so many seconds apart still share the fish's mood. */
    private const APART_S = 900;

    /** @param  non-empty-array<array-key, non-empty-list<Stint>>  $stints  by angler, two or more */
    private function __construct(public string $spot, public string $from, public string $to, public array $stints)
    {
    }

    /**
     * The shared stretches of a log, in order of time.
     *
     * @param  list<Stint>  $stints  in order of time; those of nobody are left out
     * @return list<self>
     */
    public static function in(array $stints): array
    {
        /** @var array<array-key, non-empty-list<array{from: string, to: int, stints: non-empty-array<array-key, non-empty-list<Stint>>}>> $runs */
        $runs = [];
        foreach ($stints as $stint) {
            $angler = $stint->levels['angler'] ?? null;
            if ($angler === null || $stint->casts === 0) {
                continue;
            }
            [$spot, $from] = [$stint->levels['spot'] ?? '', self::seconds($stint->at)];
            $runs[$spot] ??= [];
            $to = $from + (int) round(60 * ($stint->minutes ?? $stint->casts * Limits::CAST_S / 60));
            $run = array_pop($runs[$spot]);
            if ($run === null || $from > $run['to'] + self::APART_S) {
                array_push($runs[$spot], ...($run === null ? [] : [$run]));
                $run = ['from' => $stint->at, 'to' => $to, 'stints' => []];
            }
            $run['to'] = max($to, $run['to']);
            $run['stints'][$angler][] = $stint;
            $runs[$spot][] = $run;
        }
        $shared = [];
        foreach ($runs as $spot => $of) {
            foreach ($of as $run) {
                if (count($run['stints']) > 1) {
                    $shared[] = new self((string) $spot, $run['from'], (new DateTimeImmutable("@{$run['to']}"))->format('Y-m-d\TH:i'), $run['stints']);
                }
            }
        }
        usort($shared, static fn (self $a, self $b): int => $a->from <=> $b->from);

        return $shared;
    }

    /** @param  list<Stint>  $stints */
    public static function casts(array $stints): int
    {
        return array_sum(array_map(static fn (Stint $s): int => $s->casts, $stints));
    }

    /** @return array<array-key, int> casts by angler */
    public function castsBy(): array
    {
        return array_map(self::casts(...), $this->stints);
    }

    /** The log's own time as seconds; no zone is meant. */
    private static function seconds(string $at): int
    {
        return (new DateTimeImmutable($at, new DateTimeZone('UTC')))->getTimestamp();
    }
}
