<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Which of the ids that a batch brings are in use already, in this day or in another; asked once for all of them. */
final class UsedIds
{
    /** Kinds of entries that bring a stint's id. */
    private const BEGIN = ['stint', 'tow'];

    /** @var array<string, bool> ids of entries; whether they are this day's */
    private array $events;

    /** @var array<string, true> */
    private array $stints;

    /** @var array<string, true> */
    private array $contacts;

    /** @param  list<mixed>  $events */
    public function __construct(private readonly Trip $trip, array $events)
    {
        $ids = static fn (string $field, ?string $kind = null): array => array_values(
            array_unique(array_filter(
                array_map(
                    static fn (mixed $e): mixed => is_array($e) && ($kind === null || ($e['kind'] ?? null) === $kind) ? $e[$field] ?? null : null,
                    $events,
                ),
                Str::isUuid(...),
            )),
        );
        $this->events = DB::table('log_events')->whereIn('id', $ids('id'))->pluck('trip_id', 'id')->map(
            fn (mixed $trip): bool => (int) $trip === $this->trip->id,
        )->all();
        $this->stints = self::inUse('stints', [...$ids('stint', 'stint'), ...$ids('stint', 'tow')]);
        $this->contacts = self::inUse('contacts', $ids('contact', 'contact'));
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true>
     */
    private static function inUse(string $table, array $ids): array
    {
        return $ids === [] ? [] : array_fill_keys(DB::table($table)->whereIn('id', $ids)->pluck('id')->all(), true);
    }

    /** Whether an entry was taken before. */
    public function isKnown(string $id): bool
    {
        return $this->events[$id] ?? false;
    }

    /**
     * Why an entry cannot be taken under its ids, in words; null where it can.
     *
     * @param  array<array-key, mixed>  $event
     */
    public function conflict(array $event, string $kind): ?string
    {
        return match (true) {
            isset($this->events[$event['id']]) => 'The id of this entry is in use in another day.',
            in_array($kind, self::BEGIN, true) && isset($this->stints[$event['stint']]) => 'The id of this stint is in use already.',
            $kind === 'contact' && isset($this->contacts[$event['contact']]) => 'The id of this contact is in use already.',
            default => null,
        };
    }

    /** @param  array<array-key, mixed>  $event */
    public function use(array $event, string $kind): void
    {
        $this->events[$event['id']] = true;
        if (in_array($kind, self::BEGIN, true)) {
            $this->stints[$event['stint']] = true;
        } elseif ($kind === 'contact') {
            $this->contacts[$event['contact']] = true;
        }
    }
}
