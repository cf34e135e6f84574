<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\Contact;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Builder;

/** One kind of log event: what it must carry, what it does to the log, how it is taken back. */
abstract class Kind
{
    final public function __construct(protected readonly Trip $trip)
    {
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array<string, list<mixed>>
     */
    abstract public function rules(array $event): array;

    /**
     * Whether what the event speaks of is in this day.
     *
     * @param  array<array-key, mixed>  $event
     */
    abstract public function knows(array $event): bool;

    /**
     * Why an event cannot be taken although all of it is sound, in words; null where it can.
     *
     * @param  array<array-key, mixed>  $event
     */
    public function conflict(array $event): ?string
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
        return is_string($id) && $this->stints()->whereKey($id)->exists();
    }

    protected function hasContact(mixed $id): bool
    {
        return is_string($id) && $this->contacts()->whereKey($id)->exists();
    }
}
