<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use OldEddy\Rules\RuleBook;

/** A metric angler reads metres, °C, km/h, grams and centimetres, on every page and in whatever the core says. */
final class MetricPagesTest extends WaterTestCase
{
    /** Units that a metric angler does not read, behind a number. "In" alone is a word: "3 in 10". */
    private const FOREIGN = '/(?<![\w.])\d[\d.,\/–-]*[\s\x{a0}]?(ft|°F|mph|lbs?|oz|mi|inch(?:es)?|feet|foot|in(?=[\s\x{a0}]*(?:[.,;)<·]|$)))(?![\w\/])|[,(] (ft|°F|mph|lb|oz|mi)(?=[\s<)])/u';

    public function test_no_page_speaks_of_feet(): void
    {
        [$wren, $trips] = $this->season();
        $this->actingAs($wren);
        $seen = 0;
        foreach ($trips as $trip) {
            $lures = array_map(static fn ($e): string => $e->lure->key, array_slice($trip->plan()->lineup, 0, 40));
            $pages = array_map(
                static fn (string $page): string => route($page, $trip),
                ['read', 'choose', 'where', 'where.sheet', 'fish', 'confirm', 'entries', 'sections', 'schools', 'bench', 'boat', 'look-back.day', 'report.text', 'report.picture', 'before', 'bag', 'troll'],
            );
            foreach ($lures as $lure) {
                $pages[] = route('choose', ['trip' => $trip, 'lure' => $lure]);
            }
            foreach ($trip->lake?->spots ?? [] as $spot) {
                $pages[] = route('where', ['trip' => $trip, 'spot' => $spot->id, 'minute' => 1020]);
            }
            foreach ([...$pages, route('days'), route('lakes'), route('lake', $trip->lake), route('sketch', $trip->lake), route('settings'), route('drill'), route('look-back'), route('look-back.season'), route('box'), route('box.start')] as $page) {
                $this->assertMetric($page, (string) $this->get($page)->assertOk()->getContent());
                $seen++;
            }
            foreach (array_slice($lures, 0, 6) as $lure) {
                $this->assertMetric($lure, html_entity_decode((string) $this->getJson(route('cast', [$trip, $lure]).'?cast_ft=60')->assertOk()->getContent()));
            }
            $this->assertMetric('state', json_encode($this->log($trip, [])->json('state'), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        }
        self::assertGreaterThan(150, $seen);
        $this->post(route('drill.begin'), ['ask' => (string) Str::uuid(), 'seed' => 4, 'mode' => 'troll']);
        $drill = Trip::query()->where('drill_seed', 4)->sole();
        $this->post(route('drill.tow.on', $drill), ['minutes' => 30, 'gone' => 0]);
        foreach (['drill.tow', 'drill.end', 'troll', 'confirm'] as $page) {
            $this->assertMetric($page, (string) $this->get(route($page, $drill))->assertOk()->getContent());
        }
        $layer = $trips[0]->lake?->layers()->first();
        self::assertNotNull($layer);
        $this->assertMetric('layer', (string) $this->get(route('layer', [$trips[0]->lake, $layer->id]))->getContent());
    }

    public function test_no_rule_speaks_of_feet(): void
    {
        [$wren, $trips] = $this->season();
        $this->actingAs($wren);
        foreach (RuleBook::all() as $rule) {
            $this->assertMetric($rule->id, (string) $this->get(route('rule', $rule->id))->assertOk()->getContent());
        }
        foreach (['W1', 'W8', 'W12', 'F12', 'F13', 'D1', 'L5', 'R1', 'STAGES', 'W17'] as $id) {
            $this->assertMetric("{$id} today", (string) $this->get(route('rule.today', [$trips[0], $id]))->assertOk()->getContent());
        }
    }

    private function assertMetric(string $page, string $html): void
    {
        $text = (string) preg_replace(
            [
                '#<script.*?</script>#s',
                '#<style.*?</style>#s',
                '#\s(?:name|id|for|href|data-[\w-]+|aria-describedby|class|value|x-[\w:-]+|viewBox|d|points|action)="[^"]*"#',
                '#<code>.*?</code>#s',
            ],
            ' ',
            $html,
        );
        // Once as it is written, once as it is read: a number and its unit may stand in two elements.
        foreach ([$text, strip_tags($text)] as $said) {
            $said = html_entity_decode($said);
            self::assertSame(
                0,
                preg_match(self::FOREIGN, $said, $found, PREG_OFFSET_CAPTURE),
                $page.': …'.trim((string) preg_replace('/\s+/', ' ', mb_strcut($said, max(0, (int) ($found[0][1] ?? 0) - 120), 220))).'…',
            );
        }
    }

    /** @return array{User, non-empty-list<Trip>} days of all kinds on a lake, with a log */
    private function season(): array
    {
        $wren = $this->angler();
        $wren->update(['units' => 'metric']);
        $this->actingAs($wren);
        $lake = $wren->lakes()->create(['name' => 'Weiher']);
        $lines = "lon,lat,depth_m\n";
        for ($i = 0; $i < 900; $i++) {
            $lines .= sprintf("%.6f,%.6f,%.2f\n", -80.1 + $i % 30 * 0.0001, 36.9 + intdiv($i, 30) * 0.0001, 1 + abs($i % 30 - 15) / 4 + intdiv($i, 30) / 9);
        }
        $this->post(route('lake.take', $lake), ['file' => UploadedFile::fake()->createWithContent('weiher.csv', $lines)])->assertSessionHasNoErrors();
        foreach ([
            ['Steg', 'dock', ['dock'], ['kind' => 'floating', 'inside_ft' => 3.0, 'outside_ft' => 12.0, 'walkway_ft' => 20.0, 'extras' => ['ladder', 'brush']]],
            ['Pfähle', 'dock', ['dock'], ['kind' => 'piling', 'inside_ft' => 2.0, 'outside_ft' => 9.0, 'walkway_ft' => 60.0, 'extras' => []]],
            ['Bank', 'gravel_bar', ['rock'], null],
            ['Kante', 'ledge', ['none'], null],
        ] as $i => [$name, $structure, $cover, $dock]) {
            $lake->spots()->create(
                [
                    'name' => $name, 'lat' => 36.9003 + $i / 4000, 'lon' => -80.0992 + $i / 4000, 'structure' => $structure, 'cover' => $cover,
                    'shallow_ft' => 2 + $i, 'deep_ft' => 9 + 4 * $i, 'depth_nearby_ft' => 25, 'bank_faces_deg' => 40 + 60 * $i,
                    'object_height_ft' => 40, 'setback_ft' => 4, 'flows_to_deg' => 90, 'dock' => $dock,
                    ...$lake->read(36.9003 + $i / 4000, -80.0992 + $i / 4000),
                ],
            );
        }
        $trips = [];
        foreach ([
            [
                'species' => 'largemouth_bass',
                'date' => '2026-04-12',
                'water' => [
                    'temp_f' => 54,
                    'temp_trend_f_per_day' => 1.1,
                    'visibility_ft' => 1.2,
                    'normal_visibility_ft' => 6,
                    'level_change_ft_per_week' => 1.2,
                    'inflow' => ['running' => true, 'relative_temp' => 'colder', 'muddy' => true],
                    'days_since_storm' => 2,
                ],
                'weather' => ['sky' => 'overcast', 'wind_mph' => 15, 'wind_from_deg' => 220, 'front' => 'approaching'],
                'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [2, 8], 'depth_nearby_ft' => 20],
            ],
            [
                'species' => 'spotted_bass',
                'date' => '2026-07-18',
                'water' => ['temp_f' => 86, 'visibility_ft' => 9, 'normal_visibility_ft' => 7, 'level_ft' => -1.5, 'level_change_ft_per_week' => -1.4],
                'weather' => ['sky' => 'clear', 'wind_mph' => 2, 'front' => 'post_1'],
                'spot' => [
                    'structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [3, 14], 'shaded' => true, 'shade_width_ft' => 14,
                    'dock' => ['kind' => 'floating', 'part' => 'inside', 'depth_ft' => 4],
                ],
            ],
            [
                'species' => 'walleye',
                'date' => '2026-11-02',
                'time' => '07:00',
                'water' => ['temp_f' => 46, 'visibility_ft' => 4, 'current' => 'moderate'],
                'weather' => ['sky' => 'rain', 'wind_mph' => 20],
                'waterbody' => 'river',
            ],
            [
                'species' => 'northern_pike',
                'date' => '2026-05-20',
                'water' => ['temp_f' => 61],
                'sections' => [['name' => 'Oben', 'temp_f' => 64, 'visibility_ft' => 2], ['name' => 'Unten', 'temp_f' => 55]],
                'mode' => 'troll',
            ],
        ] as $i => $conditions) {
            $trip = $this->trip($wren, $conditions + ['lat' => 36.9, 'lon' => -80.1, 'timezone' => 'America/New_York']);
            $trip->update(['lake_id' => $lake->id]);
            $trips[] = $trip = $trip->fresh()?->load('user') ?? $trip;
            foreach ([['Steg', 'spinnerbait', 3], ['Bank', 'jerkbait', 7], ['Steg', 'football_jig', 14]] as [$spot, $lure, $depth]) {
                $stint = (string) Str::uuid();
                $this->log(
                    $trip,
                    [
                        ['depth_ft' => $depth] + $this->stint($stint, $spot, $lure),
                        $this->event('casts', ['stint' => $stint, 'count' => 14]),
                        $this->event('contact', ['stint' => $stint, 'contact' => $fish = (string) Str::uuid(), 'contact_kind' => 'caught']),
                        $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 41, 'depth' => 1.5], 'units' => 'metric']),
                    ],
                )->assertOk();
            }
            $this->post(route('where.route', $trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 15, 'speed' => 30]);
        }

        return [$wren, $trips];
    }
}
