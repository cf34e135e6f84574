<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Models\Trip;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/**
 * The log of a day while entries are being taken: read once, added to in memory, written together. Whoever wants to read or
 * change the log itself has what waits written first.
 */
final class Batch
{
    private const ROWS = 250;

    /** @var array<string, array<string, mixed>>|null the day's stints by id, those taken out as well */
    private ?array $stints = null;

    /** @var array<string, string>|null the stint of each of the day's contacts, those taken out as well */
    private ?array $contacts = null;

    private ?bool $hasFixes = null;

    /** @var list<array<string, mixed>> */
    private array $events = [];

    /** @var array<string, array<string, mixed>> new stints by the id of their event */
    private array $begun = [];

    /** @var array<string, int> casts to be added by stint */
    private array $casts = [];

    /** @var list<array<string, mixed>> */
    private array $caught = [];

    private readonly CarbonInterface $now;

    /** @param  ?int  $by  the account of whoever logs, where it is not the owner */
    public function __construct(private readonly Trip $trip, private readonly ?int $by = null)
    {
        $this->now = now();
    }

    /** @return array<string, mixed>|null */
    public function stint(mixed $id): ?array
    {
        return is_string($id) ? $this->stints()[$id] ?? null : null;
    }

    public function hasContact(mixed $id): bool
    {
        return $this->stintOfContact($id) !== null;
    }

    /** The id of the stint that a contact belongs to; null where it is none of the day's. */
    public function stintOfContact(mixed $id): ?string
    {
        $this->contacts ??= [...$this->contactsOfDay(), ...array_column($this->caught, 'stint_id', 'id')];

        return is_string($id) ? $this->contacts[$id] ?? null : null;
    }

    /** @return array<string, mixed>|null the newest stint at a spot, of those that were not taken out */
    public function lastAt(string $spot): ?array
    {
        $last = null;
        foreach ($this->stints() as $stint) {
            if ($stint['deleted_at'] === null
                && mb_strtolower((string) $stint['spot']) === mb_strtolower($spot)
                && ($last === null || $stint['started_at'] >= $last['started_at'])) {
                $last = $stint;
            }
        }

        return $last;
    }

    /** All casts of the day, those waiting counted in. */
    public function casts(): int
    {
        return array_sum(array_map(static fn (array $s): int => $s['deleted_at'] === null ? (int) $s['cast_count'] : 0, $this->stints()));
    }

    /** Whether a boat told where it was. */
    public function hasFixes(): bool
    {
        return $this->hasFixes ??= $this->trip->fixes()->exists();
    }

    /** @param  array<string, mixed>  $row */
    public function event(array $row): void
    {
        $this->events[] = $row + ['user_id' => $this->by, 'trip_id' => $this->trip->id, 'created_at' => $this->now];
    }

    /** @param  array<string, mixed>  $row */
    public function begin(string $event, array $row): void
    {
        $row += ['user_id' => $this->by, 'trip_id' => $this->trip->id, 'cast_count' => 0, 'created_at' => $this->now, 'updated_at' => $this->now];
        $this->begun[$event] = $row;
        $this->stints();
        $this->stints[$row['id']] = $row + ['deleted_at' => null];
    }

    public function cast(string $stint, int $count): void
    {
        $this->casts[$stint] = ($this->casts[$stint] ?? 0) + $count;
        $this->stints();
        $this->stints[$stint]['cast_count'] += $count;
    }

    /** @param  array<string, mixed>  $row */
    public function contact(array $row): void
    {
        $this->caught[] = $row + ['trip_id' => $this->trip->id, 'created_at' => $this->now, 'updated_at' => $this->now];
        if ($this->contacts !== null) {
            $this->contacts[$row['id']] = (string) $row['stint_id'];
        }
    }

    /** @return list<array{spot: string, casts: int}> casts that wait to be written, with where they were made */
    public function castNow(): array
    {
        $cast = [];
        foreach ($this->casts as $stint => $casts) {
            $of = $this->stints()[$stint];
            $cast[] = ['spot' => (string) $of['spot'], 'casts' => $of['deleted_at'] === null ? $casts : 0];
        }

        return $cast;
    }

    /** Writes what waits. */
    public function flush(): void
    {
        foreach (array_chunk($this->events, self::ROWS) as $some) {
            LogEvent::query()->insert($some);
        }
        if ($this->begun !== []) {
            // Two stints can begin within one second: the log's own order tells them apart.
            $seq = LogEvent::query()->whereIn('id', array_keys($this->begun))->pluck('seq', 'id');
            foreach (array_chunk(
                array_map(static fn (array $row, string $event): array => $row + ['seq' => $seq[$event] ?? 0], $this->begun, array_keys($this->begun)),
                self::ROWS,
            ) as $some) {
                Stint::query()->insert($some);
            }
        }
        foreach (array_chunk($this->casts, self::ROWS, true) as $some) {
            $cases = implode(' ', array_fill(0, count($some), 'when ? then ?'));
            $bindings = array_merge(...array_map(static fn (string $id, int $n): array => [$id, $n], array_keys($some), $some));
            $in = implode(', ', array_fill(0, count($some), '?'));
            DB::update(
                "update stints set cast_count = cast_count + case id {$cases} else 0 end, updated_at = ? where trip_id = ? and id in ({$in})",
                [...$bindings, $this->now, $this->trip->id, ...array_keys($some)],
            );
        }
        foreach (array_chunk($this->caught, self::ROWS) as $some) {
            Contact::query()->insert($some);
        }
        $this->events = $this->begun = $this->casts = $this->caught = [];
    }

    /** To be called when the log itself was changed: what was read of it holds no longer. */
    public function forget(): void
    {
        $this->stints = $this->contacts = null;
    }

    /** @return array<string, array<string, mixed>> */
    private function stints(): array
    {
        return $this->stints ??= DB::table('stints')->where('trip_id', $this->trip->id)->orderBy('started_at')->orderBy('seq')
            ->get(['id', 'started_at', 'spot', 'spot_id', 'lure', 'structure', 'cover', 'cover_part', 'water_depth_ft', 'light', 'cast_count', 'line', 'user_id', 'deleted_at'])
            ->mapWithKeys(static fn (object $s): array => [$s->id => (array) $s])->all();
    }

    /** @return array<string, string> */
    private function contactsOfDay(): array
    {
        /** @var array<string, string> */
        return DB::table('contacts')->where('trip_id', $this->trip->id)->pluck('stint_id', 'id')->all();
    }
}
