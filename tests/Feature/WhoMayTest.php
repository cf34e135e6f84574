<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Device;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Share;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** Every route that there is, walked by its owner, by another angler and by nobody: a new route without a rule fails here. */
final class WhoMayTest extends WaterTestCase
{
    /** Routes that are for everybody, with or without an account. */
    private const OPEN = ['join', 'join.try', 'service-worker', 'up', 'shared', 'shared.picture', 'shared.text'];

    /** Routes for those who are not signed in. */
    private const BEFORE = ['sign-in', 'first-look', 'sign-in.try', 'register', 'register.try', 'look-around', 'forgotten', 'forgotten.try'];

    /** What a guest of the day may: its deck, its log, its crew and the rules it names. */
    private const GUESTS = ['rule.today', 'fish', 'log', 'ahead', 'ribbon', 'crew', 'crew.keep', 'crew.leave'];

    /** Routes whose words stand for things that are nobody's: rules, lures, forms of a file. */
    private const WORDS = ['id' => 'W1', 'lure' => 'spinnerbait', 'form' => 'gpx', 'token' => '', 'code' => 'ACDEFHJK', 'key' => '0123456789abcdef'];

    private User $wren;

    private User $bob;

    /** @var array<string, string> what is Wren's, by the name of the parameter */
    private array $ids;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler()->refresh();
        $this->bob = $this->angler('bob@old-eddy.example')->refresh();
        $lake = $this->wren->lakes()->create(['name' => 'Alder pond']);
        $spot = $lake->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1]);
        $trip = $this->trip($this->wren);
        $trip->update(['lake_id' => $lake->id]);
        $stint = (string) Str::uuid();
        $this->actingAs($this->wren)->log($trip, [$this->stint($stint)])->assertOk();
        $dispute = DB::table('disputes')->insertGetId(['trip_id' => $trip->id, 'stint_id' => $stint, 'field' => 'cover', 'kept' => 'rock', 'other' => 'wood']);
        $layer = $lake->layers()->create(['name' => 'file.csv', 'state' => 'laid']);
        $share = Share::query()->create(['trip_id' => $trip->id, 'token' => str_repeat('w', 40), 'spots' => 'hidden']);
        $item = $this->wren->items()->create(['lure' => 'tube']);
        $device = Device::enter($this->wren, 'a token', 'Mobile');
        $this->ids = [
            'trip' => (string) $trip->id, 'lake' => (string) $lake->id, 'spot' => (string) $spot->id, 'layer' => (string) $layer->id, 'dispute' => (string) $dispute,
            'guest' => (string) $trip->guests()->create(['user_id' => $this->angler('tess@old-eddy.example')->id, 'name' => 'Tess'])->id,
            'item' => (string) $item->id, 'token' => $share->token, 'device' => (string) $device->id, 'archive' => (string) $this->wren->archives()->create(['way' => 'out', 'state' => 'ready'])->id,
        ] + self::WORDS;
        $this->app?->make('auth')->forgetGuards();
    }

    public function test_nobody_comes_past_the_sign_in(): void
    {
        $walked = 0;
        foreach ($this->routes() as [$method, $route]) {
            if (in_array($route->getName(), [...self::OPEN, ...self::BEFORE], true)) {
                continue;
            }
            $this->call($method, $this->uri($route))->assertRedirect(route('sign-in'));
            $this->json($method, $this->uri($route))->assertStatus(401);
            $walked++;
        }
        self::assertGreaterThan(75, $walked);
        self::assertSame([], array_diff([...self::OPEN, ...self::BEFORE], array_map(static fn (array $r): ?string => $r[1]->getName(), $this->routes())), 'a route that is gone');
    }

    public function test_what_is_anothers_is_not_there_and_stays_as_it_is(): void
    {
        $this->actingAs($this->bob);
        $before = $this->all();
        $walked = 0;
        foreach ($this->routes() as [$method, $route]) {
            if (array_intersect(['trip', 'lake', 'item', 'device', 'archive'], $route->parameterNames()) === []) {
                continue;
            }
            $this->call($method, $this->uri($route), $this->sent())->assertNotFound();
            $walked++;
        }
        self::assertGreaterThan(55, $walked);
        // Nor does an id that is sent along open anything: every form of Bob's, with Wren's ids in it.
        $lake = $this->bob->lakes()->create(['name' => 'Own pond']);
        $trip = $this->trip($this->bob);
        $trip->update(['lake_id' => $lake->id]);
        $item = $this->bob->items()->create(['lure' => 'tube']);
        $own = ['trip' => (string) $trip->id, 'lake' => (string) $lake->id, 'item' => (string) $item->id] + $this->ids;
        foreach ($this->routes() as [$method, $route]) {
            if (! in_array($route->getName(), [...self::OPEN, ...self::BEFORE, 'sign-out'], true) && $method !== 'GET') {
                $status = $this->call($method, $this->uri($route, $own), $this->sent())->getStatusCode();
                self::assertLessThan(500, $status, "{$method} {$route->uri()}");
                if (Trip::query()->whereKey($trip->id)->value('lake_id') !== $lake->id) {
                    self::assertNotSame((int) $this->ids['lake'], Trip::query()->whereKey($trip->id)->value('lake_id'), "{$route->uri()} takes another's lake");
                    $trip->update(['lake_id' => $lake->id]);
                }
            }
        }
        self::assertEquals($before, $this->all(), 'nothing of Wren\'s was changed');
    }

    public function test_a_guest_of_the_day_comes_to_its_deck_and_no_further(): void
    {
        $tess = User::query()->where('email', 'tess@old-eddy.example')->firstOrFail();
        Trip::query()->whereKey($this->ids['trip'])->update(['join_until' => now()->addHour()]);
        $before = $this->all();
        $walked = [];
        foreach ($this->routes() as [$method, $route]) {
            if (array_intersect(['trip', 'lake', 'item', 'device', 'archive'], $route->parameterNames()) === [] || $route->getName() === 'crew.leave') {
                continue;
            }
            $answer = $this->actingAs($tess)->call($method, $this->uri($route), $this->sent());
            $may = in_array($route->getName(), self::GUESTS, true);
            self::assertSame($may ? ($route->getName() === 'crew.keep' ? 302 : 200) : 404, $answer->getStatusCode(), "{$method} {$route->uri()}");
            $walked[(int) $may] = ($walked[(int) $may] ?? 0) + 1;
        }
        self::assertGreaterThan(50, $walked[0]);
        self::assertSame(count(self::GUESTS) - 1, $walked[1]);
        self::assertEquals($before, $this->all(), 'the log takes nothing of what was sent: it is the owner\'s to say');
        $this->actingAs($tess)->delete(route('crew.leave', $this->ids['trip']))->assertRedirect(route('days'));
        $this->actingAs($tess)->get(route('fish', $this->ids['trip']))->assertNotFound();
    }

    public function test_a_reader_of_a_share_reads_that_report_and_nothing_else(): void
    {
        foreach (['shared', 'shared.picture', 'shared.text'] as $page) {
            $this->get(route($page, $this->ids['token']))->assertOk();
            $this->get(route($page, str_repeat('x', 40)))->assertNotFound();
        }
        $this->get('/shared/'.$this->ids['trip'])->assertNotFound();
        $this->get(route('look-back.day', $this->ids['trip']))->assertRedirect(route('sign-in'));
        $this->actingAs($this->bob)->get(route('shared', $this->ids['token']))->assertOk();
    }

    /** Every parameter of a route is one that this test knows whose it is. */
    public function test_no_route_has_a_parameter_without_an_owner(): void
    {
        foreach ($this->routes() as [, $route]) {
            self::assertSame([], array_diff($route->parameterNames(), array_keys($this->ids)), "{$route->uri()}: say in WhoMayTest whose it is");
        }
    }

    /** @return list<array{string, OneRoute}> every method of every route of ours */
    private function routes(): array
    {
        $routes = [];
        foreach (Route::getRoutes() as $route) {
            foreach (str_starts_with($route->uri(), '_') || str_starts_with($route->uri(), 'storage') || in_array($route->getName(), ['bare'], true) ? []
                : array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                $routes[] = [$method, $route];
            }
        }

        return $routes;
    }

    /** @param  array<string, string>|null  $ids */
    private function uri(OneRoute $route, ?array $ids = null): string
    {
        $ids ??= $this->ids;

        return '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn (array $m): string => $ids[$m[1]] ?? '0', $route->uri());
    }

    /** @return array<string, mixed> what forms send, with Wren's ids wherever one can stand */
    private function sent(): array
    {
        return [
            'lake' => $this->ids['lake'], 'spot' => $this->ids['spot'], 'items' => [$this->ids['item']], 'what' => 'cleaned_on', 'start' => $this->ids['spot'], 'minute' => 600,
            'wish' => [$this->ids['spot'] => 'must'], 'from' => '07:00', 'to' => '11:00', 'minutes' => 20, 'speed' => 20, 'name' => 'x', 'date' => '2026-04-20', 'ask' => (string) Str::uuid(),
            'spots' => 'named', 'notes' => 'x', 'take' => 'other', 'do' => 'out', 'units' => 'us',
            'events' => [$this->event('pick', ['spot' => 'Wall']), $this->event('remove', ['stint' => (string) DB::table('stints')->value('id')])],
        ];
    }

    /** @return array<string, list<mixed>> all that is Wren's */
    private function all(): array
    {
        $trips = Trip::query()->where('user_id', $this->wren->id)->pluck('id');
        $lakes = Lake::query()->where('user_id', $this->wren->id)->pluck('id');

        return [
            'devices' => DB::table('devices')->where('user_id', $this->wren->id)->get()->toArray(), 'angler' => DB::table('users')->where('id', $this->wren->id)->get()->toArray(), 'days' => DB::table('trips')->whereIn('id', $trips)->get(['id', 'conditions', 'lake_id', 'notes', 'route', 'here'])->toArray(),
            'stints' => DB::table('stints')->whereIn('trip_id', $trips)->get()->toArray(), 'events' => DB::table('log_events')->whereIn('trip_id', $trips)->get()->toArray(),
            'rack' => DB::table('rack_slots')->whereIn('trip_id', $trips)->get()->toArray(), 'disputes' => DB::table('disputes')->whereIn('trip_id', $trips)->get()->toArray(),
            'shares' => DB::table('shares')->whereIn('trip_id', $trips)->get()->toArray(), 'lakes' => DB::table('lakes')->whereIn('id', $lakes)->get(['id', 'name', 'dropped'])->toArray(),
            'spots' => LakeSpot::query()->whereIn('lake_id', $lakes)->toBase()->get()->toArray(), 'layers' => DB::table('layers')->whereIn('lake_id', $lakes)->get(['id', 'state', 'name'])->toArray(),
            'box' => DB::table('box_items')->where('user_id', $this->wren->id)->get()->toArray(),
        ];
    }
}
