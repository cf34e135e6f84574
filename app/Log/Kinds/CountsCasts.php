<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\LogEvent;

/** Casts made, counted on: two devices add up. */
final class CountsCasts extends Kind
{
    public function rules(array $event): array
    {
        return ['stint' => ['required', 'uuid'], 'count' => ['required', 'integer', 'between:1,500']];
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    public function apply(array $event): array
    {
        $this->stints()->whereKey($event['stint'])->increment('cast_count', $event['count']);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->stints()->whereKey($event->stint_id)->where('cast_count', '>=', $event->count)->decrement('cast_count', $event->count);
    }
}
