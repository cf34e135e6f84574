<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Moment;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;

/**
 * What one day's log adds up to for the season review (rule Y3): by level of each factor, by cast number, by visit, and what was landed
 * or followed by a second fish. Casts and contacts of a stint count for the hour in which it began.
 */
final class DayTotals
{
    /** The factors of a stint that a season is held against. */
    public const FACTORS = ['lure', 'color', 'depth', 'water_depth', 'cover', 'structure', 'light'];

    public const FOLLOWED = 'offered';

    public const OWN_WAY = 'own_way';

    /** A second fish is looked for in so many casts after the first (M7, M15). */
    public const SECOND_WITHIN = 5;

    /** @var array<string, array<string, array<string, Sum>>> by factor, by what it lies within ("" for nothing), by level */
    public array $levels = [];

    /** @var array<string, array<string, Tally>> by what, by level */
    public array $tallies = [];

    /** @var list<Stay> */
    public array $stays = [];

    private function __construct()
    {
    }

    /**
     * @param  list<Stint>  $stints  of the day, in order
     * @param  list<?bool>  $followed  of each, whether it began by a move that was offered; null where none was
     */
    public static function of(array $stints, array $followed = []): self
    {
        $totals = new self;
        foreach ($stints as $i => $stint) {
            $totals->levelsOf($stint, $followed[$i] ?? null);
            $totals->castNumbers($stint);
            $totals->landed($stint);
        }
        foreach (self::visits($stints) as $visit) {
            $totals->stay($visit['stints'], $visit['until']);
        }

        return $totals;
    }

    private function levelsOf(Stint $stint, ?bool $followed): void
    {
        $levels = array_intersect_key($stint->levels, array_flip(self::FACTORS)) + ['hour' => substr($stint->at, 11, 2)];
        if ($followed !== null) {
            $levels['advice'] = $followed ? self::FOLLOWED : self::OWN_WAY;
        }
        foreach ($levels as $factor => $level) {
            $this->sum($factor, '', $level)->add($stint->casts, count($stint->contacts), $stint->weight());
        }
    }

    private function castNumbers(Stint $stint): void
    {
        $within = $stint->levels['structure'] ?? '';
        foreach (CastNumber::spread($stint->casts) as $level => $casts) {
            $this->sum('cast_no', $within, (string) $level)->add($casts, 0, 0.0);
        }
        foreach ($stint->contacts as $contact) {
            if ($contact->atCast !== null) {
                $this->sum('cast_no', $within, CastNumber::level(max(1, $contact->atCast)))->add(0, 1, $contact->kind->weight());
            }
        }
    }

    private function landed(Stint $stint): void
    {
        $lure = $stint->levels['lure'] ?? null;
        $hook = $lure !== null && Catalog::has($lure) ? Catalog::get($lure)->rigging->exposure->value : null;
        foreach ($stint->contacts as $contact) {
            foreach ($contact->kind->isStrike() ? ['landed' => $lure, 'hook' => $hook] : [] as $what => $level) {
                if ($level !== null) {
                    $this->tally($what, $level)->add($contact->kind === ContactKind::Caught);
                }
            }
        }
    }

    /**
     * Stints at one spot in a row are one visit.
     *
     * @param  list<Stint>  $stints
     * @return list<array{stints: non-empty-list<Stint>, until: ?string}>
     */
    private static function visits(array $stints): array
    {
        $visits = [];
        foreach ($stints as $stint) {
            $last = array_key_last($visits);
            if ($last !== null && ($visits[$last]['stints'][0]->levels['spot'] ?? null) === ($stint->levels['spot'] ?? null)) {
                $visits[$last]['stints'][] = $stint;
            } else {
                if ($last !== null) {
                    $visits[$last]['until'] = $stint->at;
                }
                $visits[] = ['stints' => [$stint], 'until' => null];
            }
        }

        return $visits;
    }

    /** @param  non-empty-list<Stint>  $stints  of the visit */
    private function stay(array $stints, ?string $until): void
    {
        $casts = array_sum(array_map(static fn (Stint $s): int => $s->casts, $stints));
        if ($casts === 0) {
            return;
        }
        $at = self::castsOfContacts($stints);
        $this->stays[] = new Stay(
            $stints[0]->levels['spot'] ?? '', $stints[0]->levels['structure'] ?? null, $casts, count($at), $at[0][0] ?? null,
            $at === [] ? $casts : max(0, $casts - $at[count($at) - 1][0]),
            $until === null ? null : intdiv(Moment::secondsBetween($stints[0]->at, $until), 60),
        );
        $this->second($at, $casts);
    }

    /**
     * After the first hooked fish of a visit: whether one stayed for five more casts, and whether a second fish came in them.
     *
     * @param  list<array{int, Contact}>  $at
     */
    private function second(array $at, int $casts): void
    {
        foreach ($at as $i => [$cast, $contact]) {
            if ($contact->kind->isHooked()) {
                $came = isset($at[$i + 1]) && $at[$i + 1][0] <= $cast + self::SECOND_WITHIN;
                $stayed = $came || $casts >= $cast + self::SECOND_WITHIN;
                $this->tally('stayed', '')->add($stayed);
                if ($stayed) {
                    $this->tally('second', '')->add($came);
                }

                return;
            }
        }
    }

    /**
     * @param  non-empty-list<Stint>  $stints
     * @return list<array{int, Contact}> every contact with its cast of the visit, in order
     */
    private static function castsOfContacts(array $stints): array
    {
        $at = [];
        $before = 0;
        foreach ($stints as $stint) {
            foreach ($stint->contacts as $contact) {
                $at[] = [$before + max(1, min($contact->atCast ?? $stint->casts, max(1, $stint->casts))), $contact];
            }
            $before += $stint->casts;
        }

        return $at;
    }

    private function sum(string $factor, string $within, string $level): Sum
    {
        return $this->levels[$factor][$within][$level] ??= new Sum;
    }

    private function tally(string $what, string $level): Tally
    {
        return $this->tallies[$what][$level] ??= new Tally;
    }
}
