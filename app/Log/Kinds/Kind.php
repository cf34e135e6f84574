<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Boat\Instruments;
use App\Log\Batch;
use App\Log\Wanted;
use App\Models\Contact;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Database\Eloquent\Builder;
use OldEddy\Boat\Quantity;
use OldEddy\Where\Lake\Position;

/** One kind of log event: what it must carry, what it does to the log, how it is taken back. */
abstract class Kind
{
    /** Whether it is written together with the rest of its batch; any other kind works on the log itself. */
    public const GATHERED = false;

    final public function __construct(protected readonly Trip $trip, protected readonly Batch $batch)
    {
    }

    /** @return array<string, Wanted> what it must carry, by field */
    abstract public function fields(): array;

    /**
     * Whether what the event speaks of is in this day.
     *
     * @param  array<array-key, mixed>  $event
     */
    abstract public function knows(array $event): bool;

    /**
     * The stint that an event changes, itself or by one of its contacts: exactly the row that will be written. Null where it changes none.
     *
     * @param  array<array-key, mixed>  $event
     */
    public function stintOf(array $event): ?string
    {
        return $event['stint'] ?? null;
    }

    /**
     * Why an event whose fields are each sound cannot be taken, in a sentence; null where it can.
     *
     * @param  array<array-key, mixed>  $event
     */
    public function refusal(array $event): ?string
    {
        return null;
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array<string, mixed> what it changed, as it was before
     */
    abstract public function apply(array $event): array;

    /** @return array<string, mixed> what it changed, as it set it; asked for after it was applied */
    public function set(): array
    {
        return [];
    }

    abstract public function takeBack(LogEvent $event): void;

    /** @return Builder<Stint> of this day, those taken out as well */
    protected function stints(): Builder
    {
        return Stint::withTrashed()->where('trip_id', $this->trip->id);
    }

    /** @return Builder<Contact> of this day, those taken out as well */
    protected function contacts(): Builder
    {
        return Contact::withTrashed()->where('trip_id', $this->trip->id);
    }

    protected function hasStint(mixed $id): bool
    {
        return $this->batch->stint($id) !== null;
    }

    protected function hasContact(mixed $id): bool
    {
        return $this->batch->hasContact($id);
    }

    /** @param  array<array-key, mixed>  $event */
    protected static function units(array $event): Units
    {
        return new Units(($event['units'] ?? 'us') === 'metric');
    }

    /**
     * Where the boat was: as the phone has it, else by the boat's instruments; null where neither says.
     *
     * @param  array<array-key, mixed>  $event
     */
    protected function boatAt(array $event): ?Position
    {
        return isset($event['lat'], $event['lon']) ? new Position((float) $event['lat'], (float) $event['lon']) : Instruments::position($this->trip);
    }

    /**
     * A number that the phone said, else what the boat's instrument says.
     *
     * @param  array<array-key, mixed>  $event
     */
    protected function saidOrMeasured(array $event, string $field, Quantity $what): ?float
    {
        return isset($event[$field]) ? (float) $event[$field] : Instruments::say($this->trip, $what);
    }

    /** @return array<string, Wanted> where the phone was, if the angler has it noted */
    protected static function position(): array
    {
        return ['lat' => StintFields::day('lat')->orNothing(), 'lon' => StintFields::day('lon')->orNothing()];
    }
}
