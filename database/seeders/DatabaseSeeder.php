<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Boat\Listener;
use App\Day\SpreadOfDay;
use App\Jobs\SumDays;
use App\Log\EventTaker;
use App\Log\Generator;
use App\Models\BoxItem;
use App\Models\DemoCopy;
use App\Models\Lake;
use App\Models\RackSlot;
use App\Models\Trip;
use App\Models\User;
use App\Waters\Layers;
use App\Waters\SketchBook;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LogicException;
use OldEddy\Boat\SimulatedBoat;
use OldEddy\Contract\SpreadContract;
use OldEddy\Troll\BoatKind;
use Ramsey\Uuid\Uuid;

/** The demo scenario: an invented reservoir with two creek arms, a mill pond, the river below, and one angler's days on them. Loaded once. */
final class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'quiet-water';

    private const NAMESPACE = 'f3b0c442-98fc-4c14-9afb-f4c8996fb924';

    public function run(): void
    {
        $marlo = User::query()->firstOrCreate(['email' => DemoCopy::EMAIL], ['name' => 'Marlo', 'password' => self::PASSWORD]);
        if ($marlo->trips()->exists()) {
            return;
        }
        DB::transaction(function () use ($marlo): void {
            $lakes = [];
            foreach (['Ottermark Reservoir' => 'lake', 'The mill pond' => 'pond', 'River below Ottermark' => 'river'] as $name => $file) {
                $lakes[$file] = $this->lake($marlo, $name, require __DIR__."/{$file}.php");
            }
            $this->drawn($marlo, 'Tannery hole', require __DIR__.'/sketch.php');
            // Marlo goes his own way at times, cannot leave a dock, and should look at the hooks of one plug.
            $ways = ['own' => true, 'lingers' => ['dock', 16], 'loses' => 'lipless_crankbait'];
            $fished = FishedDays::read();
            foreach (require __DIR__.'/seasons.php' as $i => [$name, $file, $conditions, $minutes, $notes]) {
                (new Generator($marlo))->day(100 + $i, $name, $lakes[$file], $conditions, $minutes, $ways, $fished[$i])->update(['notes' => $notes]);
            }
            $this->box($marlo);
            foreach (require __DIR__.'/scenario.php' as $day) {
                $this->day($marlo, $lakes[$day['lake'] ?? 'lake'], $day);
            }
            // A visitor's copy has it with it.
            dispatch_sync(new SumDays($marlo->id));
        });
    }

    /** One of the lakes of the demo, marked and with its depths. */
    public static function lakeOf(User $angler, string $file): Lake
    {
        return (new self)->lake($angler, $file, require __DIR__."/{$file}.php");
    }

    private function box(User $angler): void
    {
        foreach (require __DIR__.'/box.php' as [$lure, $color, $ounces, $rated, $number, $name, $state]) {
            BoxItem::withoutEvents(fn () => $angler->items()->create(
                ['lure' => $lure, 'color' => $color, 'weight_oz' => $ounces, 'rated_ft' => $rated, 'number' => $number, 'name' => $name, ...$state],
            ));
        }
        BoxItem::keepFor($angler);
    }

    /** @param  array<string, mixed>  $drawing  of a water without a chart */
    private function drawn(User $angler, string $name, array $drawing): void
    {
        /** @var Lake $lake */
        $lake = $angler->lakes()->create(['name' => $name]);
        (new SketchBook($lake))->keep($drawing, ['number' => 1, 'picture' => null]);
    }

    /**
     * The grid, the ramp, names of sections, spots, and a zone without wake where there is one.
     *
     * @param  array{\OldEddy\Where\Lake\DepthGrid, array{int, int}, list<array{string, int, int}>, list<list<mixed>>, 4?: list<array{int, int}>|null}  $made
     */
    private function lake(User $angler, string $name, array $made): Lake
    {
        [$grid, $ramp, $sections, $spots, $noWake] = [...$made, null];
        $at = static fn (float $east, float $south): array => $grid->position($east / $grid->cellM, $south / $grid->cellM);
        /** @var Lake $lake */
        $lake = $angler->lakes()->create(['name' => $name]);
        $lake->keepGrid($grid);
        $lake->update([
            'ramp_lat' => $at(...$ramp)[0], 'ramp_lon' => $at(...$ramp)[1],
            'sections' => array_map(static fn (array $s): array => ['name' => $s[0], 'lat' => $at($s[1], $s[2])[0], 'lon' => $at($s[1], $s[2])[1]], $sections),
            'no_wake' => $noWake === null ? null : [array_map(static fn (array $p): array => array_reverse($at(...$p)), $noWake)],
        ]);
        (new Layers($lake))->keepWhatWasThere();
        foreach ($spots as $spot) {
            [$name, $east, $south, $structure, $cover, $shallow, $deep, $near, $faces, $height, $setback, $dock, $flows] = [...$spot, null];
            [$lat, $lon] = $at($east, $south);
            $lake->spots()->create([
                'name' => $name, 'lat' => $lat, 'lon' => $lon, 'structure' => $structure, 'cover' => $cover, 'shallow_ft' => $shallow, 'deep_ft' => $deep,
                'depth_nearby_ft' => $near, 'bank_faces_deg' => $faces, 'object_height_ft' => $height, 'setback_ft' => $setback,
                'flows_to_deg' => $flows, 'dock' => $dock, ...$lake->read($lat, $lon),
            ]);
        }

        return $lake;
    }

    /** @param  array<string, mixed>  $day */
    private function day(User $angler, Lake $lake, array $day): void
    {
        /** @var Trip $trip */
        $trip = $angler->trips()->create(['name' => $day['name'], 'conditions' => $day['conditions'], 'lake_id' => $lake->id]);
        $trip->setRelation('user', $angler);
        $plan = $trip->plan();
        foreach ($plan->rods as $rod) {
            RackSlot::query()->create([
                'trip_id' => $trip->id, 'lure' => $rod->lure->key, 'color' => $rod->colors()[0]->family->value,
                'depth_ft' => $rod->setup()->depthFt, 'retrieve' => $rod->setup()->cadence->key,
            ]);
        }
        $taker = new EventTaker($trip);
        $spot = $trip->conditions['spot'] ?? null;
        foreach ($day['stints'] as $i => [$clock, $place, $cover, $lure, $color, $depthFt, $retrieve, $casts, $contacts]) {
            // The spot of the moment is the state of the day while its stint begins.
            $trip->conditions = [...$trip->conditions, 'spot' => [...($spot ?? []), 'cover' => [$cover]]];
            $taker->take($this->events(
                "{$day['name']}/{$i}",
                $day['conditions']['date'].'T'.$clock.':00',
                $place,
                $lure,
                $color,
                $depthFt,
                $retrieve,
                $casts,
                $contacts,
            ));
        }
        $this->tow($trip, $taker, $day['tows'] ?? []);
        $trip->conditions = $day['conditions'];
        $trip->closed_at = $day['open'] ?? false ? null : Carbon::parse($day['conditions']['date'].' 18:00:00');
        $trip->save();
        if ($trip->isOpen()) {
            $this->hear($trip);
        }
    }

    /**
     * Lines of a spread that were set, struck and taken in.
     *
     * @param  list<array{string, string, string, array<string, array{string, 1?: ?float, 2?: string}>}>  $tows
     */
    private function tow(Trip $trip, EventTaker $taker, array $tows): void
    {
        $spread = $tows === [] ? null : SpreadOfDay::planned($trip, BoatKind::Boat, count($tows));
        if ($spread === null) {
            return;
        }
        $trip->update(['spread' => SpreadContract::kept($spread)]);
        $at = static fn (string $clock): string => $trip->conditions['date']."T{$clock}:00";
        $id = static fn (string $part): string => Uuid::uuid5(self::NAMESPACE, "{$trip->name}/{$part}")->toString();
        foreach ($tows as [$key, $set, $lifted, $strikes]) {
            $running = $spread->line($key);
            if ($running === null) {
                continue;
            }
            $events = [SpreadOfDay::entry($running) + [
                'id' => $id("{$key} set"), 'kind' => 'tow', 'at' => $at($set), 'stint' => $id($key), 'spot' => 'Old channel', 'mph' => round($spread->speedMph, 1),
            ]];
            foreach ($strikes as $clock => $strike) {
                $events[] = [
                    'id' => $id("{$key} {$clock}"), 'kind' => 'contact', 'at' => $at($clock), 'stint' => $id($key), 'contact' => $id("{$key} {$clock} fish"),
                    'contact_kind' => $strike[0], 'mph' => round($spread->speedMph, 1), 'in_turn' => $strike[2] ?? null,
                ];
                if (isset($strike[1])) {
                    $events[] = [
                        'id' => $id("{$key} {$clock} length"), 'kind' => 'detail', 'at' => $at($clock), 'contact' => $id("{$key} {$clock} fish"), 'fields' => ['length' => $strike[1]], 'units' => 'us',
                    ];
                }
            }
            $events[] = ['id' => $id("{$key} lift"), 'kind' => 'lift', 'at' => $at($lifted), 'stint' => $id($key)];
            foreach ($taker->take($events) as $answer) {
                throw_unless($answer['became'] === 'taken', new LogicException("{$key}: ".json_encode($answer)));
            }
        }
    }

    /** The boat's instruments of the open day, with a few lines that the wind tore. */
    private function hear(Trip $trip): void
    {
        $boat = new SimulatedBoat(require __DIR__.'/track.php', new DateTimeImmutable($trip->conditions['date'].'T14:43:00Z'));
        $listener = new Listener($trip);
        for ($second = 0; $second <= $boat->lastsS(); $second++) {
            foreach ($boat->sentences($second) as $i => $line) {
                $listener->hear($second % 400 === 399 && $i === 1 ? substr($line, 0, -4) : $line);
            }
        }
        $listener->keep();
    }

    /**
     * @param  array<int, array{string, 1?: float, 2?: string}>  $contacts  by cast: kind, length, hooked
     * @return list<array<string, mixed>>
     */
    private function events(
        string $name,
        string $at,
        string $place,
        string $lure,
        string $color,
        float $depthFt,
        string $retrieve,
        int $casts,
        array $contacts,
    ): array {
        $id = static fn (string $part): string => Uuid::uuid5(self::NAMESPACE, "{$name}/{$part}")->toString();
        $stint = $id('stint');
        $events = [[
            'id' => $id('begin'), 'kind' => 'stint', 'at' => $at, 'stint' => $stint, 'spot' => $place, 'lure' => $lure, 'color' => $color,
            'depth_ft' => $depthFt, 'retrieve' => $retrieve,
        ]];
        $made = 0;
        foreach ($contacts as $cast => $contact) {
            $events[] = ['id' => $id("casts {$cast}"), 'kind' => 'casts', 'at' => $at, 'stint' => $stint, 'count' => $cast - $made];
            $events[] = [
                'id' => $id("contact {$cast}"), 'kind' => 'contact', 'at' => $at, 'stint' => $stint, 'contact' => $id("fish {$cast}"),
                'contact_kind' => $contact[0],
            ];
            if (isset($contact[1])) {
                $events[] = [
                    'id' => $id("detail {$cast}"), 'kind' => 'detail', 'at' => $at, 'contact' => $id("fish {$cast}"),
                    'fields' => ['length' => $contact[1], 'hooked' => $contact[2] ?? null], 'units' => 'us',
                ];
            }
            $made = $cast;
        }
        if ($casts > $made) {
            $events[] = ['id' => $id('rest'), 'kind' => 'casts', 'at' => $at, 'stint' => $stint, 'count' => $casts - $made];
        }

        return $events;
    }
}
