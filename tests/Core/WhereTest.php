<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\SectionDays;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\WindDay;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\DaysOfWind;
use OldEddy\Reading\Shadow;
use OldEddy\Reading\Standing;
use OldEddy\Reading\WaterReader;
use OldEddy\Rules\RuleBook;
use OldEddy\Where\Docks\DockMark;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockReader;
use OldEddy\Where\Docks\DockRow;
use OldEddy\Where\Docks\DockShade;
use OldEddy\Where\Docks\DockSide;
use OldEddy\Where\Docks\Extra;
use OldEddy\Where\Places\DayByHour;
use OldEddy\Where\Places\Factors\DepthFits;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Lookalikes;
use OldEddy\Where\Places\OwnRecord;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\PlaceRanking;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Places\SpotOfDay;
use OldEddy\Where\Stream\CurrentPlace;
use PHPUnit\Framework\TestCase;

/** Where to fish: common practice, no source; the numbers behind the directions are our own. */
final class WhereTest extends TestCase
{
    /** W12: common practice. */
    public function test_a_place_is_dry_when_no_water_stands_on_its_deepest_part(): void
    {
        $place = new Place('Flat', 36.9, -80.1, shallowFt: 1.0, deepFt: 3.0);
        self::assertSame([false, false, true, true], array_map($place->isDryAt(...), [0.0, -2.9, -3.0, -8.0]));
        self::assertFalse((new Place('Unknown', 36.9, -80.1))->isDryAt(-50.0));
    }

    /** W10: two like places lie in water of two seasons. */
    public function test_each_place_is_ranked_by_the_water_of_its_section(): void
    {
        $told = ConditionsReader::read([
            'species' => 'largemouth_bass', 'date' => '2026-04-20', 'lat' => 37.0, 'lon' => -80.0, 'water' => ['temp_f' => 52],
            'sections' => [['name' => 'Upper arm', 'temp_f' => 66], ['name' => 'As the lake']],
        ]);
        $sections = SectionDays::of($told);
        self::assertSame(['Upper arm'], array_keys($sections));
        self::assertSame([Stage::Spawn, false], [
            WaterReader::read($sections['Upper arm'])->stage->stage, WaterReader::read(Settler::settle($told))->stage->stage === Stage::Spawn,
        ]);
        $flat = static fn (string $name, ?string $section): Place => new Place(
            $name, 37, -80, Structure::Flat, [], Bottom::Gravel, 2, 5, 12, section: $section,
        );
        $places = [$flat('cold', null), $flat('warm', 'Upper arm'), $flat('named only', 'As the lake')];
        $day = Settler::settle($told);
        $fits = [];
        foreach (PlaceRanking::at($places, Hour::of($day, 600, sections: $sections)) as $one) {
            $fits[$one->place->name] = $one->fit;
        }
        self::assertSame($fits['cold'], $fits['named only']);
        self::assertSame($this->fit($flat('warm', null), $sections['Upper arm'], 600), $fits['warm'], 'as if the whole lake were so warm');
        self::assertGreaterThan($fits['cold'], $fits['warm'], 'the spawning flat is where the water is ready for it');
        $hours = DayByHour::of($places, $day, sections: $sections);
        self::assertEqualsWithDelta($fits['warm'], $hours->fits['warm'][10], 1e-9);
    }

    /** M18: practice ranks places for the tournament's own hours. */
    public function test_places_are_ranked_for_some_hours_of_a_day(): void
    {
        $day = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 82], 'weather' => ['sky' => 'clear']]);
        $bank = static fn (string $name, float $faces): Place => new Place($name, 37, -80, Structure::BluffTransition, [], null, 2, 9, 12, $faces, 40.0);
        $hours = DayByHour::of([$bank('morning shade', 270), $bank('evening shade', 90)], $day);
        self::assertSame(['morning shade', 'evening shade'], array_keys($hours->over(7, 10)));
        self::assertSame(['evening shade', 'morning shade'], array_keys($hours->over(15, 18)));
        self::assertEqualsWithDelta(($hours->fits['morning shade'][8] + $hours->fits['morning shade'][9]) / 2, $hours->over(8, 9)['morning shade'], 1e-12);
        $day = $hours->fits['evening shade'];
        self::assertGreaterThan(min($day) + 0.05, max($day), 'else the next line says nothing');
        self::assertEqualsWithDelta(array_sum(array_slice($day, 6, 14)) / 14, $hours->over(6, 19)['evening shade'], 1e-12);
        self::assertEquals(new OwnRecord(60, 3.0), (new OwnRecord(20, 1.0))->and(new OwnRecord(40, 2.0)));
    }

    /** S7: in spring the bay into which the wind blows is warmest. */
    public function test_in_spring_the_wind_makes_the_bank_it_blows_onto(): void
    {
        $bank = static fn (string $name, float $faces): Place => new Place(
            $name,
            37,
            -80,
            Structure::Flat,
            [],
            null,
            2,
            8,
            12,
            $faces,
            null,
            null,
            array_fill(0, 8, 3000.0),
        );
        $day = $this->day(['date' => '2026-04-01', 'water' => ['temp_f' => 55], 'weather' => ['wind_mph' => 14, 'wind_from_deg' => 225, 'sky' => 'partly']]);
        self::assertSame(['onto', 'lee'], $this->order([$bank('lee', 45), $bank('onto', 225)], $day, 600));
        $reasons = PlaceRanking::at([$bank('onto', 225)], Hour::of($day, 600))[0]->reasons;
        self::assertContains('S7', array_column($reasons, 'ruleId'));
        $short = new Place('short', 37, -80, Structure::Flat, [], null, 2, 8, 12, 225, null, null, array_fill(0, 8, 50.0));
        self::assertSame(['onto', 'short'], $this->order([$short, $bank('onto', 225)], $day, 600), 'over open water more than over little');
    }

    /** W23: in spring the warm bay is that of the last three days of wind, not of this hour's. */
    public function test_the_wind_of_three_days_makes_the_warm_bay(): void
    {
        $bank = static fn (string $name, float $faces): Place => new Place(
            $name, 37, -80, Structure::Flat, [], null, 2, 8, 12, $faces, null, null, array_fill(0, 8, 3000.0),
        );
        $wind = static fn (string $date, float $mph, float $from): array => ['date' => $date, 'wind_mph' => $mph, 'wind_from_deg' => $from];
        $spring = fn (array $days, float $now = 45): Settled => $this->day([
            'date' => '2026-04-03', 'water' => ['temp_f' => 55], 'weather' => ['wind_mph' => 6, 'wind_from_deg' => $now, 'sky' => 'partly'], 'wind_days' => $days,
        ]);
        [$south, $north] = [$bank('faces south', 180), $bank('faces north', 0)];
        $days = [$wind('2026-04-02', 15, 180), $wind('2026-04-01', 15, 180)];
        self::assertSame('faces south', $this->order([$north, $south], $spring($days), 600)[0], 'two days of south wind, whatever blows now');
        $reasons = PlaceRanking::at([$south], Hour::of($spring($days), 600))[0]->reasons;
        self::assertContains('W23', array_column($reasons, 'ruleId'));
        self::assertNotContains('S7', array_column($reasons, 'ruleId'), 'said once');
        self::assertSame('faces north', $this->order([$north, $south], $spring([$wind('2026-04-02', 15, 0), $wind('2026-04-01', 15, 0)], 180), 600)[0]);
        $old = PlaceRanking::at([$south], Hour::of($spring([$wind('2026-03-25', 30, 180)]), 600))[0]->reasons;
        self::assertNotContains('W23', array_column($old, 'ruleId'), 'a week ago is forgotten');
        $summer = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 82], 'weather' => ['wind_mph' => 10, 'wind_from_deg' => 180, 'sky' => 'partly'], 'wind_days' => [$wind('2026-07-17', 15, 0)]]);
        self::assertNotContains('W23', array_column(PlaceRanking::at([$south], Hour::of($summer, 600))[0]->reasons, 'ruleId'), 'in summer the wind of now counts');
        // Half, three tenths, two tenths: a full wind straight in today and out of it the day before yesterday comes to (0.5 − 0.2) of 0.7.
        $mixed = DaysOfWind::of($spring([])->with(['windDays' => [new WindDay(0, 20, 180), new WindDay(2, 20, 0)]]));
        self::assertEqualsWithDelta(0.3 / 0.7, $mixed?->blewIn(static fn (float $from): float => $from === 180.0 ? 1.0 : -1.0), 1e-9);
        self::assertNull(DaysOfWind::of($spring([])), 'today alone is this hour\'s wind');
    }

    /** W10: of a section the angler may know the stage better than its water tells. */
    public function test_a_section_has_a_stage_of_its_own_where_it_is_said(): void
    {
        $told = ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => ['temp_f' => 52], 'sections' => [['name' => 'Arm', 'stage' => 'spawn'], ['name' => 'Rest']]]);
        $sections = SectionDays::of($told);
        self::assertSame([['Arm'], Stage::Spawn], [array_keys($sections), WaterReader::read($sections['Arm'])->stage->stage]);
        $this->expectException(InvalidInput::class);
        ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'sections' => [['name' => 'Arm', 'stage' => 'hatching']]]);
    }

    /** S20, S21: shade of 5-10 ft where shade counts; in the cold the sun. */
    public function test_shade_counts_by_hour_width_and_temperature(): void
    {
        $bank = static fn (string $name, float $faces): Place => new Place($name, 37, -80, Structure::Dock, [Cover::Dock], null, 3, 8, 12, $faces, 20.0, 2.0);
        $summer = $this->day(['date' => '2026-07-18', 'time' => '15:00', 'water' => ['temp_f' => 84], 'weather' => ['sky' => 'clear']]);
        self::assertSame(['north', 'south'], $this->order([$bank('south', 180), $bank('north', 20)], $summer, 900));
        $overcast = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84], 'weather' => ['sky' => 'overcast']]);
        self::assertSame($this->fit($bank('north', 20), $overcast, 900), $this->fit($bank('south', 180), $overcast, 900), 'no sun, no shade');
        $cold = $this->day(['date' => '2026-02-18', 'water' => ['temp_f' => 44], 'weather' => ['sky' => 'clear']]);
        self::assertSame(['south', 'north'], $this->order([$bank('north', 350), $bank('south', 180)], $cold, 720));
        self::assertNotSame($this->fit($bank('north', 20), $summer, 600), $this->fit($bank('north', 20), $summer, 960), 'it changes by the hour');
    }

    public function test_bare_ground_is_not_held_against_a_spot_as_wrong_cover_is(): void
    {
        $july = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84], 'weather' => ['sky' => 'clear']]);
        $place = static fn (array $covers): Place => new Place('x', 37, -80, Structure::Ledge, $covers, null, 12, 22);
        $fits = array_map(
            fn (array $covers): float => $this->fit($place($covers), $july, 780),
            ['unknown' => [], 'bare' => [Cover::None], 'wrong' => [Cover::FloodedBushes], 'right' => [Cover::Shade]],
        );
        self::assertGreaterThan($fits['wrong'], $fits['bare']);
        self::assertGreaterThan($fits['bare'], $fits['unknown']);
        self::assertGreaterThan($fits['unknown'], $fits['right']);
    }

    /** W16, S21: the hours of a spot, and where nothing changes no hour is called the best. */
    public function test_a_spot_has_its_hours(): void
    {
        $day = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84], 'weather' => ['sky' => 'clear']]);
        $shallow = new Place('shallow', 37, -80, Structure::Dock, [Cover::Dock], null, 2, 5);
        $shaded = new Place('shaded', 37, -80, Structure::Dock, [Cover::Dock], null, 7, 9, 12, 20, 20.0, 2.0);
        $bare = new Place('bare', 37, -80, Structure::Ledge);
        $hours = DayByHour::of([$shallow, $shaded, $bare], $day);
        self::assertCount(24, $hours->fits['bare']);
        self::assertSame($this->fit($shaded, $day, 900), $hours->fits['shaded'][15]);
        self::assertNull($hours->best('bare', 5, 21));
        [$first, $last] = $hours->best('shaded', 5, 21) ?? [0, 0];
        self::assertGreaterThanOrEqual(13, $first);
        self::assertLessThanOrEqual(20, $last);
        [$first] = $hours->best('shallow', 5, 12) ?? [12];
        self::assertLessThanOrEqual(7, $first, 'first light');
    }

    public function test_fish_stand_no_deeper_than_the_water_is(): void
    {
        $day = $this->day(['species' => 'smallmouth_bass', 'date' => '2026-07-18', 'water' => ['temp_f' => 78], 'weather' => ['sky' => 'clear']]);
        self::assertGreaterThan(12, Hour::of($day, 780)->reading->stand->deepFt);
        self::assertLessThanOrEqual(9.0, Hour::of($day, 780, 9.0)->reading->stand->deepFt);
    }

    /** F21: what Where says of a place is what Read says where that place is the spot of the day. */
    public function test_the_band_of_a_place_is_the_one_that_read_gives_it(): void
    {
        $said = 0;
        foreach ([['2026-01-20', 42], ['2026-04-12', 61], ['2026-07-18', 84], ['2026-10-20', 63]] as [$date, $tempF]) {
            $told = ConditionsReader::read([
                'species' => 'largemouth_bass', 'date' => $date, 'time' => '13:00', 'lat' => 37.0, 'lon' => -80.0, 'timezone' => 'America/New_York',
                'water' => ['temp_f' => $tempF, 'visibility_ft' => 5], 'weather' => ['sky' => 'clear', 'wind_mph' => 4],
            ]);
            $day = Settler::settle($told);
            foreach ([
                new Place('floats', 37, -80, Structure::Dock, [Cover::Dock], null, 16, 24, dock: new DockPlan('floats', DockKind::Floating, 16.0, 24.0)),
                new Place('posts', 37, -80, Structure::Dock, [Cover::Dock], null, 4, 6, dock: new DockPlan('posts', DockKind::Piling, 4.0, 6.0)),
                new Place('mats', 37, -80, Structure::Flat, [Cover::GrassMatted], null, 2, 6),
                new Place('reeds', 37, -80, null, [Cover::Reeds], null, 1, 4),
                new Place('ledge', 37, -80, Structure::Ledge, [], null, 10, 25),
            ] as $place) {
                $hour = Hour::of($day, 780);
                $read = WaterReader::read(Settler::settle($told->at(SpotOfDay::of($place, $day, 780))))->stand;
                $there = $hour->readingAt($place)->stand;
                self::assertEquals($read, $there, "{$place->name}, {$date}");
                $reasons = implode(' ', array_map(strval(...), array_column(PlaceRanking::at([$place], $hour)[0]->reasons, 'text')));
                $band = sprintf('Fish are at %.0f-%.0f ft here', $read->shallowFt, $read->deepFt);
                $said += str_contains($reasons, $band) ? 1 : 0;
                self::assertTrue(str_contains($reasons, $band) || str_contains($reasons, 'misses their'), $reasons);
            }
        }
        self::assertGreaterThan(8, $said);
    }

    /** F21: over deep water they hang under the floats, at the depth that they have on the whole lake. */
    public function test_a_deep_floating_dock_is_not_marked_down_for_the_bottom_under_it(): void
    {
        $day = $this->day(['date' => '2026-04-18', 'water' => ['temp_f' => 60, 'visibility_ft' => 4], 'weather' => ['sky' => 'clear']]);
        $fits = fn (?DockPlan $dock): float => $this->fit(new Place('d', 37, -80, Structure::Dock, [Cover::Dock], null, 18, 25, dock: $dock), $day, 780);
        self::assertLessThan(18, Hour::of($day, 780)->reading->stand->deepFt);
        self::assertGreaterThan(1.3 * $fits(null), $fits(new DockPlan('d', DockKind::Floating, 18.0, 25.0)));
    }

    /** Own choice of the numbers: what holds the band gains, what misses it loses by the foot, half of it where the depth lies close by. */
    public function test_a_place_gains_and_loses_by_the_depth_it_holds(): void
    {
        $hour = Hour::of($this->day(['date' => '2026-01-20', 'water' => ['temp_f' => 42, 'visibility_ft' => 6], 'weather' => ['sky' => 'clear']]), 780);
        $stand = $hour->reading->stand;
        self::assertGreaterThan(8, $stand->shallowFt);
        $number = static fn (float $from, float $to, ?float $near = null): float => round(
            (new DepthFits)->weigh(new Place('x', 37, -80, null, [], null, $from, $to, $near), $hour)->effect ?? 0.0, 3,
        );
        $top = $stand->shallowFt;
        self::assertSame(1.35, $number($top, $stand->deepFt));
        self::assertSame(0.85, $number(0.0, $top - 2));
        self::assertSame(0.925, $number(0.0, $top - 2, $top + 1));
        self::assertSame(0.67, $number(0.0, $top - 5));
        self::assertSame(0.3, $number($stand->deepFt + 60, $stand->deepFt + 70));
        self::assertNull((new DepthFits)->weigh(new Place('x', 37, -80), $hour));
    }

    /** W18: the shadow lies opposite the sun; casts within 30° of it are spoilt while the sun is under 45° high. */
    public function test_the_shadow_spoils_casts_on_its_side(): void
    {
        $at = fn (string $time): Settled => $this->day(['date' => '2026-07-18', 'time' => $time, 'weather' => ['sky' => 'clear']]);
        $morning = Shadow::of($at('08:00'));
        self::assertNotNull($morning);
        self::assertEqualsWithDelta(fmod((float) $at('08:00')->sunAzimuthDeg + 180, 360), $morning->towardDeg, 1e-9);
        self::assertTrue($morning->spoils(fmod($morning->towardDeg + 29, 360)));
        self::assertFalse($morning->spoils(fmod($morning->towardDeg + 31, 360)));
        [$from, $to] = $morning->spoiltDeg();
        self::assertEqualsWithDelta(60, fmod($to - $from + 360, 360), 1e-9);
        self::assertNull(Shadow::of($at('13:30')), 'the sun is high');
        self::assertNull(Shadow::of($at('23:30')));
        self::assertNull(Shadow::of($this->day(['date' => '2026-07-18', 'time' => '08:00', 'weather' => ['sky' => 'overcast']])));
    }

    public function test_stage_depth_level_current_and_ones_own_log_move_a_spot(): void
    {
        $july = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84], 'weather' => ['sky' => 'clear']]);
        $place = static fn (string $name, Structure $structure, float $from, float $to): Place => new Place($name, 37, -80, $structure, [], null, $from, $to);
        self::assertSame('ledge', $this->order([$place('creek', Structure::BackOfCreek, 1, 3), $place('ledge', Structure::Ledge, 12, 22)], $july, 780)[0]);
        // Six feet more water brings a shallow ledge down into the band, or a deep one out of it.
        $low = $place('low', Structure::Ledge, 2, 4);
        self::assertNotSame($this->fit($low, $july, 780), PlaceRanking::at([$low], Hour::of($july->with(['levelFt' => 8.0]), 780))[0]->fit);
        $flood = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 80, 'current' => 'strong']]);
        self::assertSame('eddy', $this->order([$place('flat', Structure::Flat, 4, 8), $place('eddy', Structure::Eddy, 4, 8)], $flood, 780)[0]);
        $twins = [$place('poor', Structure::Ledge, 12, 22), $place('good', Structure::Ledge, 12, 22), $place('new', Structure::Ledge, 12, 22)];
        $ranked = PlaceRanking::at($twins, Hour::of($july, 780), ['poor' => new OwnRecord(200, 0.0), 'good' => new OwnRecord(60, 5.0)]);
        self::assertSame(['good', 'new', 'poor'], array_map(static fn (RankedPlace $r): string => $r->place->name, $ranked));
        foreach ($ranked as $one) {
            self::assertEqualsWithDelta($one->fit, array_product(array_column($one->reasons, 'effect')), 1e-12, 'the reasons explain the fit');
        }
    }

    public function test_every_rule_named_is_in_the_book(): void
    {
        $day = $this->day(
            [
                'date' => '2026-07-18',
                'water' => ['temp_f' => 84, 'visibility_ft' => 7, 'current' => 'strong'],
                'weather' => ['sky' => 'clear', 'wind_mph' => 12, 'wind_from_deg' => 200],
            ],
        );
        $places = array_map(
            static fn (Structure $s): Place => new Place($s->value, 37, -80, $s, [Cover::Rock], null, 2, 12, 20, 10, 30, 2, array_fill(0, 8, 900.0)),
            Structure::cases(),
        );
        foreach ([300, 420, 780, 1200] as $minute) {
            foreach (PlaceRanking::at($places, Hour::of($day, $minute), ['point' => new OwnRecord(10, 1.0)]) as $ranked) {
                foreach ($ranked->reasons as $reason) {
                    self::assertTrue(RuleBook::has($reason->ruleId), $reason->ruleId);
                }
            }
        }
    }

    /** S6. */
    public function test_lookalikes_share_depth_cover_and_angle(): void
    {
        $one = new Place('one', 37, -80, Structure::SecondaryPoint, [Cover::Laydown], null, 3, 8, null, 200);
        $found = Lookalikes::of(
            $one,
            [
                $one,
                new Place('twin', 37, -80, Structure::SecondaryPoint, [Cover::Laydown], null, 3, 9, null, 210),
                new Place('cousin', 37, -80, Structure::SecondaryPoint, [Cover::Laydown], null, 3, 9, null, 20),
                new Place('stranger', 37, -80, Structure::Basin, [Cover::None], null, 30, 60),
            ],
        );
        self::assertSame(['twin', 'cousin'], array_map(static fn (array $f): string => $f['place']->name, $found));
        self::assertContains('angle of the bank', $found[0]['shared']);
    }

    /** S11: floating docks by depth. S12: piling docks on the bottom. S14: clear water. */
    public function test_docks_are_read_by_depth_kind_and_clarity(): void
    {
        $day = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']]);
        $marks = self::byPart(DockReader::read(new DockPlan('D', DockKind::Floating, 3, 10), $day));
        self::assertFalse($marks['inside end']->suspended);
        self::assertTrue($marks['outside posts']->suspended);
        self::assertEqualsWithDelta($marks['inside end']->waterFt - Standing::OVER_BOTTOM_FT, $marks['inside end']->fishFt, 1e-9, 'on the bottom');
        foreach (DockReader::read(new DockPlan('P', DockKind::Piling, 3, 10), $day) as $mark) {
            self::assertFalse($mark->suspended, 'they hardly suspend at posts');
        }
        self::assertArrayNotHasKey('floats', self::byPart(DockReader::read(new DockPlan('P', DockKind::Piling, 3, 10), $day)));
        self::assertSame('walkway', DockReader::read(new DockPlan('D', DockKind::Floating, 3, 8), $day)[0]->part->words(), 'best, most neglected');
        $clear = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84, 'visibility_ft' => 8], 'weather' => ['sky' => 'clear']]);
        self::assertSame('water around it', DockReader::read(new DockPlan('D', DockKind::Floating, 3, 8), $clear)[0]->part->words());
        foreach (DockReader::read(new DockPlan('D', DockKind::Floating, 3, 12, 40, Extra::cases()), $clear) as $mark) {
            foreach ($mark->lures as $lure) {
                self::assertTrue(Catalog::has($lure), $lure);
            }
            foreach ($mark->ruleIds as $id) {
                self::assertTrue(RuleBook::has($id), $id);
            }
        }
    }

    public function test_species_differ_at_a_dock(): void
    {
        $marks = fn (string $species, float $visibility, array $more = []): array => DockReader::read(
            new DockPlan('D', DockKind::Floating, 2, 12),
            $this->day($more + [
                'species' => $species, 'date' => '2026-06-18', 'water' => ['temp_f' => 74, 'visibility_ft' => $visibility],
                'weather' => ['sky' => 'overcast'],
            ]),
        );
        self::assertLessThan(4, $marks('largemouth_bass', 4)[0]->waterFt, 'the walkway');
        self::assertGreaterThan(6, $marks('spotted_bass', 4)[0]->waterFt, 'F11: they like to suspend, around docks too');
        self::assertTrue($marks('spotted_bass', 4)[0]->suspended);
        self::assertGreaterThan(
            self::byPart($marks('largemouth_bass', 4))['outside posts']->worth,
            self::byPart($marks('spotted_bass', 4))['outside posts']->worth,
        );
        self::assertLessThan(4, $marks('spotted_bass', 4, ['stage' => 'spawn'])[0]->waterFt, 'F11: except at spawn');
        self::assertGreaterThan(8, $marks('smallmouth_bass', 5.2)[0]->waterFt, 'F11: deeper, clear ones');
        $murky = $marks('smallmouth_bass', 3);
        self::assertStringContainsString('seldom use docks', (string) $murky[0]->text);
        self::assertLessThan(0.7 * $marks('largemouth_bass', 3)[0]->worth, $murky[0]->worth);
    }

    /** S15, W18: a dock that points north has its shade on the left in the morning and on the right in the afternoon. */
    public function test_the_shaded_side_of_a_dock_follows_the_sun(): void
    {
        $dock = new DockPlan('D', DockKind::Floating, 3, 9, 20, [], 0);
        $at = fn (string $time): Settled => $this->day(
            ['date' => '2026-07-18', 'time' => $time, 'water' => ['temp_f' => 80, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']],
        );
        foreach (['08:30' => DockSide::Left, '18:00' => DockSide::Right] as $time => $side) {
            self::assertSame($side, DockShade::of($dock, $at($time))?->side, $time);
            self::assertSame($side, self::byPart(DockReader::read($dock, $at($time)))['walkway']->side);
            self::assertSame($side, DockReader::boat($dock, $at($time))->side, 'the boat too: its shadow falls behind');
        }
        self::assertSame(DockSide::Outer, DockShade::of($dock, $at('13:25'))?->side, 'at noon the sun stands in the south, behind the bank');
        self::assertGreaterThan(DockShade::of($dock, $at('13:25'))->widthFt, DockShade::of($dock, $at('08:30'))->widthFt, 'low sun, wide shade');
        self::assertNull(DockShade::of($dock, $at('23:00')));
        self::assertNull(DockShade::of(new DockPlan('D', DockKind::Floating, 3, 9), $at('08:30')), 'nobody said where it points');
        $cold = $this->day(['date' => '2026-02-18', 'time' => '09:00', 'water' => ['temp_f' => 44], 'weather' => ['sky' => 'clear']]);
        self::assertNull(self::byPart(DockReader::read($dock, $cold))['walkway']->side, 'S20: in the cold shade is no gain');
    }

    /** W12: more water floats the fish of a shallow dock off the bottom. */
    public function test_a_dock_is_read_at_todays_level(): void
    {
        $day = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 80, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']]);
        $dock = new DockPlan('D', DockKind::Floating, 3, 4.5);
        self::assertFalse(self::byPart(DockReader::read($dock, $day))['outside posts']->suspended);
        self::assertTrue(self::byPart(DockReader::read($dock->atLevel(4), $day))['outside posts']->suspended);
    }

    /** S16, S17. */
    public function test_a_row_of_docks(): void
    {
        $day = $this->day(['date' => '2026-07-18', 'water' => ['temp_f' => 84, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']]);
        $row = [
            new DockPlan('plain', DockKind::Floating, 3, 8),
            new DockPlan('ramp', DockKind::Floating, 3, 8, 15, [Extra::Ramp]),
            new DockPlan('deep', DockKind::Floating, 9, 20),
        ];
        $ranked = DockRow::ranked($row, $day);
        self::assertSame('ramp', $ranked[0]['dock']->name);
        self::assertStringContainsString('ramp beside', $ranked[0]['why']);
        self::assertSame(['ramp'], array_map(static fn (DockPlan $d): string => $d->name, DockRow::like($row[0], $row)));
        // S19: in high summer shallow backs with deep fronts.
        $summer = [new DockPlan('eleven', DockKind::Floating, 3.5, 11.5), new DockPlan('thirteen', DockKind::Floating, 3.5, 13)];
        $ranked = DockRow::ranked($summer, $day);
        self::assertSame('thirteen', $ranked[0]['dock']->name);
        self::assertGreaterThan(1.1 * $ranked[1]['worth'], $ranked[0]['worth']);
        self::assertStringContainsString('shallow at the back', (string) DockRow::ranked($summer, $day)[0]['why']);
        $spring = $this->day(['date' => '2026-04-18', 'water' => ['temp_f' => 62, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']]);
        self::assertStringNotContainsString('shallow at the back', (string) DockRow::ranked($summer, $spring)[0]['why']);
    }

    /** S8. */
    public function test_in_current_fish_sit_where_the_push_stops(): void
    {
        $bar = CurrentPlace::of(Structure::GravelBar, Current::Strong, 90, 6);
        self::assertGreaterThan(0, $bar?->fishFt[0], 'below the bar: the current goes east');
        self::assertEqualsWithDelta(0, $bar->fishFt[1], 1e-9);
        $light = CurrentPlace::of(Structure::GravelBar, Current::Slight, 90, 6);
        self::assertGreaterThan($light?->weightOz, $bar->weightOz);
        self::assertSame(1.0, CurrentPlace::of(Structure::Riprap, Current::Strong, 90, 12)?->weightOz, 'D4: 1 oz in strong river current');
        self::assertNull(CurrentPlace::of(Structure::Eddy, Current::None, 90, 6));
    }

    /** S8: cast above, let it sweep in; from the side of open water, wherever the bank is. */
    public function test_the_cast_goes_above_and_the_lure_is_swept_down_to_the_fish(): void
    {
        foreach (Structure::cases() as $kind) {
            foreach ([0.0, 77.0, 200.0, 311.0] as $flows) {
                $place = CurrentPlace::of($kind, Current::Moderate, $flows, 6, $flows + 90);
                self::assertNotNull($place);
                $downstream = static fn (float $deg): float => cos(deg2rad($deg - $flows));
                self::assertGreaterThan(0, $downstream($place->sweepTowardDeg()), "{$kind->value}: swept with the current");
                self::assertLessThan(0, $downstream($place->castTowardDeg()), "{$kind->value}: cast upstream");
                if (! in_array($kind, [Structure::CurrentSeam], true)) {
                    self::assertGreaterThan(
                        0,
                        $place->standFt[0] * cos(deg2rad($flows)) - $place->standFt[1] * sin(deg2rad($flows)),
                        "{$kind->value}: from open water, which lies to the right here",
                    );
                }
                $mirrored = CurrentPlace::of($kind, Current::Moderate, $flows, 6, $flows - 90);
                self::assertEqualsWithDelta(
                    $downstream($place->castTowardDeg()),
                    $downstream((float) $mirrored?->castTowardDeg()),
                    1e-9,
                    'the other bank is the mirror',
                );
                self::assertEqualsWithDelta(0, fmod($place->castTowardDeg() + (float) $mirrored?->castTowardDeg() - 2 * $flows + 1080, 360), 1e-6);
            }
        }
    }

    /** @param  array<string, mixed>  $conditions */
    private function day(array $conditions): Settled
    {
        return Settler::settle(
            ConditionsReader::read($conditions + ['species' => 'largemouth_bass', 'lat' => 37.0, 'lon' => -80.0, 'timezone' => 'America/New_York']),
        );
    }

    /**
     * @param  list<Place>  $places
     * @return list<string>
     */
    private function order(array $places, Settled $day, int $minute): array
    {
        return array_map(static fn (RankedPlace $r): string => $r->place->name, PlaceRanking::at($places, Hour::of($day, $minute)));
    }

    private function fit(Place $place, Settled $day, int $minute): float
    {
        return PlaceRanking::at([$place], Hour::of($day, $minute))[0]->fit;
    }

    /**
     * @param  list<DockMark>  $marks
     * @return array<string, DockMark>
     */
    private static function byPart(array $marks): array
    {
        return array_combine(array_map(static fn (DockMark $m): string => $m->part->words(), $marks), $marks);
    }
}
