<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Guest;
use App\Models\Trip;

/** What a guest of the day may log (G2): his own stints, casts and fish, under his name, and what changed over the water; the rest is the owner's. */
final readonly class GuestsPart
{
    private const KINDS = ['stint', 'casts', 'contact', 'detail', 'amend', 'remove', 'turn', 'tow', 'lift', 'undo'];

    public function __construct(private Guest $guest, private Trip $trip, private Batch $batch)
    {
    }

    /**
     * An entry under the guest's own name, whatever it says itself.
     *
     * @param  array<array-key, mixed>  $event
     * @return array<array-key, mixed>
     */
    public function named(array $event): array
    {
        if (($event['kind'] ?? null) === 'stint') {
            $event['angler'] = $this->guest->name;
        }
        if (is_array($event['fields'] ?? null)) {
            unset($event['fields']['angler']);
        }

        return $event;
    }

    /**
     * Why an entry is not the guest's to make, in a sentence; null where it is.
     *
     * @param  array<array-key, mixed>  $event  of a kind and with the fields that there are
     */
    public function refusal(array $event, string $kind): ?string
    {
        if (! in_array($kind, self::KINDS, true)) {
            return 'This is for the owner of the day to say.';
        }
        $stint = isset($event['contact']) && $kind !== 'contact' ? $this->batch->stintOfContact($event['contact']) : $event['stint'] ?? null;
        $own = match ($kind) {
            'stint', 'turn', 'tow' => true,
            'undo' => $this->trip->events()->where('id', $event['target'])->where('user_id', $this->guest->user_id)->exists(),
            // The spread is the boat's: whoever stands nearest takes the rod.
            default => ($this->batch->stint($stint)['line'] ?? null) !== null || ($this->batch->stint($stint)['user_id'] ?? null) === $this->guest->user_id,
        };

        return $own ? null : 'This was logged by somebody else aboard: only what you logged is yours to change.';
    }
}
