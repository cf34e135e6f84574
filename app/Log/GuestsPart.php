<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Kinds\Kind;
use App\Models\Guest;
use App\Models\Trip;
use Illuminate\Support\Carbon;

/** What a guest of the day may log (G2): his own stints, casts and fish, under his name, and what changed over the water; the rest is the owner's. */
final readonly class GuestsPart
{
    private const KINDS = ['stint', 'casts', 'contact', 'detail', 'amend', 'remove', 'turn', 'tow', 'lift', 'undo'];

    /** So long after a day was closed a guest's phone may send what it kept. */
    private const SENT_LATE_DAYS = 7;

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
        if (in_array($event['kind'] ?? null, ['stint', 'tow'], true)) {
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
    public function refusal(array $event, string $kind, Kind $does): ?string
    {
        if (! in_array($kind, self::KINDS, true)) {
            return 'This is for the owner of the day to say.';
        }
        $late = $this->late($event);
        if ($late !== null) {
            return $late;
        }
        $own = match ($kind) {
            'stint', 'turn', 'tow' => true,
            'undo' => $this->trip->events()->where('id', $event['target'])->where('user_id', $this->guest->user_id)->exists(),
            default => $this->isHis($this->batch->stint($does->stintOf($event))),
        };

        return $own ? null : 'This was logged by somebody else aboard: only what you logged is yours to change.';
    }

    /** @param  array<string, mixed>|null  $stint  the spread is the boat's: whoever stands nearest takes the rod */
    private function isHis(?array $stint): bool
    {
        return $stint !== null && (($stint['line'] ?? null) !== null || ($stint['user_id'] ?? null) === $this->guest->user_id);
    }

    /**
     * Why an entry comes too late: a phone without signal sends for some days after the day was closed what was fished before.
     *
     * @param  array<array-key, mixed>  $event
     */
    private function late(array $event): ?string
    {
        $closed = $this->trip->closed_at;

        return match (true) {
            $closed === null => null,
            $closed->lt(now()->subDays(self::SENT_LATE_DAYS)) => 'The day was closed: it takes no more of what a guest logs.',
            Carbon::parse((string) $event['at'], $this->trip->now()->getTimezone())->gt($closed) => 'The day was closed before that: what a guest logs after it is not taken.',
            default => null,
        };
    }
}
