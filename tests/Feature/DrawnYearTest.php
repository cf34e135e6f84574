<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\BagDrawing;
use App\Drawing\BoxDrawing;
use App\Drawing\CalendarDrawing;
use App\Drawing\LengthsDrawing;
use App\Drawing\RatesDrawing;
use App\Log\FishMade;
use App\Show\Units;
use App\Year\BagAhead;
use App\Year\BoxBook;
use App\Year\BoxValues;
use App\Year\FishOfSeason;
use App\Year\Season;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Choice\Tackle\Tier;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Year\LevelRate;
use OldEddy\Year\Tally;

/** What looking back draws stands where its numbers say, and says them in the angler's words. */
final class DrawnYearTest extends WaterTestCase
{
    public function test_a_stroke_of_the_year_is_as_tall_as_its_contacts_and_stands_on_its_day(): void
    {
        $day = static fn (int $id, string $on, int $contacts, int $caught): object => (object) [
            'id' => $id, 'day' => $on, 'casts' => 100, 'contacts' => $contacts, 'caught' => $caught, 'name' => "Day {$id}",
        ];
        $year = new CalendarDrawing(2026, [$day(1, '2026-03-01', 0, 0), $day(2, '2026-03-05', 4, 4), $day(3, '2026-03-05', 16, 4), $day(4, '2026-12-31', 1, 0)]);
        [$none, $few, $many, $last] = $year->strokes();
        self::assertSame([0.0, 0.0], [$none['tall'], $none['caught']], 'a day without is a ring');
        self::assertTrue($few['tall'] > 3 && $many['tall'] > $few['tall']);
        self::assertSame($few['tall'], $few['caught'], 'all of them were caught');
        self::assertEqualsWithDelta($many['tall'] / 4, $many['caught'], 0.06, 'one in four was');
        self::assertSame([$few['y'], 5.0], [$many['y'], round($many['x'] - $few['x'], 1)], 'two days on one date stand side by side');
        self::assertLessThan(CalendarDrawing::height(), $last['y']);
        self::assertLessThan(CalendarDrawing::WIDTH, $last['x']);
        self::assertSame($year->months()[2][1], $few['y'], 'on the line of its month');
        self::assertEqualsWithDelta($year->written()[5], $few['x'], 0.1, 'over its day');
        self::assertStringContainsString('16 contacts, 4 caught', $many['title']);
        self::assertCount(12, $year->months());
    }

    public function test_rates_lie_along_one_scale_and_are_said_in_the_anglers_units(): void
    {
        [$us, $metric] = [new RatesDrawing(8.0, new Units(false)), new RatesDrawing(8.0, new Units(true))];
        self::assertSame([0.0, 100.0, 200.0, 200.0], [$us->x(0), $us->x(4), $us->x(8), $us->x(99)], 'what lies beyond stops at the end');
        self::assertSame([$us->foot(), 8.0, 8.0], [$us->y(0), $us->y(8), $us->y(20)]);
        self::assertSame(50.0, $us->share(0.25));
        self::assertSame(['50-55 °F', '4-6 ft', '07:00', 'late fall'], [
            $us->said('temperature', '50-55'), $us->said('depth', '4-6 ft'), $us->said('hour', '07'), $us->said('stage', 'late_fall'),
        ]);
        self::assertSame(['10–13 °C', '1.2–1.8 m'], [
            str_replace('-', '–', $metric->said('temperature', '50-55')), str_replace('-', '–', $metric->said('depth', '4-6 ft')),
        ]);
        self::assertSame(['7', '11-15', '50-55', '20+', '40+'], [
            $us->short('hour', '07'), $us->short('cast_no', '11-15'), $us->short('temperature', '50-55'), $us->short('wind', '20+'), $us->short('depth', '40 ft and deeper'),
        ]);
        $rate = LevelRate::all(['x' => ['days' => 2, 'casts' => 160, 'contacts' => 5, 'weighed' => 4.0]], 0.025)[0];
        self::assertSame(sprintf('2.5 per 100 casts, %.1f to %.1f', ...$rate->span()), $us->rate($rate));
        [$low, $high] = $us->span(new Tally(20, 10));
        self::assertEqualsWithDelta(1.0, $low + $high, 1e-6, 'half of them: as far up as down');
    }

    public function test_bars_of_lengths_stand_in_order_with_gaps_where_none_was_caught(): void
    {
        $bars = new LengthsDrawing([12 => 2, 13 => 8, 15 => 4]);
        [$a, $b, $c] = $bars->bars();
        self::assertSame([20.0, 40.0], [$b['x'] - $a['x'], $c['x'] - $b['x']], 'the inch between is left free');
        self::assertSame([82.0, 41.0, 20.5], [$b['tall'], $c['tall'], $a['tall']]);
        foreach ([$a, $b, $c] as $bar) {
            self::assertEqualsWithDelta(100.0, $bar['y'] + $bar['tall'], 1e-9, 'all stand on one foot');
            self::assertLessThanOrEqual($bars->width(), $bar['x'] + 14);
        }
        self::assertSame([true, false], [$a['written'], $b['written']]);
    }

    public function test_the_box_hangs_every_family_at_its_tiers_and_outlines_what_is_missing(): void
    {
        $wren = $this->angler();
        foreach ([['deep_crankbait', 15.0, 2], ['deep_crankbait', 19.0, 1], ['hollow_frog', null, 1], ['jerkbait', 4.0, 0], ['tube', null, 3]] as [$lure, $rated, $number]) {
            $wren->items()->create(['lure' => $lure, 'rated_ft' => $rated, 'number' => $number, 'color' => 'brown']);
        }
        $hung = new BoxDrawing(new BoxBook($wren));
        self::assertSame(['hollow_frog', 'tube', 'deep_crankbait'], array_keys($hung->families), 'shallow ones first; what is used up hangs nowhere');
        self::assertSame([[0], []], [$hung->families['hollow_frog']['tiers'], $hung->families['hollow_frog']['gaps']]);
        self::assertSame([1, 2, 3, 4], $hung->families['tube']['tiers']);
        $deep = $hung->families['deep_crankbait'];
        self::assertSame([3, [3], ['brown']], [$deep['number'], $deep['gaps'], $deep['colors']], 'two models for over 14 ft, none for 8 to 14');
        self::assertContains(4, $deep['tiers']);
        self::assertCount(count(Tier::cases()), $hung::tiers());
        self::assertLessThan($hung->width(), $hung::x(count($hung->families) - 1));
        self::assertSame(['deep_crankbait' => ['deep']], (new BoxBook($wren))->gaps());
    }

    public function test_what_stands_in_a_form_of_the_box_is_what_was_typed_else_what_is_kept(): void
    {
        $item = $this->angler()->items()->create(['lure' => 'jerkbait', 'weight_oz' => 0.5, 'rated_ft' => 6.0, 'sharpened_on' => '2026-03-14']);
        $us = BoxValues::of($item, false, new Units(false));
        self::assertSame(['jerkbait', 0.5, 6.0, '2026-03-14', '', true], [$us['lure'], $us['weight_oz'], $us['rated_ft'], $us['sharpened_on'], $us['paint'], $us['more']]);
        $metric = BoxValues::of($item, false, new Units(true));
        self::assertSame([14.2, 1.83], [$metric['weight_oz'], $metric['rated_ft']]);
        $new = BoxValues::of(null, false, new Units(false));
        self::assertSame(['', 1, false], [$new['lure'], $new['number'], $new['more']]);
    }

    public function test_the_bag_that_is_promised_lies_along_one_scale_with_the_weight_to_beat(): void
    {
        $this->actingAs($wren = $this->angler()->refresh());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $events = [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 60])];
        foreach ([13.0, 15.0, 18.0] as $length) {
            $fish = (string) Str::uuid();
            $events[] = $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']);
            $events[] = $this->event('detail', ['contact' => $fish, 'fields' => ['length' => $length], 'units' => 'us']);
        }
        $this->log($trip, $events)->assertOk();
        $ahead = new BagAhead($trip->refresh()->setRelation('user', $wren), 3.0);
        self::assertSame([240, 3.0, 'spinnerbait'], [$ahead->casts, $ahead->hours(), $ahead->inHand]);
        self::assertSame([null], array_map(static fn ($o): ?string => $o->way->spot, $ahead->outlooks), 'fished at one place only, it is one way');
        $draw = new BagDrawing($ahead, 4.0, new Units(false));
        [$low, $high] = $ahead->outlooks[0]->span();
        self::assertTrue($draw->x($low) <= $draw->x($ahead->outlooks[0]->mean()) && $draw->x($high) <= BagDrawing::WIDTH);
        self::assertSame($draw->x(4.0), $draw->beat());
        self::assertMatchesRegularExpression('/^[\d.]+ lb, [\d.]+ lb to [\d.]+ lb$/', $draw->says($ahead->outlooks[0]));
        self::assertNull((new BagDrawing($ahead, null, new Units(true)))->beat());
        self::assertStringEndsWith(' kg', (new BagDrawing($ahead, 99.0, new Units(true)))->end());
    }

    /** By hand, after Henson 1991 (values from memory): a largemouth of 16 in weighs 1026 g in standard shape. */
    public function test_the_condition_of_a_season_is_the_mean_relative_weight_of_what_the_scale_weighed(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $events = [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 60])];
        foreach ([[16.0, 2.0, 'scale'], [16.0, 2.4, 'scale'], [16.0, 9.0, 'eye'], [16.0, null, null], [5.0, 0.1, 'scale']] as [$length, $weight, $by]) {
            $fish = (string) Str::uuid();
            $events[] = $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']);
            $events[] = $this->event('detail', ['contact' => $fish, 'fields' => array_filter(['length' => $length, 'weight' => $weight, 'weighed_by' => $by]), 'units' => 'us']);
        }
        $this->log($trip, $events)->assertOk();
        $fish = new FishOfSeason(new Season($wren));
        self::assertSame(['largemouth_bass' => [5 => 1, 16 => 4]], $fish->lengths);
        self::assertCount(1, $fish->condition);
        self::assertSame(['2026-04', 2], [$fish->condition[0]['month'], $fish->condition[0]['fish']], 'by eye or without a weight none counts, nor one shorter than the equation');
        self::assertEqualsWithDelta(100 * (2.0 + 2.4) / 2 * 453.592 / (10 ** (-5.528 + 3.273 * log10(406.4))), $fish->condition[0]['relative'], 0.05);
        self::assertSame([[], []], [(new FishOfSeason(new Season($wren, 2025)))->lengths, (new FishOfSeason(new Season($wren, null, 'walleye')))->condition]);
    }

    public function test_made_fish_are_the_same_for_a_seed_and_as_a_fish_can_be(): void
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-04-12'];
        $made = static function (int $seed, ?string $loses = null) use ($day): array {
            $fish = new FishMade($seed, $day, $loses);

            return array_map(static fn (): array => $fish->of(ContactKind::Caught, 'jerkbait'), range(1, 300));
        };
        $once = $made(5);
        self::assertSame($once, $made(5));
        $lengths = array_column($once, 'length_in');
        self::assertTrue(min($lengths) >= 8 && max($lengths) < 24);
        $weighed = count(array_filter(array_column($once, 'weighed_by')));
        self::assertTrue($weighed > 70 && $weighed < 130, 'one in three');
        self::assertSame([], array_filter(array_column($once, 'lost_by')));
        $loses = array_filter($made(6, 'jerkbait'), static fn (array $f): bool => $f['kind'] === ContactKind::Lost->value);
        self::assertTrue(count($loses) > 70 && count($loses) < 140, 'one in three gets off');
        self::assertSame([], array_diff(array_column($loses, 'lost_by'), LostBy::keys()));
    }

    public function test_the_logbook_opens_what_came_off_what_was_that_long_and_a_month(): void
    {
        $this->actingAs($wren = $this->angler());
        [$with, $without] = [$this->trip($wren, ['date' => '2026-04-12']), $this->trip($wren, ['date' => '2026-05-02'])];
        foreach ([[$with, ['caught', 'bump']], [$without, []]] as [$trip, $kinds]) {
            $stint = (string) Str::uuid();
            $at = ['at' => $trip->conditions['date'].'T08:00:00'];
            $events = [$at + $this->stint($stint), $at + $this->event('casts', ['stint' => $stint, 'count' => 12])];
            foreach ($kinds as $kind) {
                $fish = (string) Str::uuid();
                $events[] = $at + $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => $kind]);
                $events[] = $at + $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 15.75], 'units' => 'us']);
                $events[] = $at + $this->event('casts', ['stint' => $stint, 'count' => 2]);
            }
            $this->log($trip, $events)->assertOk();
        }
        foreach (['landed:spinnerbait', 'hook:guarded', 'second:any', 'stayed:any', 'length:15', 'month:2026-04', 'cast_no:11-15'] as $by) {
            $found = array_map(static fn (object $d): int => $d->id, $this->get(route('look-back', ['by' => $by]))->assertOk()->viewData('page')->items());
            self::assertSame(str_starts_with($by, 'cast_no') ? [$without->id, $with->id] : [$with->id], $found, $by);
        }
        foreach (['landed:tube', 'length:16', 'month:2026-0_', 'second:none', 'hook:treble'] as $by) {
            self::assertSame([], $this->get(route('look-back', ['by' => $by]))->assertOk()->viewData('page')->items(), $by);
        }
        self::assertSame(1, DB::table('tallies')->where('what', 'second')->where('came_off', 1)->count());
    }
}
