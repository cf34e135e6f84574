<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Choice\Retrieve\Cadences;
use OldEddy\Choice\Retrieve\Pace;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\StintPlace;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Where\Route\Stop;
use PHPUnit\Framework\TestCase;

/** Speeds and pauses of a day, and how long one stays. Common practice, no source: rules R1, R16, S2 and W19. */
final class TempoTest extends TestCase
{
    use Days;

    /** What the lineup reckons with is what the cadence that is shown then does. */
    public function test_the_pace_of_the_lineup_is_that_of_the_cadence(): void
    {
        foreach ([
            [], ['water.temp_f' => 42, 'date' => '2026-01-20'], ['water.visibility_ft' => 10, 'water.normal_visibility_ft' => 10],
            ['weather.front' => 'post_1'],
        ] as $day) {
            $reading = self::reading($day);
            $tempo = Tempo::of($reading);
            foreach (Catalog::all() as $key => $lure) {
                $cadence = CadenceChooser::choose($lure, $reading);
                self::assertSame($cadence->key, $tempo->keyFor($lure), $key);
                self::assertEqualsWithDelta($cadence->meanSpeedFtS(), $tempo->paceFtS($lure), 1e-9, $key);
            }
        }
    }

    /** R1: 7-8 s below 45 °F, 3-4 s at 45 to 49, 1-2 s by 55; never shorter when colder. */
    public function test_the_jerkbait_waits_longer_the_colder_it_is(): void
    {
        self::assertGreaterThanOrEqual(7.0, Tempo::jerkbaitPause(40));
        self::assertEqualsWithDelta(3.5, Tempo::jerkbaitPause(47), 0.5);
        self::assertEqualsWithDelta(1.5, Tempo::jerkbaitPause(55), 0.5);
        for ($tempF = 33; $tempF < 90; $tempF++) {
            self::assertGreaterThanOrEqual(Tempo::jerkbaitPause($tempF + 1), Tempo::jerkbaitPause($tempF), "{$tempF} °F");
        }
    }

    public function test_every_cadence_has_a_pace_in_the_words_of_the_log(): void
    {
        foreach (array_keys(Cadences::all()) as $key) {
            self::assertNotNull(Pace::of($key), $key);
            $share = Cadences::movingShare($key, 1.0);
            self::assertTrue($share >= 0 && $share <= 1, $key);
        }
        self::assertNull(Pace::of('my own way'));
    }

    /** S2: about eighteen spots in six hours, ten to fifteen minutes each; picking apart takes longer. */
    public function test_how_long_a_stop_is(): void
    {
        self::assertSame(
            [10, 15, 25],
            [Stop::minutesBy(new Schools(['tempo' => 'cover_water'])), Stop::minutesBy(new Schools), Stop::minutesBy(new Schools(['tempo' => 'pick_apart']))],
        );
        self::assertEqualsWithDelta(18, 6 * 60 / (Stop::minutesBy(new Schools) + 5), 0.5, 'with five minutes under way');
    }

    /** W19, M12: which changes of the day make older casts say less. */
    public function test_what_counts_as_a_turn(): void
    {
        self::assertSame(TurnKind::Clarity, TurnKind::ofField('water.visibility_ft'));
        self::assertSame(TurnKind::Light, TurnKind::ofField('weather.sky'));
        self::assertSame(TurnKind::Front, TurnKind::ofField('weather.front'));
        self::assertSame(TurnKind::Level, TurnKind::ofField('water.level_ft'));
        self::assertNull(TurnKind::ofField('rods'));
        foreach (TurnKind::cases() as $kind) {
            self::assertTrue($kind->keeps() > 0 && $kind->keeps() < 1, $kind->value);
        }
    }

    /** M6 asks what was the same: so a place is what was known of it first, whoever says it again. */
    public function test_what_is_known_of_a_place_when_a_stint_begins(): void
    {
        $said = new StintPlace('flat', 'reeds', light: 'shade');
        $marked = new StintPlace('point', 'rock');
        $before = new StintPlace('creek_bend', 'laydown', 'edge', 'sun');
        self::assertEquals(
            new StintPlace('creek_bend', 'laydown', 'edge', 'shade'),
            StintPlace::known($before, null, $said),
            'as it was, in the light of today',
        );
        self::assertSame($marked, StintPlace::known(null, $marked, $said));
        self::assertSame($said, StintPlace::known(null, null, $said));
    }
}
