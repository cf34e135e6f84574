<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use OldEddy\Color\ColorFamily;
use OldEddy\Evidence\ContactKind;
use OldEddy\Evidence\Hooked;
use OldEddy\Lures\Catalog;
use OldEddy\Season\Species;

/**
 * Takes what the deck logged. Every event carries an id that its device made: an event that comes twice, from a double
 * tap, a repeated request or a second tab, is taken once.
 */
final class EventTaker
{
    /** What became of an event. */
    public const TAKEN = 'taken';

    public const KNOWN = 'known';

    public const REFUSED = 'refused';

    public function __construct(private readonly Trip $trip)
    {
    }

    /**
     * Takes events in the order given.
     *
     * @param  list<mixed>  $events
     * @return list<array{id: string, became: string, message: ?string}>
     */
    public function take(array $events): array
    {
        return array_map(fn (mixed $event): array => $this->takeOne(is_array($event) ? $event : []), $events);
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array{id: string, became: string, message: ?string}
     */
    private function takeOne(array $event): array
    {
        $id = is_string($event['id'] ?? null) ? $event['id'] : '';
        $check = Validator::make($event, $this->rules($event));
        if ($check->fails()) {
            return self::answer($id, self::REFUSED, $check->errors()->first());
        }

        return DB::transaction(function () use ($event, $id): array {
            $target = $this->target($event);
            if ($target !== null) {
                return self::answer($id, self::REFUSED, $target);
            }
            $fresh = LogEvent::query()->insertOrIgnore([
                'id' => $id, 'trip_id' => $this->trip->id, 'kind' => $event['kind'], 'stint_id' => $event['stint'] ?? null,
                'count' => $event['count'] ?? 0, 'contact_id' => $event['contact'] ?? null, 'at' => $event['at'], 'created_at' => now(),
            ]) === 1;
            if ($fresh) {
                match ($event['kind']) {
                    'stint' => $this->begin($event),
                    'casts' => $this->trip->stints()->whereKey($event['stint'])->increment('cast_count', $event['count']),
                    'contact' => $this->touch($event),
                    'detail' => $this->trip->contacts()->whereKey($event['contact'])->firstOrFail()->update(Arr::only($event, ['species', 'length_in', 'hooked'])),
                    default => $this->undo($event['target']),
                };
            }

            return self::answer($id, $fresh ? self::TAKEN : self::KNOWN);
        });
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array<string, list<mixed>>
     */
    private function rules(array $event): array
    {
        $rules = [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::in(['stint', 'casts', 'contact', 'detail', 'undo'])],
            'at' => ['required', 'date_format:Y-m-d\TH:i:s'],
        ];

        return $rules + match ($event['kind'] ?? null) {
            'stint' => [
                'stint' => ['required', 'uuid'],
                'spot' => ['required', 'string', 'max:80'],
                'lure' => ['required', Rule::in(array_keys(Catalog::all()))],
                'color' => ['required', Rule::enum(ColorFamily::class)],
                'depth_ft' => ['required', 'numeric', 'between:0,1000'],
                'retrieve' => ['required', 'string', 'max:40'],
            ],
            'casts' => ['stint' => ['required', 'uuid'], 'count' => ['required', 'integer', 'between:1,500']],
            'contact' => ['stint' => ['required', 'uuid'], 'contact' => ['required', 'uuid'], 'contact_kind' => ['required', Rule::enum(ContactKind::class)]],
            'detail' => [
                'contact' => ['required', 'uuid'],
                'species' => ['nullable', Rule::enum(Species::class)],
                'length_in' => ['nullable', 'numeric', 'between:1,100'],
                'hooked' => ['nullable', Rule::enum(Hooked::class)],
            ],
            'undo' => ['target' => ['required', 'uuid']],
            default => [],
        };
    }

    /**
     * Whether what the event speaks of is there, in this day and no other.
     *
     * @param  array<array-key, mixed>  $event
     */
    private function target(array $event): ?string
    {
        $missing = match ($event['kind']) {
            'casts', 'contact' => ! $this->trip->stints()->whereKey($event['stint'])->exists(),
            'detail' => ! $this->trip->contacts()->whereKey($event['contact'])->exists(),
            'undo' => ! $this->trip->events()->where('id', $event['target'])->exists(),
            default => false,
        };

        return $missing ? 'What this entry belongs to is not in this day.' : null;
    }

    /** @param  array<array-key, mixed>  $event */
    private function begin(array $event): void
    {
        $spot = $this->trip->conditions['spot'] ?? [];
        Stint::query()->insertOrIgnore([
            'id' => $event['stint'], 'trip_id' => $this->trip->id, 'started_at' => $event['at'], 'spot' => $event['spot'],
            'lure' => $event['lure'], 'color' => $event['color'], 'depth_ft' => $event['depth_ft'], 'retrieve' => $event['retrieve'],
            'structure' => $spot['structure'] ?? null,
            'cover' => $spot['cover'][0] ?? null,
            'light' => ($spot['shaded'] ?? false) ? 'shade' : null,
            'created_at' => now(), 'updated_at' => now(),
        ]);
    }

    /** @param  array<array-key, mixed>  $event */
    private function touch(array $event): void
    {
        $stint = $this->trip->stints()->whereKey($event['stint'])->lockForUpdate()->firstOrFail();
        Contact::query()->insertOrIgnore([
            'id' => $event['contact'], 'trip_id' => $this->trip->id, 'stint_id' => $stint->id, 'at' => $event['at'],
            'kind' => $event['contact_kind'], 'at_cast' => max(1, $stint->cast_count), 'created_at' => now(), 'updated_at' => now(),
        ]);
    }

    private function undo(string $target): void
    {
        $event = LogEvent::query()->where('trip_id', $this->trip->id)->where('id', $target)->first();
        // Whoever marks it first takes it back: a second undo finds nothing to do.
        if ($event === null || LogEvent::query()->whereKey($event->seq)->where('undone', false)->update(['undone' => true]) === 0) {
            return;
        }
        match ($event->kind) {
            'casts' => $this->trip->stints()->whereKey($event->stint_id)->where('cast_count', '>=', $event->count)->decrement('cast_count', $event->count),
            'contact' => $this->trip->contacts()->whereKey($event->contact_id)->delete(),
            'stint' => $this->trip->stints()->whereKey($event->stint_id)->where('cast_count', 0)->whereDoesntHave('contacts')->delete(),
            default => null,
        };
    }

    /** @return array{id: string, became: string, message: ?string} */
    private static function answer(string $id, string $became, ?string $message = null): array
    {
        return ['id' => $id, 'became' => $became, 'message' => $message];
    }
}
