<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Year\AgainstTheRest;
use OldEddy\Year\CastNumber;
use OldEddy\Year\DayLevels;
use OldEddy\Year\DayTotals;
use OldEddy\Year\Lesson;
use OldEddy\Year\Lessons;
use OldEddy\Year\LevelRate;
use OldEddy\Year\Likeness;
use OldEddy\Year\OtherDays;
use OldEddy\Year\PastDay;
use OldEddy\Year\SeasonSums;
use OldEddy\Year\Sum;
use OldEddy\Year\Tally;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What other days teach: days like today (Y1, Y2), what a day adds up to (Y3), what might be done differently (Y4). */
final class YearTest extends TestCase
{
    use Stints;

    public function test_every_cast_has_one_number_and_the_spans_add_up(): void
    {
        self::assertSame(['1', '10', '11-15', '11-15', '16-20', '21-30', '31+'], array_map(CastNumber::level(...), [1, 10, 11, 15, 16, 30, 31]));
        foreach ([0, 1, 7, 15, 16, 30, 31, 200] as $casts) {
            self::assertSame($casts, array_sum(CastNumber::spread($casts)));
        }
        for ($cast = 1; $cast < 60; $cast++) {
            $more = CastNumber::spread($cast);
            foreach (CastNumber::spread($cast - 1) as $level => $n) {
                $more[$level] -= $n;
            }
            self::assertSame([CastNumber::level($cast) => 1], array_filter($more), "cast {$cast}");
        }
        self::assertSame(array_map(strval(...), array_keys(CastNumber::spread(99))), array_map(strval(...), array_keys(CastNumber::all())));
    }

    public function test_a_day_adds_up_by_level_by_visit_and_by_what_came_off(): void
    {
        $dock = ['structure' => 'dock', 'spot' => 'A', 'lure' => 'finesse_jig', 'color' => 'brown'];
        $point = ['structure' => 'point', 'spot' => 'B', 'lure' => 'jerkbait', 'color' => 'silver'];
        $totals = DayTotals::of([
            $this->stint($dock, 12, ['caught' => 3, 'missed' => 7]), $this->stint(['color' => 'black'] + $dock, 8, ['lost' => 2]), $this->stint($point, 20),
            $this->stint($dock, 30, ['caught' => 28]),
        ], [null, true, false, true]);
        $sum = static fn (string $factor, string $level, string $within = ''): array => array_values((array) ($totals->levels[$factor][$within][$level] ?? new Sum));
        self::assertEquals([50, 4, 3.8], $sum('lure', 'finesse_jig'));
        self::assertEquals([20, 0, 0.0], $sum('structure', 'point'));
        self::assertEquals([42, 3, 2.8], $sum('color', 'brown'));
        self::assertEquals([70, 4, 3.8], $sum('hour', '08'));
        self::assertEquals([[38, 2, 2.0], [20, 0, 0.0]], [$sum('advice', 'offered'), $sum('advice', 'own_way')]);
        self::assertEquals([[3, 1, 1.0], [3, 0, 0.0], [10, 1, 1.0]], [$sum('cast_no', '3', 'dock'), $sum('cast_no', '1', 'dock'), $sum('cast_no', '21-30', 'dock')]);
        self::assertEquals(
            [['A', 20, 3, 3, 6], ['B', 20, 0, null, 20], ['A', 30, 1, 28, 2]],
            array_map(static fn ($s): array => [$s->spot, $s->casts, $s->contacts, $s->firstCast, $s->blankCasts], $totals->stays), 'two stints at one spot are one visit',
        );
        self::assertSame([1, 1, null], array_map(static fn ($s): ?int => $s->minutes === null ? null : min(1, $s->minutes), $totals->stays));
        $tally = static fn (string $what, string $level = ''): array => [$totals->tallies[$what][$level]->tried, $totals->tallies[$what][$level]->cameOff];
        self::assertSame([4, 2], $tally('landed', 'finesse_jig'), 'caught twice, lost once, missed once');
        self::assertSame([4, 2], $tally('hook', 'guarded'));
        self::assertSame([[2, 1], [1, 1]], [$tally('stayed'), $tally('second')], 'the second visit was left two casts after its fish');
    }

    public function test_a_second_fish_is_one_within_five_casts_of_the_first_on_the_hook(): void
    {
        $second = fn (int $casts, array $kinds): array => array_map(
            fn (string $what): ?array => isset(($t = DayTotals::of([$this->stint(['spot' => 'A'], $casts, $kinds)])->tallies)[$what]['']) ? [$t[$what]['']->tried, $t[$what]['']->cameOff] : null,
            ['stayed', 'second'],
        );
        self::assertSame([[1, 1], [1, 1]], $second(20, ['caught' => 4, 'bump' => 9]));
        self::assertSame([[1, 1], [1, 0]], $second(20, ['caught' => 4, 'bump' => 10]), 'the sixth cast after it is late');
        self::assertSame([[1, 0], null], $second(8, ['caught' => 4]), 'left after four casts');
        self::assertSame([[1, 1], [1, 0]], $second(9, ['follow' => 1, 'lost' => 4]), 'a follow is not on the hook');
        self::assertSame([null, null], $second(9, ['follow' => 1, 'missed' => 4]));
    }

    /** The spans against R: qgamma(c(.1, .9), shape, rate) and qbeta(c(.1, .9), 23.5, 36.5). */
    public function test_spans_are_those_of_their_distributions(): void
    {
        $rate = LevelRate::all(['dock' => ['days' => 3, 'casts' => 180, 'contacts' => 9, 'weighed' => 7.0]], 0.025)[0];
        self::assertEqualsWithDelta([2.11641735, 5.35041566], $rate->span(), 1e-6);
        $rate = LevelRate::all(['dock' => ['days' => 9, 'casts' => 900, 'contacts' => 40, 'weighed' => 31.4]], 0.04)[0];
        self::assertEqualsWithDelta([2.75374809, 4.31305777], $rate->span(), 1e-6);
        self::assertTrue($rate->isClaimed());
        self::assertFalse(LevelRate::all(['x' => ['days' => 1, 'casts' => 59, 'contacts' => 9, 'weighed' => 9.0]], 0.04)[0]->isClaimed(), 'a handful of casts');
        $tally = new Tally(59, 23);
        self::assertEqualsWithDelta([0.311959343, 0.472957642], [$tally->quantile(0.1), $tally->quantile(0.9)], 1e-8);
        // R: integrate(function(x) pbeta(x, c, d) * dbeta(x, a, b), 0, 1).
        self::assertEqualsWithDelta(0.9997637, (new Tally(198, 128))->exceeds($tally), 2e-4);
        self::assertEqualsWithDelta(0.2582746, (new Tally(19, 8))->exceeds(new Tally(19, 10)), 5e-4);
    }

    /** R: glm(contacts ~ level + day, poisson, offset = log(casts)) on the same five days says 0.5010 of their ratio. */
    public function test_a_level_is_held_against_the_rest_of_the_same_days(): void
    {
        $dock = self::against('dock', [3, 1, 0, 4, 2], [80, 60, 40, 120, 50], [6, 5, 3, 9, 7], [100, 90, 110, 140, 120]);
        self::assertEqualsWithDelta(0.5010, $dock->ratio(), 0.005);
        // Days that agree spread no less than chance: R, pt(1.87706, 4), the deviation 0.3682 of the same regression.
        self::assertEqualsWithDelta(0.9331, $dock->sureOfLess(), 0.002);
        self::assertEqualsWithDelta(1.0, $dock->sureOfLess() + $dock->sureOfMore(), 1e-9);
        $none = self::against('dock', [0, 0], [80, 60], [2, 1], [80, 60]);
        self::assertSame([null, 0.0, 0.0], [$none->ratio(), $none->sureOfLess(), $none->sureOfMore()]);
        $one = self::against('dock', [9], [80], [2], [80]);
        self::assertSame([4.5, 0.0, 0.0], [$one->ratio(), $one->sureOfLess(), $one->sureOfMore()], 'one day is one piece of evidence');
        $bunch = self::against('dock', [12, 0, 0, 1, 0], [80, 80, 80, 80, 80], [2, 1, 1, 1, 1], [80, 80, 80, 80, 80]);
        $even = self::against('dock', [3, 2, 3, 2, 3], [80, 80, 80, 80, 80], [2, 1, 1, 1, 1], [80, 80, 80, 80, 80]);
        self::assertSame($even->ratio(), $bunch->ratio());
        self::assertGreaterThan($bunch->sureOfMore(), $even->sureOfMore(), 'one lucky day speaks less than five of a kind');
    }

    public function test_a_number_of_the_day_falls_into_one_span_and_back(): void
    {
        self::assertSame(['50-55', '55-60', '95+', '0-5', '20+'], [
            DayLevels::span('temperature', 54.9), DayLevels::span('temperature', 55.0), DayLevels::span('temperature', 99.0), DayLevels::span('wind', 0.0), DayLevels::span('wind', 31.0),
        ]);
        foreach (['temperature' => 47.3, 'wind' => 12.0] as $factor => $value) {
            [$from, $to] = DayLevels::bounds($factor, DayLevels::span($factor, $value)) ?? [0.0, 0.0];
            self::assertTrue($value >= $from && $value < $to);
        }
        self::assertSame([95.0, INF], DayLevels::bounds('temperature', '95+'));
        self::assertNull(DayLevels::bounds('temperature', "1' or 1=1"));
        self::assertNull(DayLevels::bounds('lure', '50-55'));
        self::assertSame(['50-55 °F', '20 mph and more', '07:00', 'the first cast', 'early fall'], array_map(strval(...), [
            DayLevels::said('temperature', '50-55'), DayLevels::said('wind', '20+'), DayLevels::said('hour', '07'), DayLevels::said('cast_no', '1'), DayLevels::said('stage', 'early_fall'),
        ]));
    }

    /** Against looking through every day, with the distance written out again. */
    public function test_the_nearest_days_are_those_that_looking_through_all_of_them_finds(): void
    {
        $luck = new Randomizer(new Mt19937(7));
        $days = array_map(fn (int $i): PastDay => $this->anyDay($luck, $i), range(1, 120));
        foreach (range(1, 20) as $i) {
            $today = $this->anyDay($luck, 1000 + $i, '2026-12-31');
            $slowly = [];
            foreach ($days as $day) {
                $stages = array_column(Stage::cases(), 'value');
                $clarities = array_column(Clarity::cases(), 'value');
                $shifts = array_column(ClarityShift::cases(), 'value');
                $yearDays = abs((int) date('z', (int) strtotime($day->date)) - (int) date('z', (int) strtotime($today->date)));
                $parts = [
                    array_search($day->stage->value, $stages, true) - array_search($today->stage->value, $stages, true), ($day->tempF - $today->tempF) / 6,
                    array_search($day->clarity->value, $clarities, true) - array_search($today->clarity->value, $clarities, true),
                    (array_search($day->shift->value, $shifts, true) - array_search($today->shift->value, $shifts, true)) / 2,
                    $day->front === $today->front ? 0 : ($day->front->isPost() === $today->front->isPost() ? 0.35 : 0.7), ($day->windMph - $today->windMph) / 10,
                    $day->sky === $today->sky ? 0 : ($day->sky->isCovered() === $today->sky->isCovered() ? 0.25 : 0.5), $day->lowLight === $today->lowLight ? 0 : 0.3,
                    min($yearDays, 365.25 - $yearDays) / 45,
                ];
                $slowly[$day->id] = sqrt(array_sum(array_map(static fn (float $p): float => $p ** 2, $parts)));
            }
            asort($slowly);
            $near = array_slice(array_filter($slowly, static fn (float $d): bool => $d <= 1.5), 0, 8, true);
            $found = OtherDays::like($days, $today);
            self::assertEqualsWithDelta(array_values($near), array_map(static fn (Likeness $l): float => $l->distance, $found), 1e-9);
            self::assertEqualsCanonicalizing(array_keys($near), array_map(static fn (Likeness $l): int => $l->past->id, $found));
        }
    }

    public function test_the_distance_is_told_part_by_part(): void
    {
        $today = $this->day(['id' => 1]);
        self::assertSame(0.0, Likeness::of($this->day(['id' => 2]), $today)->distance);
        self::assertSame([], Likeness::of($this->day(['id' => 2]), $today)->differs());
        $muddy = Likeness::of($this->day(['id' => 2, 'clarity' => Clarity::Mud, 'tempF' => 63.0]), $today);
        self::assertSame(['clarity', 'temperature'], array_keys($muddy->differs()), 'the most first');
        self::assertSame('mud water', (string) $muddy->parts()['clarity']->then);
        self::assertEqualsWithDelta(sqrt($muddy->parts()['clarity']->distance ** 2 + 0.25), $muddy->distance, 1e-9);
    }

    public function test_the_same_time_is_within_three_weeks_in_other_years_or_the_same_stage_and_temperature(): void
    {
        $today = $this->day(['id' => 1, 'date' => '2026-01-05', 'water' => 7]);
        $ids = static fn (array $days): array => array_map(static fn (PastDay $d): int => $d->id, OtherDays::sameTime($days, $today));
        $far = ['stage' => Stage::Summer, 'tempF' => 84.0];
        self::assertSame([2, 3], $ids([
            $this->day(['id' => 3, 'date' => '2024-12-20', 'water' => 8] + $far), $this->day(['id' => 2, 'date' => '2025-01-25', 'water' => 7] + $far),
            $this->day(['id' => 4, 'date' => '2025-01-28', 'water' => 7] + $far),
        ]), 'this water first; the new year does not part them; 23 days off is none');
        self::assertSame([5], $ids([$this->day(['id' => 5, 'date' => '2025-03-20', 'tempF' => 56.0]), $this->day(['id' => 6, 'date' => '2025-03-20', 'tempF' => 55.9])]), 'the same stage, within 4 °F');
        self::assertSame([], $ids([
            $this->day(['id' => 7, 'date' => '2025-12-28']), $this->day(['id' => 8, 'date' => '2025-01-05', 'species' => Species::Walleye]),
            $this->day(['id' => 9, 'date' => '2025-01-05', 'waterbody' => Waterbody::River, 'water' => 9]), $this->day(['id' => 10, 'date' => '2027-01-05']),
        ]), 'the winter that lasts, another fish, another kind of water, a day to come');
    }

    public function test_differences_that_nobody_would_notice_are_none(): void
    {
        $today = $this->day(['levelFt' => 1.0]);
        self::assertSame([true, false], [$this->day(['tempF' => 60.9])->isAsWarmAs($today), $this->day(['tempF' => 61.0])->isAsWarmAs($today)]);
        $rise = fn (?float $then): ?float => $this->day(['levelFt' => $then])->riseTo($today);
        self::assertSame([null, 0.0, -1.5, 2.0], array_map($rise, [null, 0.8, 2.5, -1.0]));
        self::assertNull($today->riseTo($this->day()), 'nobody said how it stands today');
    }

    public function test_nothing_is_said_from_a_handful_or_from_chance(): void
    {
        self::assertSame([], $this->lessons());
        // Twelve levels on twenty days each, bites in schools of none to nine, and nothing that makes a difference: what is said is chance, seldom.
        $luck = new Randomizer(new Mt19937(3));
        $bites = static fn (): int => array_sum(array_map(static fn (): int => $luck->getInt(1, 8) === 1 ? $luck->getInt(1, 9) : 0, range(1, 4)));
        $said = 0;
        for ($season = 0; $season < 40; $season++) {
            $against = [];
            for ($i = 0; $i < 12; $i++) {
                $draw = static fn (): array => array_map(static fn (): int => $bites(), range(1, 20));
                $against[] = self::against("l{$i}", $draw(), array_fill(0, 20, 60), $draw(), array_fill(0, 20, 60));
            }
            $said += $this->lessons(['lure' => $against]) === [] ? 0 : 1;
        }
        self::assertLessThanOrEqual(8, $said, 'of forty seasons without anything to say');
    }

    public function test_what_is_said_carries_its_evidence(): void
    {
        $text = static fn (array $lessons): array => array_map(static fn (Lesson $l): string => (string) $l->text, $lessons);
        // 31 bites at points: 26 in the first eight casts; thirty targets of 22 casts each.
        $numbers = ['point' => []];
        foreach (CastNumber::spread(22) as $level => $casts) {
            $numbers['point'][(string) $level] = new Sum(30 * $casts, 0, 0.0);
        }
        foreach ([1 => 5, 2 => 5, 3 => 4, 5 => 4, 7 => 4, 8 => 4, 12 => 3, 18 => 2] as $cast => $bites) {
            $numbers['point'][CastNumber::level($cast)]->add(0, $bites, $bites);
        }
        self::assertSame(
            ['At points you gave a target 22 casts; of 31 bites there 26 came in the first 8. Leave such a target sooner, and fish another.'], $text($this->lessons([], $numbers)),
        );
        $landing = $this->lessons([], [], ['jerkbait' => new Tally(59, 23), 'tube' => new Tally(198, 128)]);
        self::assertSame(['With the jerkbait you landed 23 of 59 struck fish, with all others 128 of 198. Look at its hooks, the drag, and how soon you strike.'], $text($landing));
        $docks = self::docks('dock', 900, 3, 12);
        self::assertSame([], $this->lessons(['cover' => [self::docks('dock', 20, 3, 12)]]), 'too little of the time');
        self::assertStringContainsString('25 % of what the rest of the same days gave', $text($this->lessons(['structure' => [$docks], 'cover' => [$docks]]))[0]);
        self::assertCount(1, $this->lessons(['structure' => [$docks], 'cover' => [$docks]]), 'the same casts under two names are one subject');
        $second = $this->lessons(second: [new Tally(40, 20), new Tally(20, 9)]);
        self::assertStringContainsString('you left 20 of 40 places within 5 casts; where you stayed, a second came in 9 of 20', $text($second)[0]);
        $own = $this->lessons(['advice' => [self::docks('own_way', 900, 3, 12)]]);
        self::assertStringContainsString('Follow it more often.', $text($own)[0]);
        $better = $this->lessons(['advice' => [self::docks('own_way', 900, 12, 3)]]);
        self::assertStringContainsString('4.0 times what they gave where you followed, on the same days (900 casts your own way). Trust yourself.', $text($better)[0]);
    }

    /**
     * A level and the rest on the same days.
     *
     * @param  list<int>  $mine  contacts of each day
     * @param  list<int>  $casts
     * @param  list<int>  $others  of the rest
     * @param  list<int>  $beside
     */
    private static function against(string $level, array $mine, array $casts, array $others, array $beside): AgainstTheRest
    {
        $sums = array_fill(0, 6, 0.0);
        foreach ($mine as $day => $contacts) {
            $all = $casts[$day] + $beside[$day];
            [$a, $b] = [$contacts * $beside[$day] / $all, $others[$day] * $casts[$day] / $all];
            foreach ([$a, $b, ($contacts + $others[$day]) * $casts[$day] * $beside[$day] / $all ** 2, $a * $a, $b * $b, $a * $b] as $n => $one) {
                $sums[$n] += $one;
            }
        }
        [$a, $b, $spread, $aa, $bb, $ab] = $sums;

        return new AgainstTheRest($level, array_sum($casts), array_sum($mine), $a, $b, $spread, count($mine), $aa, $bb, $ab);
    }

    /** Nine days of so many casts in all, so many contacts a day against so many of the rest in as many casts. */
    private static function docks(string $level, int $casts, int $mine, int $others): AgainstTheRest
    {
        $each = array_fill(0, 9, intdiv($casts, 9));

        return self::against($level, array_fill(0, 9, $mine), $each, array_fill(0, 9, $others), $each);
    }

    /**
     * @param  array<string, list<AgainstTheRest>>  $against
     * @param  array<string, array<string, Sum>>  $numbers
     * @param  array<string, Tally>  $landed
     * @param  array{Tally, Tally}|null  $second
     * @return list<Lesson>
     */
    private function lessons(array $against = [], array $numbers = [], array $landed = [], ?array $second = null): array
    {
        return Lessons::of(new SeasonSums(3000, 90.0, $numbers, $against, $landed, $second[0] ?? new Tally, $second[1] ?? new Tally));
    }

    /** @param  array<string, mixed>  $other */
    private function day(array $other = []): PastDay
    {
        return new PastDay(...[...[
            'id' => 1, 'date' => '2026-04-12', 'water' => null, 'species' => Species::LargemouthBass, 'waterbody' => Waterbody::Reservoir, 'stage' => Stage::Prespawn, 'tempF' => 60.0,
            'clarity' => Clarity::Fair, 'shift' => ClarityShift::AsUsual, 'front' => Front::Stable, 'windMph' => 5.0, 'sky' => Sky::Clear, 'lowLight' => false,
        ], ...$other]);
    }

    private function anyDay(Randomizer $luck, int $id, string $date = ''): PastDay
    {
        $one = static fn (array $of): mixed => $of[$luck->getInt(0, count($of) - 1)];

        return $this->day([
            'id' => $id, 'date' => $date !== '' ? $date : sprintf('202%d-%02d-%02d', $luck->getInt(4, 6), $luck->getInt(1, 12), $luck->getInt(1, 28)), 'stage' => $one(array_slice(Stage::cases(), 0, 3)),
            'tempF' => (float) $luck->getInt(45, 62), 'clarity' => $one(Clarity::cases()), 'shift' => $one(ClarityShift::cases()), 'front' => $one(Front::cases()),
            'windMph' => (float) $luck->getInt(0, 18), 'sky' => $one(Sky::cases()), 'lowLight' => $luck->getInt(0, 1) === 1,
        ]);
    }
}
