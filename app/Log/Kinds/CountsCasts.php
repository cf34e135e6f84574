<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;
use OldEddy\Log\Evidence\Limits;

/** Casts made, counted on: two devices add up. */
final class CountsCasts extends Kind
{
    public const GATHERED = true;

    public function fields(): array
    {
        return ['stint' => Wanted::id(), 'count' => Wanted::whole(1, Limits::CASTS_AT_ONCE)];
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    public function apply(array $event): array
    {
        $this->batch->cast($event['stint'], (int) $event['count']);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->stints()->whereKey($event->stint_id)->where('cast_count', '>=', $event->count)->decrement('cast_count', $event->count);
    }
}
