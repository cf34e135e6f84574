<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\Dispute;
use App\Models\Stint;
use App\Models\Trip;

/** Two devices said different things of the same field: the later stands, the other is kept beside it until settled. */
final class Disputes
{
    public static function note(Trip $trip, Stint|Contact $subject, string $field, mixed $kept, mixed $other): void
    {
        Dispute::query()->create([
            'trip_id' => $trip->id,
            'stint_id' => $subject instanceof Stint ? $subject->id : $subject->stint_id,
            'contact_id' => $subject instanceof Contact ? $subject->id : null,
            'field' => $field,
            'kept' => self::text($kept),
            'other' => self::text($other),
        ]);
    }

    /** Settles it: the value that stands stays, or the other takes its place. */
    public static function settle(Trip $trip, Dispute $dispute, bool $takeOther): void
    {
        if ($takeOther && $dispute->settled_at === null) {
            $subject = $dispute->contact_id === null
                ? Stint::withTrashed()->findOrFail($dispute->stint_id)
                : Contact::withTrashed()->findOrFail($dispute->contact_id);
            $subject->forceFill([$dispute->field => $dispute->other])->save();
            $trip->recount();
        }
        $dispute->update(['settled_at' => now()]);
    }

    private static function text(mixed $value): ?string
    {
        return $value === null ? null : mb_substr((string) $value, 0, 80);
    }
}
