<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\SpreadContract;
use OldEddy\Contract\SpreadReader;
use OldEddy\Plan\Planner;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadPlanner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A spread is kept as it is written and reads back as it was; what cannot be is named by its field, all of it at once. Rules T1 to T3. */
final class SpreadReaderTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, BoatKind, ?int}> species, °F, feet of sight, boat, lines */
    public static function days(): iterable
    {
        foreach (['walleye' => 58.0, 'northern_pike' => 62.0, 'muskellunge' => 66.0, 'largemouth_bass' => 74.0] as $species => $temp) {
            foreach ([1.5, 5.0, 14.0] as $sight) {
                yield "{$species}, {$sight} ft, kayak" => [$species, $temp, $sight, BoatKind::Kayak, null];
                yield "{$species}, {$sight} ft, eight lines" => [$species, $temp, $sight, BoatKind::Boat, 8];
            }
        }
    }

    #[DataProvider('days')]
    public function test_what_is_planned_can_be_run_and_reads_back_as_it_was(string $species, float $temp, float $sight, BoatKind $boat, ?int $count): void
    {
        $plan = Planner::plan(ConditionsReader::read(['species' => $species, 'date' => '2026-06-10', 'mode' => 'troll', 'water' => ['temp_f' => $temp, 'visibility_ft' => $sight]]));
        $spread = SpreadPlanner::plan($plan, $boat, null, $count);
        self::assertCount($count ?? 2, $spread->lines);
        self::assertNotNull($spread->range, 'all its lures share a speed');
        self::assertTrue($spread->range->holds($spread->speedMph));
        $keys = [];
        foreach ($spread->lines as $line) {
            $keys[$line->line->key] = true;
            self::assertGreaterThan(0, $line->depthFt);
            self::assertLessThan($line->line->letOutFt, $line->depthFt, 'no deeper than its line is long');
            self::assertLessThanOrEqual($line->line->letOutFt, $line->backFt);
        }
        self::assertCount(count($spread->lines), $keys, 'each line has a key of its own');
        $kept = SpreadContract::kept($spread);
        $again = SpreadReader::spread(json_decode(json_encode($kept, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR));
        self::assertSame($kept, SpreadContract::kept($again));
        foreach ($spread->lines as $i => $line) {
            self::assertEqualsWithDelta($line->depthFt, $again->lines[$i]->depthFt, 0.02);
        }
    }

    public function test_lines_without_a_speed_get_one_that_all_can_run_or_else_the_first(): void
    {
        self::assertSame(1.0, self::read([self::line('banana_plug')])->speedMph);
        self::assertGreaterThan(1.5, self::read([self::line('trolling_spoon')])->speedMph);
        $apart = self::read([self::line('trolling_spoon'), ['side' => 'starboard'] + self::line('banana_plug')]);
        self::assertNull($apart->range);
        self::assertSame(['banana_plug'], array_map(static fn (array $r): string => $r['lure']->key, $apart->refused));
        self::assertStringContainsString('share no speed', implode(' ', array_map(strval(...), $apart->warnings)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        yield 'no line' => [['lines' => []], ['lines']];
        yield 'no object' => [['lines' => ['x']], ['lines.0', 'lines']];
        yield 'no lure' => [['lines' => [['lure' => null] + self::line('x')]], ['lines.0.lure', 'lines']];
        yield 'a lure of another name' => [['lines' => [self::line('jig_of_dreams')]], ['lines.0.lure', 'lines']];
        yield 'a lure that is cast' => [['lines' => [self::line('tube')]], ['lines.0.lure', 'lines']];
        yield 'too much line' => [['lines' => [['let_out_ft' => 4000] + self::line('banana_plug')]], ['lines.0.let_out_ft', 'lines']];
        yield 'two wrongs' => [['boat' => 'ferry', 'speed_mph' => 'fast', 'lines' => [self::line('banana_plug')]], ['boat', 'speed_mph']];
        yield 'one key twice' => [['lines' => [self::line('banana_plug'), self::line('banana_plug')]], ['lines.1.key']];
        yield 'a point deeper than its line' => [['lines' => [['points' => [[30, 40]]] + self::line('banana_plug')]], ['lines.0.points.0']];
        yield 'three lines of a kayak' => [['boat' => 'kayak', 'lines' => [self::line('banana_plug'), ['side' => 'starboard'] + self::line('banana_plug'), ['side' => 'center'] + self::line('banana_plug')]], ['lines']];
        yield 'a field nobody knows' => [['lines' => [self::line('banana_plug')], 'color' => 'red'], ['color']];
    }

    /**
     * @param  array<string, mixed>  $in
     * @param  list<string>  $fields
     */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_named_by_its_field(array $in, array $fields): void
    {
        try {
            SpreadReader::spread($in);
            self::fail('it was taken');
        } catch (InvalidInput $e) {
            self::assertSame($fields, array_values(array_unique(array_map(static fn (InputProblem $p): string => $p->path, $e->problems))));
        }
    }

    /** @param  list<array<string, mixed>>  $lines */
    private static function read(array $lines): Spread
    {
        return SpreadReader::spread(['boat' => 'boat', 'lines' => $lines]);
    }

    /** @return array<string, mixed> */
    private static function line(string $lure): array
    {
        return ['side' => 'port', 'position' => 'inside', 'carrier' => 'board', 'lure' => $lure, 'color' => 'silver', 'let_out_ft' => 110];
    }
}
