<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\PatternContract;
use OldEddy\Contract\StintsReader;
use OldEddy\Log\Next\Presentation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** eddy:pattern with what is at hand: another program can fish by its offers. */
final class ChoicesContractTest extends TestCase
{
    use Schemas;

    private const PLACES = [
        ['spot' => 'A', 'structure' => 'point', 'cover' => 'rock', 'cover_part' => 'edge', 'light' => 'sun', 'water_depth_ft' => 8, 'travel_min' => 0],
        ['spot' => 'B', 'structure' => 'flat', 'cover' => 'reeds', 'light' => 'shade', 'water_depth_ft' => 3, 'travel_min' => 6],
        ['spot' => 'C'],
    ];

    private const RODS = [
        ['key' => 'r1', 'lure' => 'spinnerbait', 'colors' => ['bright', 'natural_baitfish'], 'weights_oz' => [0.375, 0.5], 'lengths_in' => [null],
            'retrieves' => ['slow_roll', 'medium', 'burn'], 'depths_ft' => [2, 6]],
        ['key' => 'r2', 'lure' => 'casting_jig', 'colors' => ['natural_craw'], 'weights_oz' => [0.25], 'retrieves' => ['crawl_rest'], 'depths_ft' => [4]],
        ['key' => 'r3', 'lure' => 'jerkbait', 'colors' => ['white']],
    ];

    public function test_the_example_of_the_contract_is_answered_with_an_offer(): void
    {
        $in = ['stints' => [], 'choices' => ['places' => self::PLACES, 'rods' => self::RODS, 'minute' => 135, 'until_minute' => 480, 'goal' => 'numbers']];
        self::assertValid('pattern.in', $in);
        $out = PatternContract::answer($in);
        self::assertValid('pattern.out', $out);
        self::assertSame(['spot', 'rod', 'lure', 'color', 'weight_oz', 'length_in', 'retrieve', 'depth_ft', 'casts'], array_keys($out['next'][0]['offer']));
    }

    /** A day of another program's making: whatever happened, each first move can be done with what was said to be at hand. */
    public function test_every_first_offer_can_be_fished(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $luck = new Randomizer(new Mt19937($seed));
            $log = [];
            $in = ['choices' => ['places' => self::PLACES, 'rods' => self::RODS, 'until_minute' => 480]];
            for ($minute = 0; $minute < 300; $minute += 10) {
                $in['stints'] = $log;
                $in['choices']['minute'] = $minute;
                $out = PatternContract::answer($in);
                self::assertValid('pattern.out', $out);
                $offer = $out['next'][0]['offer'];
                $this->assertCanBeFished($offer);
                $log[] = self::fished($offer, $minute, $luck->getInt(0, 4) === 0 ? [['kind' => ['caught', 'missed', 'follow', 'lost'][$luck->getInt(0, 3)], 'at_cast' => 5]] : []);
            }
        }
    }

    public function test_a_contact_is_repeated_and_told_for_how_long(): void
    {
        $offer = ['spot' => 'A', 'rod' => 'r1', 'lure' => 'spinnerbait', 'color' => 'bright', 'weight_oz' => 0.5, 'length_in' => null, 'retrieve' => 'medium', 'depth_ft' => 2.0];
        $stint = self::fished($offer, 0, [['kind' => 'caught', 'at_cast' => 3]]);
        $out = PatternContract::answer(['stints' => [$stint], 'choices' => ['places' => self::PLACES, 'rods' => self::RODS]]);
        self::assertSame(['repeat_cast', $offer + ['casts' => 3]], [$out['next'][0]['action'], $out['next'][0]['offer']]);
        $practice = PatternContract::answer(['stints' => [$stint], 'choices' => ['places' => self::PLACES, 'rods' => self::RODS, 'practice' => true]]);
        self::assertSame(['change_place', 'M18'], [$practice['next'][0]['action'], $practice['next'][0]['why']]);
        self::assertNotSame('A', $practice['next'][0]['offer']['spot']);
        $cold = PatternContract::answer(['stints' => [$stint], 'stage' => 'winter', 'conditions' => ['species' => 'walleye', 'date' => '2026-01-20'],
            'choices' => ['places' => self::PLACES, 'rods' => self::RODS]]);
        self::assertSame('M15', $cold['next'][0]['why'], 'in the cold they come in groups');
    }

    public function test_with_a_day_every_place_is_weighed_by_its_own_lineup(): void
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-06-20', 'water' => ['temp_f' => 78, 'visibility_ft' => 2]];
        $rods = [['key' => 'frog', 'lure' => 'hollow_frog', 'colors' => ['black']], ['key' => 'deep', 'lure' => 'deep_crankbait', 'colors' => ['chartreuse_shad']]];
        $first = static fn (array $place): string => PatternContract::answer([
            'stints' => [], 'conditions' => $day, 'choices' => ['places' => [$place], 'rods' => $rods],
        ])['next'][0]['offer']['rod'];
        self::assertSame('frog', $first(['spot' => 'Pads', 'structure' => 'flat', 'cover' => 'lily_pads', 'water_depth_ft' => 3]));
        self::assertSame('deep', $first(['spot' => 'Ledge', 'structure' => 'ledge', 'cover' => 'rock', 'water_depth_ft' => 16]));
    }

    public function test_shared_and_showed_and_the_new_factors(): void
    {
        $out = PatternContract::answer(['stints' => [
            ['at' => '2026-04-12T07:40', 'spot' => 'A', 'lure' => 'swim_jig', 'cover' => 'reeds', 'weight_oz' => 0.5, 'length_in' => 4, 'water_depth_ft' => 5, 'depth_ft' => 3,
                'retrieve' => 'slow_roll', 'casts' => 20, 'contacts' => [['kind' => 'follow', 'at_cast' => 2, 'depth_ft' => 2.5, 'weight_lb' => 2.2]]],
            ['at' => '2026-04-12T08:10', 'spot' => 'B', 'lure' => 'swim_jig', 'cover' => 'rock', 'weight_oz' => 0.25, 'length_in' => 3, 'water_depth_ft' => 9, 'retrieve' => 'burn',
                'casts' => 20, 'contacts' => []],
        ]]);
        $levels = array_column(array_filter($out['factors'], static fn (array $f): bool => $f['casts'] === 20 && $f['contacts'] > 0), 'level', 'factor');
        self::assertSame(['0.5 oz', '4 in', 'slow_roll', '4-6 ft', '2-4 ft', 'slow'], array_map(
            static fn (string $f): string => $levels[$f], ['weight', 'size', 'retrieve', 'water_depth', 'depth', 'speed'],
        ));
        self::assertContains('cover:reeds', $out['shared']);
        self::assertNotContains('lure:swim_jig', $out['shared'], 'twenty blank casts with it elsewhere');
        self::assertSame([['spot' => 'A', 'lure' => 'swim_jig', 'kind' => 'follow', 'at' => '2026-04-12T07:41:30']], $out['showed']);
        self::assertSame([null], array_unique(array_column($out['next'], 'offer')), 'nothing is at hand, nothing is offered');
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('wrongs')]
    public function test_what_is_wrong_is_told_by_its_field(string $path, array $more): void
    {
        try {
            StintsReader::read(['stints' => []] + $more);
            self::fail("{$path} was taken");
        } catch (InvalidInput $wrong) {
            self::assertContains($path, array_map(static fn (InputProblem $p): string => $p->path, $wrong->problems), json_encode($wrong->toArray()));
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrongs(): iterable
    {
        $rod = static fn (array $more): array => ['choices' => ['rods' => [$more + ['lure' => 'tube', 'colors' => ['perch']]]]];
        $place = static fn (array $more): array => ['choices' => ['places' => [$more + ['spot' => 'A']]]];
        yield 'choices' => ['choices', ['choices' => 'all']];
        yield 'a lure of nobody' => ['choices.rods.0.lure', $rod(['lure' => 'sea_worm'])];
        yield 'no lure' => ['choices.rods.0.lure', ['choices' => ['rods' => [['colors' => ['perch']]]]]];
        yield 'no color' => ['choices.rods.0.colors', ['choices' => ['rods' => [['lure' => 'tube']]]]];
        yield 'a color of nobody' => ['choices.rods.0.colors.1', $rod(['colors' => ['perch', 'mauve']])];
        yield 'a weight too heavy' => ['choices.rods.0.weights_oz.0', $rod(['weights_oz' => [40]])];
        yield 'a weight of nothing' => ['choices.rods.0.weights_oz.1', $rod(['weights_oz' => [0.5, 0]])];
        yield 'a length in words' => ['choices.rods.0.lengths_in.0', $rod(['lengths_in' => ['long']])];
        yield 'a depth above the water' => ['choices.rods.0.depths_ft.0', $rod(['depths_ft' => [-1]])];
        yield 'depths that are no list' => ['choices.rods.0.depths_ft', $rod(['depths_ft' => 4])];
        yield 'retrieves by number' => ['choices.rods.0.retrieves.0', $rod(['retrieves' => [3]])];
        yield 'a field of nobody' => ['choices.rods.0.hook', $rod(['hook' => 'big'])];
        yield 'no name' => ['choices.places.0.spot', ['choices' => ['places' => [['cover' => 'rock']]]]];
        yield 'a part of the cover' => ['choices.places.0.cover_part', $place(['cover_part' => 'under'])];
        yield 'a light' => ['choices.places.0.light', $place(['light' => 'neon'])];
        yield 'a way back in time' => ['choices.places.0.travel_min', $place(['travel_min' => -3])];
        yield 'a minute' => ['choices.minute', ['choices' => ['minute' => 'noon']]];
        yield 'an end before now' => ['choices.until_minute', ['choices' => ['minute' => 300, 'until_minute' => 200]]];
        yield 'a goal' => ['choices.goal', ['choices' => ['goal' => 'fame']]];
        yield 'a field of the choices' => ['choices.weather', ['choices' => ['weather' => 'fine']]];
        yield 'the day' => ['conditions.species', ['conditions' => ['species' => 'shark', 'date' => '2026-05-02']]];
        yield 'water of the day' => ['conditions.water.temp_f', ['conditions' => ['species' => 'walleye', 'date' => '2026-05-02', 'water' => ['temp_f' => 300]]]];
        yield 'no day' => ['conditions', ['conditions' => [1]]];
    }

    public function test_too_many_presentations_are_counted_and_refused(): void
    {
        $many = array_map(static fn (int $i): float => 0.1 + $i / 10, range(0, 19));
        $rod = ['lure' => 'tube', 'colors' => ['perch', 'white', 'black', 'brown', 'frog', 'gold', 'silver', 'orange'], 'weights_oz' => $many, 'lengths_in' => array_map(static fn (float $v): float => 1 + $v, $many)];
        $this->expectExceptionMessage('may make at most 3000 presentations together; these make 3200.');
        StintsReader::read(['stints' => [], 'choices' => ['rods' => [$rod]]]);
    }

    public function test_two_depths_are_from_and_to_and_more_are_those_there_are(): void
    {
        $depths = static fn (array $said): array => array_values(array_unique(array_map(
            static fn (Presentation $p): ?float => $p->depthFt,
            StintsReader::read(['stints' => [], 'choices' => ['rods' => [['lure' => 'tube', 'colors' => ['perch'], 'depths_ft' => $said]]]])->atHand->choices->presentations,
        )));
        self::assertSame([2.0, 4.0, 6.0], $depths([2, 6]), 'as the example of the contract has it');
        self::assertSame([2.0, 4.0, 6.0], $depths([6, 2]));
        self::assertSame([2.0, 3.0, 9.0], $depths([9, 2, 3]));
        self::assertSame([5.0], $depths([5]));
        self::assertSame([5.0], $depths([5, 5]));
        self::assertSame([null], $depths([]));
    }

    public function test_a_rod_without_a_retrieve_is_worked_as_its_lure_is(): void
    {
        $shown = StintsReader::read(['stints' => [], 'choices' => ['rods' => [['lure' => 'jerkbait', 'colors' => ['white', 'silver'], 'key' => 'r']]]])->atHand->choices->presentations;
        self::assertSame([['jerk_pause', 'white', 'r'], ['jerk_pause', 'silver', 'r']], array_map(static fn (Presentation $p): array => [$p->retrieve, $p->color, $p->rod], $shown));
        self::assertGreaterThan(0.0, $shown[0]->paceFtS);
    }

    public function test_without_a_word_on_time_a_day_has_eight_hours_and_with_one_it_ends_when_it_was_said(): void
    {
        $time = static fn (array $said): array => [
            ($hand = StintsReader::read(['stints' => [], 'choices' => $said])->atHand->time)->leftMin(), $hand->share(),
        ];
        self::assertEqualsWithDelta([480.0, 1.0], $time([]), 1e-9);
        self::assertEqualsWithDelta([360.0, 0.75], $time(['minute' => 120]), 1e-9);
        self::assertEqualsWithDelta([60.0, 0.2], $time(['minute' => 240, 'until_minute' => 300]), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.0], $time(['minute' => 900]), 1e-9);
    }

    /** @param  array<string, mixed>  $offer */
    private function assertCanBeFished(array $offer): void
    {
        $place = array_column(self::PLACES, null, 'spot')[$offer['spot']] ?? null;
        $rod = array_column(self::RODS, null, 'key')[$offer['rod']] ?? null;
        self::assertNotNull($place, $offer['spot']);
        self::assertNotNull($rod, $offer['rod']);
        self::assertSame($rod['lure'], $offer['lure']);
        self::assertContains($offer['color'], $rod['colors']);
        self::assertContains($offer['weight_oz'], array_map(static fn (float $v): float => $v, $rod['weights_oz'] ?? []) ?: [null]);
        self::assertContains($offer['retrieve'], $rod['retrieves'] ?? [$offer['retrieve']]);
        if ($offer['depth_ft'] !== null) {
            self::assertTrue($offer['depth_ft'] >= min($rod['depths_ft']) && $offer['depth_ft'] <= max($rod['depths_ft']));
            self::assertLessThanOrEqual(($place['water_depth_ft'] ?? INF) + 1, $offer['depth_ft'], 'not deeper than the water');
        }
        self::assertGreaterThan(0, $offer['casts']);
    }

    /**
     * @param  array<string, mixed>  $offer
     * @param  list<array<string, mixed>>  $contacts
     * @return array<string, mixed>
     */
    private static function fished(array $offer, int $minute, array $contacts): array
    {
        $place = array_diff_key(array_column(self::PLACES, null, 'spot')[$offer['spot']], ['travel_min' => 0]);

        return $place + array_diff_key($offer, ['rod' => 0, 'casts' => 0]) + [
            'at' => sprintf('2026-05-02T%02d:%02d', 6 + intdiv($minute, 60), $minute % 60), 'casts' => 5, 'minutes' => 6, 'contacts' => $contacts,
        ];
    }
}
