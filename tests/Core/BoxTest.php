<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Lineup\Lack;
use OldEddy\Choice\Lineup\Variants;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Tackle\Care;
use OldEddy\Choice\Tackle\Tier;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Plan\ShortOf;
use PHPUnit\Framework\TestCase;

/** The box: what the lineup makes of it (K4), its tiers and what was short (K3), its care (K1). */
final class BoxTest extends TestCase
{
    private const DAY = ['species' => 'largemouth_bass', 'date' => '2026-04-12', 'water' => ['temp_f' => 58, 'visibility_ft' => 1.5, 'normal_visibility_ft' => 6]];

    public function test_the_lineup_holds_what_the_box_holds_and_no_more(): void
    {
        $plan = self::plan([['lure' => 'spinnerbait', 'color' => 'white', 'weight_oz' => 0.5], ['lure' => 'jerkbait'], ['lure' => 'spinnerbait', 'color' => 'black']]);
        self::assertEqualsCanonicalizing(['spinnerbait', 'jerkbait'], array_map(static fn ($e): string => $e->lure->key, $plan->lineup));
        $out = array_column(array_map(static fn ($r): array => (array) $r, $plan->ruledOut), 'ruleId', 'lure');
        self::assertSame('K4', $out['hollow_frog'] ?? null);
    }

    public function test_weights_models_and_colors_come_from_the_box_and_what_is_missing_is_said(): void
    {
        $free = self::plan(null);
        $wanted = $free->entry('spinnerbait');
        self::assertNotNull($wanted);
        $first = $wanted->colors()[0]->family->value;
        $other = array_values(array_filter(array_map(static fn (ColorChoice $c): string => $c->family->value, $wanted->colors()), static fn (string $c): bool => $c !== $first))[0];
        $held = self::plan([['lure' => 'spinnerbait', 'color' => $other, 'weight_oz' => 1.0]])->entry('spinnerbait');
        self::assertSame([$other, 1.0], [$held?->colors()[0]->family->value, $held?->setup()->spec->weightOz]);
        self::assertSame($first, $held?->colors()[1]->family->value, 'what the water asks for is still told');
        self::assertSame(['color', 'weight'], array_map(static fn (Lack $l): string => $l->what, $held->lacks()));
        self::assertStringContainsString('your box holds none', (string) $held->lacks()[0]->text);
        self::assertStringContainsString('nearest in your box is 1 oz', (string) $held->lacks()[1]->text);
        $same = self::plan([['lure' => 'spinnerbait', 'color' => $first, 'weight_oz' => $wanted->setup()->spec->weightOz]])->entry('spinnerbait');
        self::assertSame([], $same?->lacks());
        self::assertSame([], self::plan(['spinnerbait'])->entry('spinnerbait')?->lacks(), 'a family by its name says nothing of its colors');
    }

    public function test_where_nothing_that_is_asked_for_is_held_what_is_held_is_tied_on(): void
    {
        $held = self::plan([['lure' => 'spinnerbait', 'color' => 'perch'], ['lure' => 'jerkbait']])->entry('spinnerbait');
        self::assertSame(['perch', 'K4'], [$held?->colors()[0]->family->value, $held?->colors()[0]->ruleId]);
        self::assertGreaterThan(1, count($held->colors()), 'what the water asks for is still told');
        self::assertNotContains('perch', array_map(static fn (ColorChoice $c): string => $c->family->value, array_slice($held->colors(), 1)));
    }

    public function test_what_can_be_changed_on_the_deck_is_what_the_box_holds(): void
    {
        $plan = self::plan([['lure' => 'spinnerbait', 'color' => 'white', 'weight_oz' => 0.375], ['lure' => 'spinnerbait', 'color' => 'gold', 'weight_oz' => 1.0]]);
        $entry = $plan->entry('spinnerbait');
        self::assertNotNull($entry);
        $variants = Variants::of($entry->lure, $plan->reading, $entry->setup());
        self::assertEqualsCanonicalizing(['white', 'gold'], array_map(static fn (ColorChoice $c): string => $c->family->value, $variants->colors));
        self::assertSame([0.375, 1.0], $variants->weightsOz);
        $free = self::plan(null)->entry('spinnerbait');
        self::assertNotNull($free);
        self::assertGreaterThan(1, count(Variants::of($free->lure, self::plan(null)->reading, $free->setup())->colors));
    }

    public function test_a_diver_is_the_one_in_the_box(): void
    {
        $ledge = ['spot' => ['structure' => 'ledge', 'depth_ft' => [12, 22]], 'date' => '2026-07-18', 'water' => ['temp_f' => 84, 'visibility_ft' => 5]] + self::DAY;
        $free = Planner::plan(ConditionsReader::read($ledge))->entry('deep_crankbait')?->setup()->ratedFt;
        $held = Planner::plan(ConditionsReader::read(['owned' => [['lure' => 'deep_crankbait', 'rated_ft' => 11]]] + $ledge))->entry('deep_crankbait');
        self::assertGreaterThan(11.0, $free);
        self::assertSame(11.0, $held?->setup()->ratedFt);
        self::assertSame(['depth'], array_map(static fn (Lack $l): string => $l->what, $held->lacks()));
        $flat = ['spot' => ['structure' => 'flat', 'depth_ft' => [2, 5]]] + self::DAY;
        self::assertNull(Planner::plan(ConditionsReader::read(['owned' => [['lure' => 'medium_crankbait', 'rated_ft' => 10], ['lure' => 'jerkbait']]] + $flat))->entry('medium_crankbait'), 'it would plough');
    }

    public function test_a_box_is_read_with_a_problem_for_every_field(): void
    {
        foreach ([
            [[['lure' => 'magic']], 'owned.0.lure'], [[['lure' => 'tube', 'color' => 'plaid']], 'owned.0.color'], [[['lure' => 'tube', 'weight_oz' => 99]], 'owned.0.weight_oz'],
            [[['lure' => 'tube', 'shine' => 1]], 'owned.0.shine'], [[['lure' => 'tube'], 'jerkbait'], 'owned.1'], [['tube', ['lure' => 'jerkbait']], 'owned.1'], ['tube', 'owned'],
        ] as [$owned, $path]) {
            try {
                ConditionsReader::read(['owned' => $owned] + self::DAY);
                self::fail("{$path} passed");
            } catch (InvalidInput $problem) {
                self::assertContains($path, array_column(array_map(static fn ($p): array => (array) $p, $problem->problems), 'path'));
            }
        }
    }

    public function test_a_day_says_what_it_asks_for_and_the_box_lacks(): void
    {
        self::assertSame([], ShortOf::of(self::settled(null)), 'a box that was never told lacks nothing');
        $first = array_map(static fn ($e): string => $e->lure->key, self::plan(null)->worthFirst(3));
        $short = ShortOf::of(self::settled([['lure' => $first[0]], ['lure' => 'banana_plug']]));
        self::assertSame([['family', $first[1]], ['family', $first[2]]], array_map(static fn (Lack $l): array => [$l->what, $l->lure], $short));
    }

    public function test_tiers_lie_next_to_each_other_and_every_family_has_one(): void
    {
        self::assertSame([Tier::Shallow, Tier::Middle, Tier::Deep, Tier::Deepest], array_map(Tier::at(...), [0.0, 4.0, 8.0, 14.0]));
        foreach (Catalog::all() as $lure) {
            self::assertNotSame([], Tier::of($lure, null), $lure->key);
            self::assertSame($lure->isSurface(), Tier::of($lure, null) === [Tier::Surface], $lure->key);
        }
        self::assertSame([Tier::Deepest], Tier::of(Catalog::get('deep_crankbait'), 19.0));
        foreach ([Tier::Shallow, Tier::Middle, Tier::Deep] as $i => $tier) {
            self::assertSame($tier->spanFt()[1], [Tier::Middle, Tier::Deep, Tier::Deepest][$i]->spanFt()[0]);
        }
    }

    public function test_care_is_asked_for_where_it_is_due(): void
    {
        $spoon = Catalog::get('flutter_spoon');
        self::assertTrue(Care::tarnishes($spoon));
        self::assertFalse(Care::tarnishes(Catalog::get('stick_worm')));
        $due = static fn (string $lure, mixed ...$state): array => Care::due(Catalog::get($lure), '2026-11-29', ...$state + array_fill(0, 5, null));
        self::assertSame([], $due('flutter_spoon'), 'nothing was ever noted');
        self::assertSame([], $due('flutter_spoon', '2026-10-15'));
        self::assertSame(['Polish it: last cleaned 272 days ago.'], $due('flutter_spoon', '2026-03-02'));
        self::assertSame([], $due('stick_worm', '2026-03-02'), 'a worm does not tarnish');
        self::assertSame(['A new skirt soon.'], $due('spinnerbait', null, null, 'worn'));
        self::assertSame(['Change its hooks.', 'Its paint is gone: it shows as bare.'], $due('jerkbait', null, null, null, 'bent', 'gone'));
    }

    public function test_hooks_that_were_touched_up_are_sharp_and_bent_ones_stay_bent(): void
    {
        self::assertSame(['sharp', 'sharp', 'bent', null], array_map(Care::touchedUp(...), ['dull', 'sharp', 'bent', null]));
        self::assertContains(Care::touchedUp('dull'), Care::STATES['treble']);
    }

    public function test_a_tier_is_missing_that_the_family_could_fish_and_no_model_held_does(): void
    {
        $deep = Catalog::get('deep_crankbait');
        self::assertSame([Tier::Deep], Tier::missing($deep, [15.0, 19.0]));
        self::assertSame([], Tier::missing($deep, [10.0, 19.0]));
        self::assertSame([], Tier::missing($deep, []), 'nobody said what they are rated for');
        self::assertSame([], Tier::missing(Catalog::get('spinnerbait'), [4.0]), 'it does not dive');
    }

    /** @param  list<mixed>|null  $owned */
    private static function plan(?array $owned): Plan
    {
        return Planner::plan(ConditionsReader::read(['owned' => $owned] + self::DAY));
    }

    /** @param  list<mixed>|null  $owned */
    private static function settled(?array $owned): Settled
    {
        return Settler::settle(ConditionsReader::read(['owned' => $owned] + self::DAY));
    }
}
