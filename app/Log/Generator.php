<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\Habit\BothWays;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\HiddenDay;
use OldEddy\Drill\Outing;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Reading\WaterReader;
use Ramsey\Uuid\Uuid;

/**
 * Makes whole days of log: seasons for the demo, fished by the advice on hidden days, and as many casts and contacts as a
 * measurement wants. The same seed makes the same days.
 */
final class Generator
{
    private const NAMESPACE = '8c5e7e0e-1d0c-4f0a-9a55-0f2f6f7f6d11';

    /** Days of a spring. */
    private const SPRING = 35;

    /** Over no more years than this. */
    private const YEARS = 30;

    /** The minute of the day at which an outing begins. */
    private const BEGINS = 360;

    public function __construct(private readonly User $angler)
    {
    }

    /**
     * One day fished on a hidden day, at the spots of a lake: by the advice, or in part one's own way; its fish are measured, some weighed.
     *
     * @param  array<string, mixed>  $conditions
     * @param  array{own?: bool, lingers?: array{string, int}, loses?: string}  $ways  of the angler: whether he goes his own way at times, at which
     *                                                                                structure he casts on in vain for so many casts, with which lure he
     *                                                                                loses fish
     * @param  ?list<Stint>  $fished  how it went, where that was written down before
     */
    public function day(int $seed, string $name, Lake $lake, array $conditions, float $minutes, array $ways = [], ?array $fished = null): Trip
    {
        $own = $ways['own'] ?? false;
        $log = self::lingering($fished ?? self::fished($seed, $lake, $conditions, $minutes, $own), ...$ways['lingers'] ?? ['', 0]);

        return $this->keep($name, $conditions, "day {$seed}", $log, $lake, new FishMade($seed, $conditions, $ways['loses'] ?? null), $own);
    }

    /**
     * How a hidden day at the spots of a lake goes; it takes half a second and more.
     *
     * @param  array<string, mixed>  $conditions
     * @return list<Stint>
     */
    public static function fished(int $seed, Lake $lake, array $conditions, float $minutes, bool $own): array
    {
        $stand = WaterReader::read(Settler::settle(ConditionsReader::read($conditions)))->stand;
        $places = $lake->spots->map(static fn (LakeSpot $s): Fishable => $s->place()->toFish($stand->middleFt(), 0.0))->all();
        $day = HiddenDay::of($seed, new Choices(array_values($places), DrillWater::choices()->presentations));

        return Outing::fish($day, $own ? new BothWays : new FollowsAdvice, $minutes)->stints;
    }

    /**
     * @param  list<Stint>  $log
     * @return list<Stint> with so many casts in vain at the end of each stint at a structure
     */
    private static function lingering(array $log, string $structure, int $casts): array
    {
        return array_map(static fn (Stint $s): Stint => ($s->levels['structure'] ?? null) !== $structure ? $s : new Stint(
            $s->at, $s->levels, $s->depthFt, $s->casts + $casts, null, $s->contacts, $s->waterDepthFt, $s->weightOz, $s->lengthIn,
        ), $log);
    }

    /**
     * Days with so many casts and contacts in all, spread evenly, all in the spring of one year after the other.
     *
     * @param  array<string, mixed>  $conditions
     */
    public function bulk(int $casts, int $contacts, array $conditions): void
    {
        $offers = DrillWater::choices();
        // A year is as long a spring as all the days want, back to years that there can be.
        $spring = max(self::SPRING, (int) ceil($casts / 20 / 15 / self::YEARS));
        $kinds = ContactKind::cases();
        $stints = intdiv($casts, 20);
        $made = 0;
        for ($n = 0; $n < $stints;) {
            $log = [];
            for ($i = 0; $i < 15 && $n < $stints; $i++, $n++) {
                $due = intdiv($contacts * ($n + 1), $stints) - $made;
                $made += $due;
                $place = $offers->places[($n * 7 + intdiv($n, 11)) % count($offers->places)];
                $lure = $offers->presentations[($n * 3 + intdiv($n, 5)) % count($offers->presentations)];
                $at = sprintf('2026-05-02T%02d:%02d:00', 6 + intdiv($i * 25, 60), $i * 25 % 60);
                $log[] = new Stint($at, [...$place->levels(), ...$lure->levels()], null, 20, null, array_map(
                    static fn (int $k): Contact => new Contact($kinds[($n + $k) % count($kinds)], atCast: 1 + ($n + 3 * $k) % 20),
                    range(1, max(1, $due)),
                ), $place->waterDepthFt);
                if ($due === 0) {
                    $log[count($log) - 1] = new Stint($log[count($log) - 1]->at, $log[count($log) - 1]->levels, null, 20, null, [], $place->waterDepthFt);
                }
            }
            $nth = intdiv($n - 1, 15);
            $date = date('Y-m-d', (int) strtotime(sprintf('%d-04-10 +%d days', 2026 - intdiv($nth, $spring), $nth % $spring)));
            $this->keep("Generated day {$n}", ['date' => $date] + $conditions, "bulk {$n}", $log);
        }
    }

    /**
     * @param  array<string, mixed>  $conditions
     * @param  list<Stint>  $log
     */
    private function keep(string $name, array $conditions, string $key, array $log, ?Lake $lake = null, ?FishMade $fish = null, bool $bothWays = false): Trip
    {
        /** @var Trip $trip */
        $trip = $this->angler->trips()->create(
            ['name' => $name, 'conditions' => $conditions, 'closed_at' => $conditions['date'].' 18:00:00', 'lake_id' => $lake?->id],
        );
        $spots = $lake?->spots->pluck('id', 'name');
        $stints = [];
        $contacts = [];
        foreach ($log as $i => $stint) {
            $id = Uuid::uuid5(self::NAMESPACE, "{$this->angler->id} {$key} {$i}")->toString();
            $at = Carbon::parse($conditions['date'].substr($stint->at, 10));
            $stints[] = [
                'id' => $id, 'trip_id' => $trip->id, 'started_at' => $at->format('Y-m-d H:i:s'), 'spot' => $stint->levels['spot'],
                'spot_id' => $spots[$stint->levels['spot']] ?? null, 'lure' => $stint->levels['lure'],
                'color' => $stint->levels['color'], 'retrieve' => $stint->levels['retrieve'], 'depth_ft' => $stint->depthFt ?? $stint->waterDepthFt ?? 0.0,
                'water_depth_ft' => $stint->waterDepthFt, 'weight_oz' => $stint->weightOz, 'length_in' => $stint->lengthIn,
                'structure' => $stint->levels['structure'] ?? null,
                'cover' => $stint->levels['cover'] ?? null, 'cover_part' => $stint->levels['cover_part'] ?? null,
                'light' => $stint->levels['light'] ?? null, 'cast_count' => $stint->casts,
                'followed' => $bothWays && $i > 0 ? ! BothWays::isOwnWay((int) Carbon::parse($stint->at)->secondsSinceMidnight() / 60 - self::BEGINS) : null,
            ];
            foreach ($stint->contacts as $n => $contact) {
                $contacts[] = [
                    'id' => Uuid::uuid5(self::NAMESPACE, "{$id} {$n}")->toString(), 'trip_id' => $trip->id, 'stint_id' => $id,
                    'at' => $at->copy()->addSeconds(Limits::CAST_S * (int) $contact->atCast)->format('Y-m-d H:i:s'), 'kind' => $contact->kind->value,
                    'at_cast' => $contact->atCast,
                    ...$fish?->of($contact->kind, $stint->levels['lure']) ?? [],
                ];
            }
        }
        foreach (['stints' => $stints, 'contacts' => $contacts] as $table => $rows) {
            foreach (array_chunk($rows, 500) as $some) {
                DB::table($table)->insert($some);
            }
        }
        $trip->recount();

        return $trip;
    }
}
