<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\TrialOrders;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\FamilyRecord;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Choice\Retrieve\Cadences;
use OldEddy\Choice\Tackle\Tackle;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Drill\DrillWater;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\TestCase;
use UnexpectedValueException;

/** The records of the lure families, and all data that names them. */
final class CatalogTest extends TestCase
{
    use Days;

    private const FAMILIES = __DIR__.'/../../core/Choice/Lures/families/';

    public function test_the_catalog_is_whole(): void
    {
        self::assertCount(44, Catalog::all());
        foreach (Catalog::all() as $key => $lure) {
            self::assertMatchesRegularExpression('/^[a-z_]+$/', $key);
            self::assertLessThanOrEqual($lure->hydraulics->toFt, $lure->hydraulics->fromFt);
            self::assertLessThanOrEqual($lure->hydraulics->fastestFtS, $lure->hydraulics->slowestFtS);
            $span = [$lure->year->fromF, $lure->year->goodFromF, $lure->year->goodToF, $lure->year->toF];
            self::assertSame($span, array_values(array_unique(self::sorted($span))), $key);
            foreach ([$lure->rigging->weightsOz, $lure->rigging->lengthsIn, $lure->hydraulics->diveTiersFt] as $steps) {
                self::assertSame($steps, self::sorted($steps), $key);
            }
            $shares = [
                $lure->appeal->vibration, $lure->appeal->sound, $lure->appeal->flash, $lure->appeal->sight, $lure->rigging->snag,
                $lure->hydraulics->bulk,
            ];
            foreach ($shares as $share) {
                self::assertTrue($share >= 0 && $share <= 1, $key);
            }
            self::assertGreaterThan(0.0, max(array_map($lure->habitat->suits(...), Species::cases())));
        }
    }

    public function test_every_cadence_line_and_rod_that_a_record_names_is_there(): void
    {
        foreach (Catalog::all() as $key => $lure) {
            foreach ($lure->cadences as $cadence) {
                self::assertGreaterThan(0, CadenceChooser::set($cadence, $lure, self::reading())->seconds(), $key);
            }
            self::assertGreaterThan(0, Tackle::lineDiameterMm($lure, Species::LargemouthBass), $key);
            self::assertNotSame('', Tackle::rod($lure, Species::LargemouthBass), $key);
        }
        $used = array_merge(...array_map(static fn (LureFamily $l): array => $l->cadences, array_values(Catalog::all())));
        self::assertSame([], array_diff(array_keys(Cadences::all()), $used), 'a cadence that no lure is worked with');
    }

    public function test_every_word_of_a_record_is_one_of_the_trade(): void
    {
        $covers = array_column(Cover::cases(), 'value');
        $species = [...array_column(Species::cases(), 'value'), ...array_unique(array_map(static fn (Species $s): string => $s->group(), Species::cases()))];
        foreach (self::records() as $key => $record) {
            self::assertSame([], array_diff(array_keys($record['covers']), $covers), $key);
            self::assertSame([], array_diff(array_keys($record['structures'] ?? []), array_column(Structure::cases(), 'value')), $key);
            self::assertSame([], array_diff(array_keys($record['species']), $species), $key);
            self::assertSame([], array_diff(array_keys($record['fixed_oz'] ?? []), $species), $key);
            self::assertSame([], array_diff(array_keys($record['start_in'] ?? []), [...$species, 'any']), $key);
            self::assertSame([], array_diff(array_keys($record['stages'] ?? []), array_column(Stage::cases(), 'value')), $key);
            self::assertSame([], array_diff($record['forage'], array_column(Forage::cases(), 'value')), $key);
            self::assertSame([], array_diff($record['start_in'] ?? [], $record['lengths_in']), "{$key} begins with a length it does not come in");
            self::assertSame([], array_diff($record['fixed_oz'] ?? [], $record['weights_oz']), "{$key} is fixed at a weight it does not come in");
            self::assertCount(count($covers), Catalog::get($key)->habitat->covers, $key);
        }
    }

    public function test_a_record_that_says_too_little_or_too_much_is_refused(): void
    {
        $record = self::records()['spinnerbait'];
        foreach (['vibration' => array_diff_key($record, ['vibration' => 1]), 'wings' => $record + ['wings' => 2]] as $word => $wrong) {
            try {
                FamilyRecord::family('spinnerbait', 'moving', $wrong);
                self::fail("{$word} was taken");
            } catch (UnexpectedValueException $e) {
                self::assertStringContainsString($word, $e->getMessage());
            }
        }
    }

    /** Common practice, no source: who does which job is said by the rules themselves. */
    public function test_the_jobs_of_rules_are_done_by_the_lures_they_name(): void
    {
        foreach (Job::cases() as $job) {
            self::assertNotSame([], Catalog::doing($job), "nobody does {$job->value}");
        }
        $named = [
            ['L7', Job::WinterFive], ['L7', Job::WinterNext], ['L6', Job::ShadeMurk], ['L6', Job::ShadeStain], ['L6', Job::ShadeCalm],
            ['W17', Job::WindCloudMurk],
        ];
        foreach ($named as [$rule, $job]) {
            foreach (array_keys(Catalog::doing($job)) as $lure) {
                self::assertStringContainsString($lure, (string) RuleBook::rule($rule)->text, "{$rule} does not name the {$lure} for {$job->value}");
            }
        }
    }

    public function test_orders_of_trial_and_the_drill_name_lures_that_exist(): void
    {
        $orders = require __DIR__.'/../../core/Choice/Lineup/orders.php';
        foreach (array_keys($orders) as $name) {
            $order = TrialOrders::named($name);
            self::assertSame($order->order, array_values(array_unique($order->order)), $name);
            self::assertTrue(RuleBook::has($order->ruleId), $name);
            foreach ($order->order as $lure) {
                self::assertTrue(Catalog::has($lure), "{$name}: {$lure}");
            }
        }
        foreach (DrillWater::choices()->presentations as $rod) {
            self::assertTrue(Catalog::has($rod->lure), $rod->lure);
            self::assertArrayHasKey((string) $rod->retrieve, Cadences::all());
        }
    }

    /** @return array<string, array<string, mixed>> */
    private static function records(): array
    {
        return array_merge(...array_map(static fn (string $file): array => require $file, glob(self::FAMILIES.'*.php') ?: []));
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }
}
