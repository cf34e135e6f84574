<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Fired;
use OldEddy\Troll\Shift;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\Station;
use OldEddy\Troll\TrolledRun;
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
        self::assertSame(['minutes' => 60.0, 'worth' => 3.0, 'contacts' => 3], $fired->byLine()['port_inside']);
        self::assertNull(Fired::of([])->perLineHour());
        $twice = Fired::of([self::towed('port_inside', 20, 1, 110), self::towed('port_inside', 25, 1, 120)]);
        self::assertSame(45.0, $twice->byLine()['port_inside']['minutes'], 'a line that was changed is still the line');
    }

    public function test_one_line_is_moved_toward_what_fired_in_one_thing_and_one_is_kept(): void
    {
        $spread = self::spread(['port_inside' => 110, 'starboard_inside' => 140, 'port_outside' => 150]);
        $runs = [self::towed('port_inside', 60, 3, 110), self::towed('starboard_inside', 60, 0, 140), self::towed('port_outside', 60, 1, 150)];
        $shift = Shift::after(Fired::of($runs), $spread);
        self::assertSame(['port_inside', 'starboard_inside', 'port_outside'], [$shift?->toward->key, $shift?->moved->key, $shift?->kept->key]);
        self::assertSame(110.0, $shift->moved->letOutFt);
        self::assertSame([ColorFamily::Gold, 'trolling_spoon'], [$shift->moved->color, $shift->moved->lure->key], 'nothing else of it is changed');
        self::assertSame('Port inside fired: shift starboard inside toward it, 110 ft out. Keep port outside as it was.', (string) $shift->text);
        // Once the depth is the same, the color is next.
        $next = Shift::after(Fired::of($runs), self::spread(['port_inside' => 110, 'starboard_inside' => 110, 'port_outside' => 150]));
        self::assertSame([ColorFamily::Silver, 110.0], [$next?->moved->color, $next?->moved->letOutFt]);
        self::assertStringContainsString('in silver', (string) $next->text);
    }

    public function test_nothing_is_moved_before_something_fired_or_where_nothing_would_stay(): void
    {
        $spread = self::spread(['port_inside' => 110, 'starboard_inside' => 140, 'port_outside' => 150]);
        self::assertNull(Shift::after(Fired::of([]), $spread));
        self::assertNull(Shift::after(Fired::of([self::towed('port_inside', 60, 0, 110)]), $spread), 'no contact');
        self::assertNull(Shift::after(Fired::of([self::towed('port_inside', 90, 1, 110), self::towed('starboard_inside', 90, 1, 140), self::towed('port_outside', 90, 1, 150)]), $spread), 'all alike');
        self::assertNull(Shift::after(Fired::of([self::towed('port_inside', 10, 2, 110), self::towed('starboard_inside', 10, 0, 140), self::towed('port_outside', 10, 0, 150)]), $spread), 'the others were hardly tried');
        $two = self::spread(['port_flat' => 110, 'starboard_flat' => 60]);
        self::assertNull(Shift::after(Fired::of([self::towed('port_flat', 60, 3, 110), self::towed('starboard_flat', 60, 0, 60)]), $two), 'the second of two lines is the comparison');
    }

    public function test_a_bite_in_a_turn_tells_about_speed(): void
    {
        $turning = static fn (string $key): TrolledRun => self::towed($key, 60, 2, 150, inTurn: [true, true]);
        self::assertStringContainsString('a little faster', (string) Fired::of([$turning('port_outside'), self::towed('port_inside', 60, 1, 110)])->turns());
        self::assertStringContainsString('a little slower', (string) Fired::of([$turning('port_inside'), self::towed('port_outside', 60, 1, 150)])->turns());
        self::assertNull(Fired::of([self::towed('port_outside', 60, 5, 150, inTurn: [true])])->turns(), 'one of five');
        self::assertNull(Fired::of([])->turns());
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

    /** @param  list<bool>  $inTurn */
    private static function towed(string $key, float $minutes, int $caught, float $out, array $inTurn = []): TrolledRun
    {
        [$side, $station] = explode('_', $key);

        return new TrolledRun(
            '2026-06-10T07:00:00', $key, Side::from($side), Station::from($station), 'trolling_spoon', 'silver', $out, 10, $minutes,
            array_fill(0, $caught, new Contact(ContactKind::Caught)), $inTurn, 'North shore',
        );
    }
}
