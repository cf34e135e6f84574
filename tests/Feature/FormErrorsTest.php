<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every form answers what is wrong in a sentence that names the field, keeps what was typed, and changes nothing. */
final class FormErrorsTest extends WaterTestCase
{
    private User $wren;

    private Trip $trip;

    private Lake $lake;

    private LakeSpot $spot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler();
        $this->lake = $this->wren->lakes()->create(['name' => 'Test pond', 'ramp_lat' => 36.9, 'ramp_lon' => -80.1]);
        $this->spot = $this->lake->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1, 'structure' => 'point', 'cover' => ['rock'], 'shallow_ft' => 2, 'deep_ft' => 8]);
        $this->trip = $this->trip($this->wren);
        $this->trip->update(['lake_id' => $this->lake->id]);
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  array<string, string>  $wrong  what the sentence says, by field
     */
    #[DataProvider('forms')]
    public function test_what_is_wrong_is_said_by_field(string $route, array $sent, array $wrong, string $method = 'post'): void
    {
        $this->actingAs($this->wren);
        $before = $this->kept();
        $to = route($route, array_filter(['trip' => str_contains($route, 'lake') || str_starts_with($route, 'spot') || str_starts_with($route, 'layer') || in_array($route, ['lakes.open', 'days.open', 'drill.begin', 'settings.save', 'feature.drop'], true) ? null : $this->trip->id, 'lake' => str_starts_with($route, 'spot') || in_array($route, ['lake.take', 'feature.drop'], true) ? $this->lake->id : null]));
        $answer = $this->from(route('days'))->{$method}($to, $sent)->assertRedirect();
        foreach ($wrong as $field => $says) {
            $answer->assertSessionHasErrors($field);
            self::assertStringContainsString($says, (string) session('errors')->first($field));
        }
        foreach ($sent as $field => $value) {
            if ($field !== 'password' && ! is_array($value) && $value !== '') {
                self::assertSame($value, session()->getOldInput($field), "{$field} was typed and is lost");
            }
        }
        self::assertSame($before, $this->kept());
    }

    /** @return array<string, array{0: string, 1: array<string, mixed>, 2: array<string, string>}> */
    public static function forms(): array
    {
        $ask = (string) Str::uuid();
        $spot = ['name' => 'Point', 'lat' => '36.9', 'lon' => '-80.1'];
        $route = ['from' => '07:00', 'to' => '15:00', 'minutes' => '15', 'speed' => '20'];

        return [
            'a day without a water' => ['days.open', ['name' => '', 'date' => '2026-04-20', 'ask' => $ask], ['name' => 'name']],
            'a day that is no date' => ['days.open', ['name' => 'Pond', 'date' => '2026-02-30', 'ask' => $ask], ['date' => 'day of the calendar']],
            'a day without its form' => ['days.open', ['name' => 'Pond', 'date' => '2026-04-20', 'ask' => 'x'], ['ask' => 'ask']],
            'a lake without a name' => ['lakes.open', ['name' => ''], ['name' => 'name']],
            'a lake with a name too long' => ['lakes.open', ['name' => str_repeat('x', 81)], ['name' => '80']],
            'units that are none' => ['settings.save', ['units' => 'cubits'], ['units' => 'units']],
            'a school that is none' => ['settings.save', ['units' => 'us', 'schools' => ['tempo' => 'hurry']], ['schools.tempo' => 'tempo']],
            'a drill without its form' => ['drill.begin', ['ask' => ''], ['ask' => 'ask']],
            'a drill of no number' => ['drill.begin', ['ask' => $ask, 'seed' => '0'], ['seed' => 'seed']],
            'a spot without a place' => ['spot.keep', ['name' => 'Point', 'lat' => '', 'lon' => '-80.1'], ['lat' => 'degrees north']],
            'a spot off the earth' => ['spot.keep', ['lat' => '136.9'] + $spot, ['lat' => 'degrees north']],
            'a spot deeper at its shallow end' => ['spot.keep', $spot + ['shallow_ft' => '9', 'deep_ft' => '4'], ['deep_ft' => 'shallow']],
            'a spot deeper than any lake' => ['spot.keep', $spot + ['deep_ft' => '4000'], ['deep_ft' => 'deepest']],
            'a spot of no structure' => ['spot.keep', $spot + ['structure' => 'castle'], ['structure' => 'structure']],
            'a dock without depths' => ['spot.keep', $spot + ['dock' => ['kind' => 'floating']], ['dock.inside_ft' => 'depth inside']],
            'a file that is none' => ['lake.take', ['file' => 'x'], ['file' => 'file']],
            'a feature without a name' => ['feature.drop', ['feature' => ''], ['feature' => 'feature']],
            'many spots, but what' => ['spots.many', ['do' => 'paint', 'spots' => [1]], ['do' => 'do']],
            'many spots, but none' => ['spots.many', ['do' => 'drop', 'spots' => []], ['spots' => 'spots']],
            'a route that ends before it begins' => ['where.route', ['to' => '06:00'] + $route, ['to' => 'later than from']],
            'a route at no speed' => ['where.route', ['speed' => '0'] + $route, ['speed' => 'speed of the boat']],
            'a route of no minutes' => ['where.route', ['minutes' => 'many'] + $route, ['minutes' => 'minutes a stop']],
            'a spot that is not there' => ['where.pick', ['spot' => 'x'], ['spot' => 'spot']],
            'sections without a name' => ['sections.keep', ['sections' => 'x'], ['sections' => 'sections']],
            'an entry without its id' => ['entries.change', ['id' => 'x', 'kind' => 'amend'], ['id' => 'id']],
            'an entry of no kind' => ['entries.change', ['id' => $ask, 'kind' => 'paint'], ['kind' => 'kind']],
            'a recording that is none' => ['boat.take', ['recording' => 'x'], ['recording' => 'recording']],
        ];
    }

    public function test_whoever_is_not_signed_in_is_told_by_field_as_well(): void
    {
        foreach ([
            ['register.try', ['name' => '', 'email' => 'tess@old-eddy.example', 'password' => 'a long enough one'], 'name'],
            ['register.try', ['name' => 'Tess', 'email' => 'nowhere', 'password' => 'a long enough one'], 'email'],
            ['register.try', ['name' => 'Tess', 'email' => 'wren@old-eddy.example', 'password' => 'a long enough one'], 'email'],
            ['register.try', ['name' => 'Tess', 'email' => 'tess@old-eddy.example', 'password' => 'password'], 'password'],
            ['sign-in.try', ['email' => '', 'password' => 'x'], 'email'],
            ['sign-in.try', ['email' => 'wren@old-eddy.example', 'password' => 'wrong'], 'email'],
        ] as [$route, $sent, $field]) {
            $this->from(route('register'))->post(route($route), $sent)->assertRedirect(route('register'))->assertSessionHasErrors($field);
            self::assertSame($sent['email'], (string) session()->getOldInput('email'));
            self::assertNull(session()->getOldInput('password'), 'a password is typed again');
        }
        self::assertSame(1, User::query()->count());
    }

    /** What the deck and the pages ask as JSON is answered as JSON, by field. */
    public function test_errors_for_scripts_are_json_by_field(): void
    {
        $this->actingAs($this->wren);
        $this->patchJson(route('conditions.change', $this->trip), ['field' => 'water.temp_f', 'value' => 400])->assertStatus(422)->assertJsonPath('errors.0.path', 'water.temp_f');
        $this->patchJson(route('conditions.change', $this->trip), ['field' => 'water.salt', 'value' => 1])->assertStatus(422)->assertJsonPath('errors.0.path', 'water.salt');
        $this->postJson(route('log', $this->trip), ['events' => 'x'])->assertStatus(422)->assertJsonValidationErrors('events');
        $this->postJson(route('log', $this->trip), ['events' => [], 'slices' => [7]])->assertStatus(422)->assertJsonValidationErrors('slices.0');
        $this->getJson(route('cast', ['trip' => $this->trip, 'lure' => 'jerkbait', 'cast_ft' => 4000]))->assertStatus(422)->assertJsonValidationErrors('cast_ft');
        $this->putJson(route('rack.rig', ['trip' => $this->trip, 'lure' => 'magic']))->assertNotFound();
        $this->getJson(route('where', ['trip' => $this->trip, 'minute' => 1440]))->assertStatus(422)->assertJsonValidationErrors('minute');
    }

    /** @return array<string, mixed> all that a form could have changed */
    private function kept(): array
    {
        return [
            $this->wren->refresh()->only(['name', 'email', 'units', 'schools']), $this->wren->trips()->count(), $this->wren->lakes()->count(),
            $this->lake->spots()->get()->toArray(), $this->lake->layers()->count(), $this->trip->refresh()->only(['conditions', 'route', 'lake_id']),
            $this->trip->events()->count(),
        ];
    }
}
