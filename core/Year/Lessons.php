<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Stint;

/**
 * What the angler might do differently (rule Y4): at most three sentences, each with its evidence; none where there is none. A sentence
 * needs to be surer the more were looked at: of those said at most one in ten is chance (Benjamini and Hochberg 1995). Basis: own choice.
 */
final class Lessons
{
    private const MOST = 3;

    /** Factors that speak of the same thing. */
    private const SUBJECTS = ['structure' => 'place', 'cover' => 'place', 'lure' => 'tackle', 'color' => 'tackle', 'landed' => 'tackle'];

    /** How a level is spoken of, by factor. */
    private const WHERE = [
        'lure' => 'with the %s', 'color' => 'in %s', 'hour' => 'in the hour from %s:00', 'depth' => 'with the lure at %s', 'cover' => 'where the cover was %s', 'structure' => 'where the structure was %s',
    ];

    /** So many of the sentences may be chance. */
    private const CHANCE = 0.1;

    /** A level takes at least this share of the casts before its time is worth a sentence. */
    private const SHARE = 0.08;

    private const BITES = 15;

    private const STRUCK = 12;

    private const SHARE_OF_BITES = 0.8;

    /** A visit that goes on for twice as long as its bites come is long. */
    private const LONG = 1.6;

    /** @var list<Lesson> */
    private array $found = [];

    private int $looked = 0;

    private function __construct()
    {
    }

    /** @return list<Lesson> the surest first */
    public static function of(SeasonSums $sums): array
    {
        $lessons = new self;
        $lessons->leaving($sums);
        $lessons->levels($sums);
        $lessons->landing($sums);
        $lessons->second($sums);
        $lessons->advice($sums);
        $found = $lessons->found;
        usort($found, static fn (Lesson $a, Lesson $b): int => $b->sure <=> $a->sure);
        $stands = 0;
        foreach ($found as $i => $lesson) {
            $stands = 1 - $lesson->sure <= self::CHANCE * ($i + 1) / $lessons->looked ? $i + 1 : $stands;
        }

        return self::oneOfEach(array_slice($found, 0, $stands));
    }

    /**
     * The surest of each subject: what is said of one place is the other side of what is said of the rest.
     *
     * @param  list<Lesson>  $lessons  the surest first
     * @return list<Lesson>
     */
    private static function oneOfEach(array $lessons): array
    {
        $of = [];
        foreach ($lessons as $lesson) {
            $of[self::SUBJECTS[$lesson->factor] ?? $lesson->factor] ??= $lesson;
        }

        return array_slice(array_values($of), 0, self::MOST);
    }

    /** Targets that are fished on long after their bites have come (M14). */
    private function leaving(SeasonSums $sums): void
    {
        foreach ($sums->castNumbers as $structure => $numbers) {
            $bites = array_sum(array_map(static fn (Sum $s): int => $s->contacts, $numbers));
            $targets = ($numbers[CastNumber::level(1)] ?? new Sum)->casts;
            if ($structure === '' || $bites < self::BITES || $targets < self::BITES) {
                continue;
            }
            $this->looked++;
            $within = 0;
            $early = new Sum;
            foreach (CastNumber::all() as $level => $to) {
                $sum = $numbers[$level] ?? new Sum;
                $within += $sum->contacts;
                $early->add($sum->casts, $sum->contacts, $sum->weighed);
                if ($within >= self::SHARE_OF_BITES * $bites) {
                    $this->leaveSooner((string) $structure, $numbers, $early, (int) $to, $targets, $bites);
                    break;
                }
            }
        }
    }

    /** @param  array<string, Sum>  $numbers */
    private function leaveSooner(string $structure, array $numbers, Sum $early, int $to, int $targets, int $bites): void
    {
        $all = array_sum(array_map(static fn (Sum $s): int => $s->casts, $numbers));
        $mean = $all / $targets;
        $late = $all - $early->casts;
        if ($to === PHP_INT_MAX || $mean < self::LONG * $to || $late === 0) {
            return;
        }
        $sure = (new Tally($late, min($late, $bites - $early->contacts)))->exceeds(new Tally($early->casts, min($early->casts, $early->contacts)));
        $this->found[] = new Lesson(sprintf(
            'At %s you gave a target %.0f casts; of %d bites there %d came in the first %d. Leave such a target sooner, and fish another.',
            self::several($structure), $mean, $bites, $early->contacts, $to,
        ), 1 - $sure, 'stay', $structure);
    }

    /** Levels that took much of the time and gave less than the rest of the same days, and those that gave more. */
    private function levels(SeasonSums $sums): void
    {
        foreach ($sums->against as $factor => $levels) {
            foreach ($levels as $one) {
                if (! isset(self::WHERE[$factor]) || $one->casts < self::SHARE * $sums->casts || $one->ratio() === null) {
                    continue;
                }
                $this->looked++;
                $less = $one->ratio() < 1;
                $this->found[] = new Lesson(Said::of(
                    'You made %d casts '.self::WHERE[$factor].': they gave %.1f contacts in 100, %s what the rest of the same days gave. %s',
                    $one->casts, Stint::said($one->level), 100 * $one->contacts / $one->casts, self::share($one->ratio()),
                    $less ? 'Give some of that time to the rest.' : 'Give it more of the day.',
                ), self::twoSided($less ? $one->sureOfLess() : $one->sureOfMore()), $factor, $one->level);
            }
        }
    }

    /** Lures whose struck fish get off oftener than the others' (M20). */
    private function landing(SeasonSums $sums): void
    {
        foreach ($sums->landed as $lure => $tally) {
            if ($tally->tried < self::STRUCK) {
                continue;
            }
            $rest = new Tally;
            foreach ($sums->landed as $other => $more) {
                if ($other !== $lure) {
                    $rest->tried += $more->tried;
                    $rest->cameOff += $more->cameOff;
                }
            }
            if ($rest->tried >= self::STRUCK) {
                $this->looked++;
                $this->found[] = new Lesson(sprintf(
                    'With the %s you landed %d of %d struck fish, with all others %d of %d. Look at its hooks, the drag, and how soon you strike.',
                    str_replace('_', ' ', (string) $lure), $tally->cameOff, $tally->tried, $rest->cameOff, $rest->tried,
                ), $rest->exceeds($tally), 'landed', (string) $lure);
            }
        }
    }

    /** Places left right after their first fish, though a second comes often (M7, M15). */
    private function second(SeasonSums $sums): void
    {
        $left = $sums->stayed->tried - $sums->stayed->cameOff;
        if ($left < self::STRUCK || $sums->second->tried < self::STRUCK) {
            return;
        }
        $this->looked++;
        // What a first fish promises is held against any five casts of the season.
        $perCast = $sums->casts === 0 ? 0.0 : $sums->contacts / $sums->casts;
        $usual = new Tally(1000, (int) round(1000 * (1 - (1 - min(1.0, $perCast)) ** DayTotals::SECOND_WITHIN)));
        $this->found[] = new Lesson(sprintf(
            'After a first fish you left %d of %d places within %d casts; where you stayed, a second came in %d of %d. Stay for five casts more.',
            $left, $sums->stayed->tried, DayTotals::SECOND_WITHIN, $sums->second->cameOff, $sums->second->tried,
        ), $sums->second->exceeds($usual), 'second');
    }

    /** Whether what was offered did better than one's own way, on the same days. */
    private function advice(SeasonSums $sums): void
    {
        $own = array_values(array_filter($sums->against['advice'] ?? [], static fn (AgainstTheRest $a): bool => $a->level === DayTotals::OWN_WAY))[0] ?? null;
        if ($own === null || $own->ratio() === null) {
            return;
        }
        $this->looked++;
        $text = 'Where a move was offered and you went your own way, casts gave %s what they gave where you followed, on the same days (%d casts your own way).';
        $less = $own->sureOfLess();
        $this->found[] = new Lesson(
            sprintf($text, self::share($own->ratio()), $own->casts).($less > 0.5 ? ' Follow it more often.' : ' Trust yourself.'), self::twoSided(max($less, 1 - $less)), 'advice',
        );
    }

    /** Either way would have been said: as sure as that leaves it. */
    private static function twoSided(float $sure): float
    {
        return 1 - 2 * (1 - $sure);
    }

    private static function share(float $ratio): string
    {
        return $ratio >= 1.5 ? sprintf('%.1f times', $ratio) : sprintf('%.0f %% of', 100 * $ratio);
    }

    private static function several(string $structure): string
    {
        return str_replace('_', ' ', $structure).'s';
    }
}
