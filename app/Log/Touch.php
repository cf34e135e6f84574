<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Collection;
use OldEddy\Log\Next\Offer;

/** What entries that a device has just sent are about, and whether they ask again what to do. */
final readonly class Touch
{
    /**
     * @param  list<string>  $stints  ids of the stints they are about
     * @param  bool  $asks  all do but blank casts, which ask at every so many of a stint (S3); what the device shows stands meanwhile
     */
    private function __construct(public array $stints, public bool $asks)
    {
    }

    /**
     * @param  Collection<int, Stint>  $stints  of the day, as they stand now
     * @param  list<mixed>  $events
     */
    public static function of(Trip $trip, Collection $stints, array $events): self
    {
        $about = self::about($trip, $stints, $events);

        return new self($about, self::ask($trip, $stints->whereIn('id', $about), $events));
    }

    /**
     * By their own word, by their contact, or by what they take back.
     *
     * @param  Collection<int, Stint>  $stints
     * @param  list<mixed>  $events
     * @return list<string>
     */
    private static function about(Trip $trip, Collection $stints, array $events): array
    {
        $named = static fn (string $field): array => array_values(array_filter(array_column($events, $field), is_string(...)));
        $undone = $named('target') === [] ? collect() : $trip->events()->toBase()->whereIn('id', $named('target'))->get(['stint_id', 'contact_id']);
        $contacts = [...$named('contact'), ...$undone->pluck('contact_id')->filter()->all()];
        $ofContacts = $contacts === [] ? [] : Contact::withTrashed()->where('trip_id', $trip->id)->whereIn('id', $contacts)->pluck('stint_id')->all();
        // A line that goes out ends the run that it had before.
        $towed = in_array('tow', array_column($events, 'kind'), true) || $named('target') !== [] ? $stints->whereNotNull('line')->pluck('id')->all() : [];

        $all = [...$towed, ...$named('stint'), ...$undone->pluck('stint_id')->filter()->all(), ...$ofContacts];

        return array_values(array_unique(array_map(strtolower(...), $all)));
    }

    /**
     * @param  Collection<int, Stint>  $touched
     * @param  list<mixed>  $events
     */
    private static function ask(Trip $trip, Collection $touched, array $events): bool
    {
        $counted = [];
        foreach ($events as $event) {
            if (! is_array($event) || ($event['kind'] ?? null) !== 'casts' || ! is_string($event['stint'] ?? null)) {
                return true;
            }
            $id = strtolower($event['stint']);
            $counted[$id] = ($counted[$id] ?? 0) + (int) ($event['count'] ?? 0);
        }
        // A device that only looks; and on a hidden day a cast may have brought a fish.
        if ($events === [] || $trip->drill_seed !== null) {
            return true;
        }

        return $touched->contains(static fn (Stint $s): bool => Offer::isAskedAgain(max(0, $s->cast_count - ($counted[$s->id] ?? 0)), $s->cast_count));
    }
}
