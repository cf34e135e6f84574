<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Kinds\AmendsStint;
use App\Log\Kinds\BeginsStint;
use App\Log\Kinds\CaresForRod;
use App\Log\Kinds\CountsCasts;
use App\Log\Kinds\DetailsContact;
use App\Log\Kinds\KeepsLine;
use App\Log\Kinds\Kind;
use App\Log\Kinds\LiftsLine;
use App\Log\Kinds\LogsContact;
use App\Log\Kinds\MarksDock;
use App\Log\Kinds\PicksSpot;
use App\Log\Kinds\PlansRoute;
use App\Log\Kinds\Removes;
use App\Log\Kinds\Rigs;
use App\Log\Kinds\SaysCondition;
use App\Log\Kinds\SetsLine;
use App\Log\Kinds\SetsManner;
use App\Log\Kinds\TakesBack;
use App\Log\Kinds\Turns;
use App\Models\FailedStatement;
use App\Models\Guest;
use App\Models\LogEvent;
use App\Models\Trip;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use OldEddy\Log\Evidence\Limits;
use Throwable;

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
        'amend' => AmendsStint::class, 'remove' => Removes::class, 'turn' => Turns::class,
        'condition' => SaysCondition::class, 'manner' => SetsManner::class, 'rig' => Rigs::class, 'pick' => PicksSpot::class, 'care' => CaresForRod::class, 'line' => KeepsLine::class,
        'dock' => MarksDock::class, 'tow' => SetsLine::class, 'lift' => LiftsLine::class,
        'route' => PlansRoute::class, 'undo' => TakesBack::class,
    ];

    private readonly Batch $batch;

    private readonly MomentOfDay $moments;

    /** @var array<string, Kind> */
    private array $kinds = [];

    /** @var array<string, array<string, Wanted>> by kind */
    private array $fields = [];

    private readonly ?GuestsPart $guest;

    /** @param  ?Guest  $as  whose device sends, where it is not the owner's */
    public function __construct(private readonly Trip $trip, private readonly ?Guest $as = null)
    {
        $this->batch = new Batch($trip, $as?->user_id);
        $this->guest = $as === null ? null : new GuestsPart($as, $trip, $this->batch);
        $this->moments = new MomentOfDay($trip);
    }

    /** @return list<string> the kinds of entries that there are */
    public static function kinds(): array
    {
        return array_keys(self::KINDS);
    }

    public static function kind(string $kind, Trip $trip, Batch $batch): Kind
    {
        return new (self::KINDS[$kind])($trip, $batch);
    }

    /**
     * Takes events in the order given. One that breaks what it should be written into is refused, and holds up no other.
     *
     * @param  list<mixed>  $events
     * @return list<array{id: string, became: string, message: ?string}>
     */
    public function take(array $events): array
    {
        try {
            return $this->together($events);
        } catch (Throwable $e) {
            if ($e instanceof QueryException && FailedStatement::isPassing($e)) {
                throw $e;
            }
            report($e);
        }
        if (count($events) > 1) {
            return array_merge(...array_map(fn (mixed $event): array => (new self($this->trip, $this->as))->take([$event]), $events));
        }
        $id = is_array($events[0]) && is_string($events[0]['id'] ?? null) ? $events[0]['id'] : '';

        return [self::answer($id, self::REFUSED, 'This entry cannot be written down as it is.')];
    }

    /**
     * @param  list<mixed>  $events
     * @return list<array{id: string, became: string, message: ?string}>
     */
    private function together(array $events): array
    {
        return DB::transaction(function () use ($events): array {
            // One device after the other: batches of one day do not mix.
            Trip::query()->toBase()->where('id', $this->trip->id)->lockForUpdate()->value('id');
            $this->batch->forget();
            $used = new UsedIds($this->trip, $events);
            $answers = array_map(fn (mixed $event): array => $this->takeOne(is_array($event) ? $event : [], $used), $events);
            $cast = $this->batch->castNow();
            $this->batch->flush();
            array_keys($this->kinds) === ['casts'] ? $this->trip->countOn($cast) : $this->trip->recount();
            if (isset($this->kinds['stint']) || isset($this->kinds['undo'])) {
                CurrentSpot::follow($this->trip);
            }

            return $answers;
        }, 3);
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array{id: string, became: string, message: ?string}
     */
    private function takeOne(array $event, UsedIds $used): array
    {
        $id = is_string($event['id'] ?? null) ? $event['id'] : '';
        foreach (['id', 'stint', 'contact', 'target'] as $field) {
            // The database writes ids small.
            if (is_string($event[$field] ?? null)) {
                $event[$field] = strtolower($event[$field]);
            }
        }
        if ($used->isKnown(strtolower($id))) {
            return self::answer($id, self::KNOWN);
        }
        $event = $this->guest?->named($event) ?? $event;
        $name = is_string($event['kind'] ?? null) ? $event['kind'] : '';
        $kind = isset(self::KINDS[$name]) ? $this->kinds[$name] ??= self::kind($name, $this->trip, $this->batch) : null;
        $problem = $kind === null ? 'The kind of this entry is none of those there are.' : $this->problem($event, $name, $kind);
        if ($kind === null || $problem !== null) {
            return self::answer($id, self::REFUSED, $problem);
        }
        // What an entry of this kind does not speak of is nothing to it, and is not written down beside it.
        $event = array_diff_key($event, array_diff_key(self::everywhere(), $this->fields[$name]));
        if (! $kind->knows($event)) {
            return self::answer($id, self::REFUSED, 'What this entry belongs to is not in this day.');
        }
        $refusal = $used->conflict($event, $name) ?? $this->guest?->refusal($event, $name, $kind) ?? $kind->refusal($event);
        if ($refusal !== null) {
            return self::answer($id, self::REFUSED, $refusal);
        }
        $used->use($event, $name);
        $event['at'] = $this->moments->local($event['at']);
        $this->batch->event(
            [
                'id' => $event['id'], 'kind' => $name, 'stint_id' => $event['stint'] ?? null, 'count' => (int) ($event['count'] ?? 0),
                'contact_id' => $event['contact'] ?? null, 'at' => $event['at'],
            ],
        );
        if ($kind::GATHERED) {
            $kind->apply($event);
        } else {
            $this->work($kind, $event);
        }

        return self::answer($id, self::TAKEN, $this->moments->outside($event['at']));
    }

    /** @param  array<array-key, mixed>  $event */
    private function work(Kind $kind, array $event): void
    {
        $this->batch->flush();
        $before = $kind->apply($event);
        if ($before !== []) {
            LogEvent::query()->where('id', $event['id'])->update(
                ['before' => json_encode($before, JSON_THROW_ON_ERROR), 'after' => json_encode($kind->set(), JSON_THROW_ON_ERROR)],
            );
        }
        $this->batch->forget();
    }

    /** @param  array<array-key, mixed>  $event */
    private function problem(array $event, string $name, Kind $kind): ?string
    {
        $fields = ($this->fields[$name] ??= $kind->fields()) + ['id' => Wanted::id(), 'at' => Wanted::moment()] + self::everywhere();
        foreach ($fields as $field => $wanted) {
            $problem = $wanted->problem($field, $event[$field] ?? null);
            if ($problem !== null) {
                return $problem;
            }
        }

        return null;
    }

    /** @return array{id: string, became: string, message: ?string} */
    private static function answer(string $id, string $became, ?string $message = null): array
    {
        return ['id' => $id, 'became' => $became, 'message' => $message];
    }

    /** @return array<string, Wanted> what an entry of any kind may carry, and says rightly where it does */
    private static function everywhere(): array
    {
        return ['stint' => Wanted::id()->orNothing(), 'contact' => Wanted::id()->orNothing(), 'count' => Wanted::whole(0, Limits::CASTS)->orNothing()];
    }
}
