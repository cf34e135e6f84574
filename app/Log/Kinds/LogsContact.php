<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Boat\Fixes;
use App\Models\Contact;
use App\Models\LogEvent;
use Illuminate\Validation\Rule;
use OldEddy\Log\Evidence\ContactKind;

/** What a fish did; where the boat was then comes from its instruments. */
final class LogsContact extends Kind
{
    public function rules(array $event): array
    {
        return ['stint' => ['required', 'uuid'], 'contact' => ['required', 'uuid'], 'contact_kind' => ['required', Rule::in(ContactKind::keys())]];
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    public function conflict(array $event): ?string
    {
        return Contact::withTrashed()->whereKey($event['contact'])->exists() ? 'The id of this contact is in use already.' : null;
    }

    public function apply(array $event): array
    {
        $stint = $this->stints()->whereKey($event['stint'])->firstOrFail();
        $near = Fixes::near($this->trip, $event['at']);
        Fixes::placeStint($this->trip, $stint, $near['lat'] ?? null, $near['lon'] ?? null);
        Contact::query()->insert([
            'id' => $event['contact'], 'trip_id' => $this->trip->id, 'stint_id' => $stint->id, 'at' => $event['at'],
            'kind' => $event['contact_kind'], 'at_cast' => max(1, $stint->cast_count), ...$near,
            'created_at' => now(), 'updated_at' => now(),
        ]);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->contacts()->whereKey($event->contact_id)->delete();
    }
}
