<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;

/** A towed line comes in: its minutes end. */
final class LiftsLine extends Kind
{
    public function fields(): array
    {
        return ['stint' => Wanted::id()];
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    public function apply(array $event): array
    {
        $stint = $this->stints()->whereKey($event['stint'])->firstOrFail();
        $before = ['lifted_at' => $stint->lifted_at?->format('Y-m-d H:i:s')];
        // It cannot come in before it went out.
        $stint->update(['lifted_at' => max($event['at'], $stint->started_at->format('Y-m-d\TH:i:s'))]);

        return $before;
    }

    public function takeBack(LogEvent $event): void
    {
        $this->stints()->whereKey($event->stint_id)->update(['lifted_at' => $event->before['lifted_at'] ?? null]);
    }
}
