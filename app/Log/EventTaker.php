<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Kinds\AmendsStint;
use App\Log\Kinds\BeginsStint;
use App\Log\Kinds\CountsCasts;
use App\Log\Kinds\DetailsContact;
use App\Log\Kinds\Kind;
use App\Log\Kinds\LogsContact;
use App\Log\Kinds\Removes;
use App\Log\Kinds\TakesBack;
use App\Log\Kinds\Turns;
use App\Models\LogEvent;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/**
 * Takes what the deck logged. Every event carries an id that its device made: an event that comes twice, from a double
 * tap, a repeated request or a second tab, is taken once. A batch is taken whole or, after a crash, not at all.
 */
final class EventTaker
{
    /** What became of an event. */
    public const TAKEN = 'taken';

    public const KNOWN = 'known';

    public const REFUSED = 'refused';

    /** @var array<string, class-string<Kind>> */
    private const KINDS = [
        'stint' => BeginsStint::class, 'casts' => CountsCasts::class, 'contact' => LogsContact::class, 'detail' => DetailsContact::class,
        'amend' => AmendsStint::class, 'remove' => Removes::class, 'turn' => Turns::class, 'undo' => TakesBack::class,
    ];

    public function __construct(private readonly Trip $trip)
    {
    }

    public static function kind(string $kind, Trip $trip): Kind
    {
        return new (self::KINDS[$kind])($trip);
    }

    /**
     * Takes events in the order given.
     *
     * @param  list<mixed>  $events
     * @return list<array{id: string, became: string, message: ?string}>
     */
    public function take(array $events): array
    {
        return DB::transaction(function () use ($events): array {
            // One device after the other: batches of one day do not mix.
            Trip::query()->whereKey($this->trip->id)->lockForUpdate()->first();
            $known = LogEvent::query()->where('trip_id', $this->trip->id)->whereIn('id', array_filter(array_map(static fn (mixed $e): mixed => $e['id'] ?? null, array_filter($events, is_array(...))), Str::isUuid(...)))->pluck('id')->flip();

            $answers = array_map(fn (mixed $event): array => isset($event['id']) && is_string($event['id']) && $known->has($event['id'])
                ? self::answer($event['id'], self::KNOWN)
                : $this->takeOne(is_array($event) ? $event : []), $events);
            $this->trip->recount();

            return $answers;
        }, 3);
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array{id: string, became: string, message: ?string}
     */
    private function takeOne(array $event): array
    {
        $id = is_string($event['id'] ?? null) ? $event['id'] : '';
        $name = is_string($event['kind'] ?? null) ? $event['kind'] : '';
        $kind = isset(self::KINDS[$name]) ? self::kind($name, $this->trip) : null;
        $check = Validator::make($event, [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::in(array_keys(self::KINDS))],
            'at' => ['required', 'string', new MomentOfDay],
            // Whatever the kind, these are written down as what they are.
            'stint' => ['nullable', 'uuid'], 'contact' => ['nullable', 'uuid'], 'count' => ['nullable', 'integer', 'between:0,5000'],
        ], ['uuid' => 'The :attribute must be an id.']);
        if ($kind !== null && ! $check->fails()) {
            $check = Validator::make($event, $kind->rules($event));
        }
        if ($check->fails() || $kind === null) {
            return self::answer($id, self::REFUSED, $check->errors()->first());
        }
        if (! $kind->knows($event)) {
            return self::answer($id, self::REFUSED, 'What this entry belongs to is not in this day.');
        }
        $event['at'] = MomentOfDay::local($event['at'], $this->trip);
        $fresh = LogEvent::query()->insertOrIgnore([
            'id' => $id, 'trip_id' => $this->trip->id, 'kind' => $name, 'stint_id' => $event['stint'] ?? null,
            'count' => $event['count'] ?? 0, 'contact_id' => $event['contact'] ?? null, 'at' => $event['at'], 'created_at' => now(),
        ]) === 1;
        if (! $fresh) {
            // Sent twice in one batch it is known; else it is another day's.
            return LogEvent::query()->where('id', $id)->where('trip_id', $this->trip->id)->exists() ? self::answer($id, self::KNOWN) : self::answer($id, self::REFUSED, 'The id of this entry is in use in another day.');
        }
        $conflict = $kind->conflict($event);
        if ($conflict !== null) {
            LogEvent::query()->where('id', $id)->delete();

            return self::answer($id, self::REFUSED, $conflict);
        }
        $before = $kind->apply($event);
        if ($before !== []) {
            LogEvent::query()->where('id', $id)->update(['before' => json_encode($before, JSON_THROW_ON_ERROR), 'after' => json_encode($kind->set(), JSON_THROW_ON_ERROR)]);
        }

        return self::answer($id, self::TAKEN, MomentOfDay::outside($event['at'], $this->trip));
    }

    /** @return array{id: string, became: string, message: ?string} */
    private static function answer(string $id, string $became, ?string $message = null): array
    {
        return ['id' => $id, 'became' => $became, 'message' => $message];
    }
}
