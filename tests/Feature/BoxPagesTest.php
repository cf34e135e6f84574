<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BoxItem;
use App\Models\User;
use App\Year\BoxBook;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\BoxReader;

/** The box on its pages (K1, K3, K4), and the knots on the deck (K2). */
final class BoxPagesTest extends WaterTestCase
{
    private User $wren;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->wren = $this->angler());
    }

    public function test_an_item_goes_in_fast_and_once_and_the_lineup_follows(): void
    {
        $trip = $this->trip($this->wren);
        $all = count($trip->setRelation('user', $this->wren)->plan()->lineup);
        $form = ['ask' => (string) Str::uuid(), 'lure' => 'spinnerbait', 'color' => 'white', 'weight_oz' => '0.5', 'number' => '2'];
        foreach ([1, 2] as $sent) {
            $this->post(route('box.add'), $form)->assertRedirect();
        }
        self::assertSame(1, $this->wren->items()->count(), 'sent twice, it is one');
        $this->get(route('box'))->assertOk()->assertSee('value="0.5"', false);
        $this->post(route('box.add'), ['ask' => (string) Str::uuid(), 'lure' => 'jerkbait'])->assertRedirect();
        $plan = $trip->refresh()->setRelation('user', $this->wren->refresh())->plan();
        self::assertGreaterThan(10, $all);
        self::assertEqualsCanonicalizing(['spinnerbait', 'jerkbait'], array_map(static fn ($e): string => $e->lure->key, $plan->lineup));
        self::assertSame(0.5, $plan->entry('spinnerbait')?->setup()->spec->weightOz);
        $this->get(route('choose', $trip))->assertOk()->assertSee('not in your box');
        foreach ($this->wren->items()->get() as $item) {
            $item->setRelation('user', $this->wren)->update(['number' => 0]);
        }
        self::assertNull($this->wren->refresh()->box, 'none left: every lure counts again');
        $this->post(route('box.add'), ['ask' => (string) Str::uuid(), 'lure' => 'magic', 'color' => 'plaid', 'weight_oz' => '-1', 'number' => 'many'])
            ->assertSessionHasErrors(['lure', 'color', 'weight_oz', 'number']);
    }

    public function test_an_item_is_changed_doubled_and_dropped_by_its_owner_alone(): void
    {
        $item = $this->wren->items()->create(['lure' => 'jerkbait', 'color' => 'silver', 'rated_ft' => 6, 'number' => 2]);
        $this->wren->update(['units' => 'metric']);
        $this->patch(route('box.change', $item), ['lure' => 'jerkbait', 'color' => 'gold', 'rated_ft' => '2', 'weight_oz' => '14', 'length_in' => '11', 'number' => '3', 'treble' => 'dull'])->assertSessionHasNoErrors();
        self::assertSame(['gold', 6.6, 3, 'dull'], array_values($item->refresh()->only(['color', 'rated_ft', 'number', 'treble'])), 'two metres are 6.6 ft');
        self::assertEqualsWithDelta([0.4938, 4.33], [$item->weight_oz, $item->length_in], 1e-9, '14 g and 11 cm');
        $this->get(route('box'))->assertSee('value="14"', false)->assertSee('value="11"', false);
        $this->post(route('box.double', $item))->assertRedirect();
        self::assertSame(2, $this->wren->items()->count());
        $this->post(route('box.care'), ['items' => [$item->id], 'what' => 'sharpened_on'])->assertSessionHas('said', 'Noted for 1 lure.');
        self::assertSame(['sharp', now()->toDateString()], [$item->refresh()->treble, $item->sharpened_on?->toDateString()]);
        $this->actingAs($this->angler('bob@old-eddy.example'));
        $this->patch(route('box.change', $item), ['lure' => 'tube'])->assertNotFound();
        $this->post(route('box.double', $item))->assertNotFound();
        $this->delete(route('box.drop', $item))->assertNotFound();
        $this->post(route('box.care'), ['items' => [$item->id], 'what' => 'cleaned_on'])->assertSessionHas('said', 'Noted for 0 lures.');
        self::assertNull($item->refresh()->cleaned_on);
        $this->actingAs($this->wren)->delete(route('box.drop', $item))->assertRedirect();
        self::assertSame(1, $this->wren->items()->count());
    }

    public function test_the_least_and_the_most_that_a_form_takes_in_grams_and_centimetres_is_a_box_that_every_page_reads(): void
    {
        $trip = $this->trip($this->wren);
        $this->wren->update(['units' => 'metric']);
        foreach ([['0.1', '0.6'], ['907.2', '61']] as [$grams, $long]) {
            $this->post(route('box.add'), ['ask' => (string) Str::uuid(), 'lure' => 'jerkbait', 'weight_oz' => $grams, 'length_in' => $long])->assertSessionHasNoErrors();
            $this->actingAs($this->wren->refresh())->get(route('choose', $trip))->assertOk();
        }
        $this->post(route('box.add'), ['ask' => (string) Str::uuid(), 'lure' => 'jerkbait', 'weight_oz' => '908', 'length_in' => '0.5'])->assertSessionHasErrors(['weight_oz', 'length_in']);
    }

    public function test_a_box_larger_than_any_is_kept_whole_and_the_pages_read_as_much_of_it_as_a_day_takes(): void
    {
        $trip = $this->trip($this->wren);
        foreach (range(1, BoxReader::MOST + 5) as $n) {
            $rows[] = ['user_id' => $this->wren->id, 'ask' => (string) Str::uuid(), 'lure' => 'jerkbait', 'weight_oz' => $n / 100, 'number' => 1];
        }
        DB::table('box_items')->insert($rows);
        $this->wren->items()->create(['lure' => 'tube']);
        self::assertSame(BoxReader::MOST + 6, $this->wren->items()->count());
        self::assertCount(BoxReader::MOST, $this->wren->refresh()->box ?? []);
        $this->actingAs($this->wren)->get(route('choose', $trip))->assertOk();
    }

    public function test_days_says_how_many_lures_ask_for_care_and_the_box_which(): void
    {
        $this->get('/days')->assertOk()->assertDontSee('for care');
        foreach ([['flutter_spoon', ['cleaned_on' => '2020-01-01']], ['jerkbait', ['treble' => 'bent']], ['tube', []], ['spinnerbait', ['skirt' => 'fresh']]] as [$lure, $state]) {
            $this->wren->items()->create(['lure' => $lure] + $state);
        }
        $this->actingAs($this->wren->refresh())->get('/days')->assertSee('2 lures ask for care');
        self::assertSame(2, BoxBook::asking($this->wren, now()->toDateString()));
        self::assertCount(2, (new BoxBook($this->wren))->due(now()->toDateString()), 'the box says the same');
    }

    public function test_a_box_goes_out_as_a_table_and_comes_in_again_once(): void
    {
        $this->wren->items()->create(['lure' => 'spinnerbait', 'name' => '=cmd()', 'color' => 'white', 'color_name' => 'bone, "pearl"', 'weight_oz' => 0.375, 'number' => 2, 'skirt' => 'worn']);
        $this->wren->items()->create(['lure' => 'deep_crankbait', 'rated_ft' => 15.5, 'cleaned_on' => '2026-03-01']);
        $csv = $this->get(route('box.give'))->assertOk()->getContent();
        self::assertStringContainsString("'=cmd()", $csv, 'no table program takes it for a formula');
        $take = fn (string $text): mixed => $this->post(route('box.take'), ['file' => UploadedFile::fake()->createWithContent('box.csv', $text)]);
        $take($csv)->assertSessionHas('said', '0 lures were taken in; those that were there already were left as they are.');
        $bob = $this->angler('bob@old-eddy.example');
        $this->actingAs($bob);
        $take("\xEF\xBB\xBF".$csv)->assertSessionHas('said', '2 lures were taken in; those that were there already were left as they are.');
        $fields = static fn (User $of): array => $of->items()->orderBy('lure')->get()->map(static fn (BoxItem $i): array => $i->only([...BoxItem::FIELDS, 'skirt']))->all();
        self::assertEquals($fields($this->wren), $fields($bob));
        self::assertCount(2, $bob->refresh()->box ?? []);
        $take("lure,color,weight_oz\nJerkbait,silver,\ntube,plaid,3\nmagic,,\n")->assertSessionHasErrors('file');
        self::assertSame(2, $bob->items()->count(), 'all of it or nothing');
        $errors = implode(' ', session('errors')->get('file'));
        self::assertStringContainsString('Line 3', $errors);
        self::assertStringContainsString('Line 4', $errors);
        $take("name,weight\nx,1\n")->assertSessionHasErrors('file');
        $take("lure,name\ntube,\xFF\xFE\n")->assertSessionHasErrors('file');
        $take("lure,number\nTube,4\n\nWACKY RIG,3\n")->assertSessionHas('said');
        self::assertSame([4, 3], $bob->items()->whereIn('lure', ['tube', 'wacky_rig'])->orderBy('lure')->pluck('number')->all());
    }

    public function test_season_start_says_what_was_short_and_which_days_asked_for_it(): void
    {
        $this->get(route('box.start'))->assertOk()->assertSee('The box is empty');
        $trip = $this->trip($this->wren, ['water' => ['temp_f' => 58, 'visibility_ft' => 2]]);
        $first = $trip->setRelation('user', $this->wren)->plan()->worthFirst(3);
        $this->wren->items()->create(['lure' => $first[1]->lure->key]);
        $this->wren->items()->create(['lure' => 'tube', 'color' => 'brown', 'number' => 0, 'lost_on' => '2026-04-02']);
        $this->actingAs($this->wren->refresh())->get(route('box.start'))->assertOk()
            ->assertSee("The water asks for the {$first[0]->lure->name()}")->assertSee("The water asks for the {$first[2]->lure->name()}")->assertDontSee("asks for the {$first[1]->lure->name()};")
            ->assertSee('The last tube in brown is gone, lost on 2026-04-02')->assertSee('1 day asked for it')->assertSee(route('look-back.day', $trip));
    }

    public function test_a_lost_lure_leaves_the_box_a_new_knot_counts_from_there_and_both_are_taken_back(): void
    {
        $trip = $this->trip($this->wren);
        $item = $this->wren->items()->create(['lure' => 'spinnerbait', 'color' => 'bright', 'number' => 1]);
        $other = $this->wren->items()->create(['lure' => 'spinnerbait', 'color' => 'white', 'number' => 5]);
        $stint = (string) Str::uuid();
        $state = $this->log($trip, [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 80]), $this->event('contact', [
            'stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught',
        ])])->json('state');
        self::assertSame(['spinnerbait/bright' => '1 fish, 1.0 h on this knot'], $state['knots']);
        $lost = $this->event('care', ['what' => 'lost', 'lure' => 'spinnerbait', 'color' => 'bright', 'at' => '2026-04-20T09:00:00']);
        $state = $this->log($trip, [$lost])->assertJsonPath('events.0.became', 'taken')->json('state');
        self::assertSame([], $state['knots'], 'not a cast on the new knot');
        self::assertSame([0, '2026-04-20', 5], [$item->refresh()->number, $item->lost_on?->toDateString(), $other->refresh()->number]);
        self::assertCount(1, $this->wren->refresh()->box ?? []);
        $this->log($trip, [$lost])->assertJsonPath('events.0.became', 'known');
        self::assertSame(0, $item->refresh()->number, 'an entry that comes twice loses one lure');
        $state = $this->log($trip, [$this->event('undo', ['target' => $lost['id']])])->json('state');
        self::assertSame(['spinnerbait/bright' => '1 fish, 1.0 h on this knot'], $state['knots']);
        self::assertSame([1, null], [$item->refresh()->number, $item->lost_on]);
        $this->log($trip, [$this->event('care', ['what' => 'eaten', 'lure' => 'spinnerbait', 'color' => 'bright'])])->assertJsonPath('events.0.became', 'refused');
    }

    public function test_what_was_marked_on_a_day_before_there_was_a_box_becomes_its_first_items(): void
    {
        $this->trip($this->wren, ['owned' => ['tube']]);
        $this->trip($this->wren, ['owned' => ['jerkbait', 'spinnerbait']]);
        foreach ([1, 2] as $again) {
            (require database_path('migrations/2026_11_29_000052_fill_boxes.php'))->up();
            $this->artisan('eddy:sum')->assertOk();
        }
        self::assertSame(['jerkbait', 'spinnerbait'], $this->wren->items()->orderBy('lure')->pluck('lure')->all());
        self::assertEqualsCanonicalizing(['jerkbait', 'spinnerbait'], array_column($this->wren->refresh()->box ?? [], 'lure'));
    }

    public function test_every_family_can_be_put_in_and_is_drawn(): void
    {
        foreach (array_keys(Catalog::all()) as $lure) {
            $this->wren->items()->create(['lure' => $lure, 'color' => 'white']);
        }
        $page = $this->get(route('box'))->assertOk()->getContent();
        foreach (array_keys(Catalog::all()) as $lure) {
            self::assertStringContainsString("/lures.svg#{$lure}", $page);
        }
        self::assertSame(count(Catalog::all()), DB::table('box_items')->where('user_id', $this->wren->id)->count());
    }
}
