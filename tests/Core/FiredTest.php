<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Reading\Column;
use OldEddy\Reading\Stand;
use OldEddy\Reading\Tightness;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Course;
use OldEddy\Troll\Fired;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Shift;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\Station;
use OldEddy\Troll\Strike;
use OldEddy\Troll\Tack;
use OldEddy\Troll\TrolledRun;
use OldEddy\Where\Lake\Position;
use PHPUnit\Framework\TestCase;

/** T10: what fired, by line-minutes; one line is moved toward it, one stays as it was; what bites in turns tell. */
final class FiredTest extends TestCase
{
    public function test_line_minutes_stand_for_casts(): void
    {
        $fired = Fired::of([self::towed('port_inside', 60, 3, 110), self::towed('starboard_inside', 60, 0, 140), self::towed('port_outside', 30, 1, 150)]);
        self::assertSame(150.0, $fired->lineMinutes());
        self::assertEqualsWithDelta(60 * 4 / 150, $fired->perLineHour(), 1e-9);
        self::assertSame([60, 60, 30], array_map(static fn (string $out): int => $fired->evidence->of('let_out', "{$out} ft")->casts ?? 0, ['110', '140', '150']));
        self::assertGreaterThan($fired->evidence->of('let_out', '140 ft')->pooled->mean(), $fired->evidence->of('let_out', '110 ft')->pooled->mean());
        self::assertSame(['port', 'starboard'], array_map(static fn ($l): string => $l->level, $fired->evidence->levelsOf('side')));
        self::assertSame(['minutes' => 60.0, 'contacts' => 3], $fired->byLine()['port_inside']);
        self::assertSame(3.0, $fired->runs[0]->worth());
        self::assertNull(Fired::of([])->perLineHour());
        $twice = Fired::of([self::towed('port_inside', 20, 1, 110), self::towed('port_inside', 25, 1, 120)]);
        self::assertSame(45.0, $twice->byLine()['port_inside']['minutes'], 'a line that was changed is still the line');
    }

    public function test_one_line_is_moved_toward_what_fired_in_one_thing_and_one_is_kept(): void
    {
        $spread = self::spread(['port_inside' => 60, 'starboard_inside' => 140, 'port_outside' => 150]);
        $depth = array_map(static fn (string $key): float => $spread->line($key)?->depthFt ?? 0.0, ['p' => 'port_inside', 's' => 'starboard_inside', 'o' => 'port_outside']);
        $runs = [self::towed('port_inside', 60, 4, 60, depthFt: $depth['p']), self::towed('starboard_inside', 60, 0, 140, depthFt: $depth['s'], color: 'gold'), self::towed('port_outside', 60, 0, 150, depthFt: $depth['o'], color: 'gold')];
        $shift = Shift::after(Fired::of($runs), $spread, self::stand());
        self::assertSame(['depth', true, 'port_inside'], [$shift?->to->factor, $shift?->fired, $shift?->kept->key], 'what fired stays as it was');
        self::assertContains($shift->moved->key, ['starboard_inside', 'port_outside']);
        self::assertEqualsWithDelta(60, $shift->moved->letOutFt, 10, 'out as far as the line that fired');
        self::assertSame([ColorFamily::Gold, 'trolling_spoon'], [$shift->moved->color, $shift->moved->lure->key], 'nothing else of it is changed');
        self::assertMatchesRegularExpression('/^They bite at \d+-\d+ ft: shift (starboard inside|port outside) there, \d+ ft out\. Keep port inside as it was\.$/', (string) $shift->text());
        $applied = $shift->applied($spread);
        self::assertCount(3, $applied->lines);
        self::assertEqualsWithDelta($depth['p'], $applied->line($shift->moved->key)?->depthFt, 1.1);
    }

    public function test_a_color_that_fired_is_shifted_to(): void
    {
        $spread = self::spread(['port_inside' => 100, 'starboard_inside' => 100, 'port_outside' => 100]);
        $ft = $spread->lines[0]->depthFt;
        $runs = [self::towed('port_inside', 90, 5, 100, depthFt: $ft), self::towed('starboard_inside', 90, 0, 100, depthFt: $ft, color: 'gold'), self::towed('port_outside', 90, 0, 100, depthFt: $ft, color: 'gold')];
        $shift = Shift::after(Fired::of($runs), $spread, self::stand());
        self::assertSame(['color:silver', ColorFamily::Silver, 100.0], [(string) $shift?->to, $shift?->moved->color, $shift?->moved->letOutFt]);
        self::assertStringStartsWith('They bite on silver: shift ', (string) $shift->text());
    }

    /** Where nothing fires, one line tries a depth that nobody tried, within the band of the fish. */
    public function test_without_a_bite_a_depth_is_tried_that_is_not_known(): void
    {
        $spread = self::spread(['port_inside' => 100, 'starboard_inside' => 100, 'port_outside' => 100]);
        $ft = $spread->lines[0]->depthFt;
        $runs = array_map(static fn (string $key): TrolledRun => self::towed($key, 90, 0, 100, depthFt: $ft, color: $key === 'port_inside' ? 'silver' : 'gold'), ['port_inside', 'starboard_inside', 'port_outside']);
        $shift = Shift::after(Fired::of($runs), $spread, self::stand());
        self::assertSame(['depth', false], [$shift?->to->factor, $shift?->fired]);
        self::assertStringStartsWith('Nobody tried ', (string) $shift->text());
        $depth = $shift->applied($spread)->line($shift->moved->key)->depthFt ?? 0.0;
        self::assertGreaterThan(2.0, abs($depth - $ft));
        self::assertTrue($depth >= 4 && $depth <= 15, "{$depth} ft: the fish stand in 5 to 14 ft");
    }

    /** What is known little is hoped for more than what is known to give no more than the day. */
    public function test_where_all_lines_give_alike_an_unknown_depth_is_hoped_for(): void
    {
        $spread = self::spread(['port_inside' => 100, 'starboard_inside' => 100, 'port_outside' => 100]);
        $runs = array_map(static fn (RunningLine $r): TrolledRun => self::towed($r->line->key, 300, 6, 100, depthFt: $r->depthFt, color: $r->line->color->value), $spread->lines);
        $shift = Shift::after(Fired::of($runs), $spread, self::stand());
        self::assertSame(['depth', false], [$shift?->to->factor, $shift?->fired]);
    }

    public function test_nothing_is_moved_before_it_was_tried_or_where_nothing_would_stay(): void
    {
        $spread = self::spread(['port_inside' => 110, 'starboard_inside' => 140, 'port_outside' => 150]);
        self::assertNull(Shift::after(Fired::of([]), $spread, self::stand()), 'before anything was towed');
        $short = array_map(static fn (RunningLine $r): TrolledRun => self::towed($r->line->key, 5, 0, $r->line->letOutFt, depthFt: $r->depthFt, color: $r->line->color->value), $spread->lines);
        self::assertNull(Shift::after(Fired::of($short), $spread, self::stand()), 'five minutes are no trial');
        $other = array_map(static fn (RunningLine $r): TrolledRun => self::towed($r->line->key, 60, 0, $r->line->letOutFt + 40, depthFt: 20, color: $r->line->color->value), $spread->lines);
        self::assertNull(Shift::after(Fired::of($other), $spread, self::stand()), 'what ran before a change says nothing of how long it has been tried');
        self::assertNull(Shift::after(Fired::of([self::towed('port_flat', 60, 3, 110)]), self::spread(['port_flat' => 110]), self::stand()), 'one line has no comparison');
        $two = self::spread(['port_flat' => 110, 'starboard_flat' => 60]);
        $run = static fn (string $key, int $caught): TrolledRun => self::towed($key, 60, $caught, $two->line($key)->line->letOutFt ?? 0, depthFt: $two->line($key)->depthFt ?? 0, color: 'gold');
        $shift = Shift::after(Fired::of([$run('port_flat', 4), $run('starboard_flat', 0)]), $two, self::stand());
        self::assertSame(['starboard_flat', 'port_flat'], [$shift?->moved->key, $shift?->kept->key], 'of two the one that fired is the comparison');
    }

    public function test_a_bite_in_a_turn_tells_about_speed(): void
    {
        $turning = static fn (string $key): TrolledRun => self::towed($key, 60, 2, 150, inTurn: [true, true]);
        self::assertStringContainsString('a little faster', (string) Fired::of([$turning('port_outside'), self::towed('port_inside', 60, 1, 110)])->turns());
        self::assertStringContainsString('a little slower', (string) Fired::of([$turning('port_inside'), self::towed('port_outside', 60, 1, 150)])->turns());
        self::assertNull(Fired::of([self::towed('port_outside', 60, 5, 150, inTurn: [true])])->turns(), 'one of five');
        self::assertNull(Fired::of([])->turns());
    }

    /** M12: what was before a turn of the day says less, of a line that stayed in the water as well. */
    public function test_a_run_is_cut_where_the_day_turned(): void
    {
        $run = new TrolledRun(
            '2026-06-10T07:00:00', 'port_inside', Side::Port, Station::Inside, 'trolling_spoon', 'silver', 110, 10, 100,
            [new Strike(new Contact(ContactKind::Caught), 10), new Strike(new Contact(ContactKind::Caught), 60), new Strike(new Contact(ContactKind::Caught), 61)],
        );
        $pieces = $run->parted(['2026-06-10T08:00:00', '2026-06-10T12:00:00'], []);
        self::assertSame([['2026-06-10T07:00:00', 60.0, 2], ['2026-06-10T08:00:00', 40.0, 1]], array_map(static fn (TrolledRun $r): array => [$r->at, $r->minutes, count($r->strikes)], $pieces));
        self::assertSame(1.0, $pieces[1]->strikes[0]->minute, 'minutes count from where the piece begins');
        $turned = Fired::of([$run], [new Turn('2026-06-10T08:00:00', TurnKind::Light)]);
        self::assertSame(['minutes' => 100.0, 'contacts' => 3], $turned->byLine()['port_inside'], 'all of it was towed');
        self::assertSame(3.0, $run->worth());
        [$worth, $minutes] = $turned->evidence->of('let_out', '110 ft')?->own->since($turned->evidence->levelPrior()) ?? [0, 0];
        self::assertEqualsWithDelta(0.7 * 60 + 40, $minutes, 1e-9);
        self::assertEqualsWithDelta(0.7 * 2 + 1, $worth, 1e-9);
        self::assertEquals([$run], $run->parted([], []));
    }

    /** Lines run beside each other: a lure that bites is not faded because others of it stayed blank meanwhile; it is once none bites any more. */
    public function test_what_is_blank_beside_a_strike_is_not_blank_after_it(): void
    {
        $run = static fn (string $key, string $color, float $minutes, float ...$struck): TrolledRun => new TrolledRun(
            '2026-06-10T07:00:00', $key, Side::Port, Station::Inside, 'trolling_spoon', $color, 110, 10, $minutes,
            array_map(static fn (float $m): Strike => new Strike(new Contact(ContactKind::Caught), $m), array_values($struck)),
        );
        $day = static fn (float $minutes): ?Verdict => Fired::of([
            $run('a', 'silver', $minutes, 20, 60, 100, 120, 140, 150), $run('b', 'silver', $minutes), $run('c', 'silver', $minutes), $run('d', 'gold', $minutes), $run('e', 'gold', $minutes), $run('f', 'gold', $minutes),
        ])->evidence->of('color', 'silver')?->verdict;
        self::assertTrue($day(160)?->stands(), 'struck ten minutes ago');
        self::assertSame(Verdict::Faded, $day(400), 'and then for four hours no more');
        self::assertSame(160, Fired::of([$run('a', 'silver', 160, 20, 150)])->evidence->casts(), 'no minute is lost or counted twice');
    }

    /** T10: contacts by heading and by speed over ground. */
    public function test_the_boats_way_tells_by_heading(): void
    {
        $at = new Position(44.0, -80.0);
        $places = [];
        // Ten minutes north at 1.5 mph, a turn of two minutes, ten minutes south at 2 mph, a fix every 30 s.
        for ($i = 0; $i <= 44; $i++) {
            $places[] = [sprintf('2026-06-10T07:%02d:%02d', intdiv($i, 2), 30 * ($i % 2)), $at];
            $at = $at->moved($i < 20 ? 2.0 : ($i < 24 ? 45 + 40 * ($i - 20) : 178.0), 30 * ($i < 22 ? 1.5 : 2.0) * 5280 / 3600);
        }
        $tacks = Course::tacks($places);
        self::assertSame([['north', '1.6 mph'], ['south', '2.0 mph']], array_map(static fn (Tack $l): array => [$l->heading, $l->speed()], $tacks), 'to the next fifth of a mile an hour');
        self::assertEqualsWithDelta([1.5, 2.0], [$tacks[0]->mph, $tacks[1]->mph], 0.01);
        self::assertSame([], Course::tacks(array_slice($places, 0, 4)), 'two minutes are no tack');
        self::assertSame([], Course::tacks([['2026-06-10T07:00:00', $at], ['2026-06-10T07:30:00', $at->moved(0, 3000)]]), 'half an hour unseen');
        self::assertSame([], Course::tacks(array_map(static fn (array $p): array => [$p[0], new Position(44.0, -80.0)], $places)), 'it lies still');

        $run = new TrolledRun(
            '2026-06-10T07:00:00', 'port_inside', Side::Port, Station::Inside, 'trolling_spoon', 'silver', 110, 10, 22, [new Strike(new Contact(ContactKind::Caught), 15)],
        );
        $fired = Fired::of([$run], [], $tacks);
        [$south, $north] = $fired->evidence->levelsOf('heading');
        self::assertSame(['south', 1, 'north', 0], [$south->level, $south->contactCount, $north->level, $north->contactCount]);
        self::assertSame(10, $north->casts);
        self::assertSame('2.0 mph', $fired->evidence->levelsOf('boat_speed')[0]->level);
    }

    /** @param  array<string, int>  $lines  feet out by key */
    private static function spread(array $lines): Spread
    {
        $made = [];
        foreach ($lines as $key => $out) {
            [$side, $station] = explode('_', $key);
            $made[] = new SpreadLine(
                $key, Side::from($side), Station::from($station), Carrier::Board, Catalog::all()['trolling_spoon'], $key === 'port_inside' ? ColorFamily::Silver : ColorFamily::Gold, $out, 4, 0.5,
            );
        }

        return Spread::of(BoatKind::Boat, $made, 2.0);
    }

    private static function stand(): Stand
    {
        return new Stand(5, 14, Column::Suspended, Tightness::Roaming, [], []);
    }

    /** @param  list<bool>  $inTurn */
    private static function towed(string $key, float $minutes, int $caught, float $out, array $inTurn = [], float $depthFt = 10, string $color = 'silver'): TrolledRun
    {
        [$side, $station] = explode('_', $key);

        return new TrolledRun(
            '2026-06-10T07:00:00', $key, Side::from($side), Station::from($station), 'trolling_spoon', $color, $out, $depthFt, $minutes,
            array_map(static fn (int $i): Strike => new Strike(new Contact(ContactKind::Caught), $minutes, $inTurn[$i] ?? false), array_keys(array_fill(0, $caught, 0))), 'North shore',
        );
    }
}
