<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\EventTaker;
use App\Log\Wanted;
use App\Models\LogEvent;

/** An earlier entry undone, once. */
final class TakesBack extends Kind
{
    public function fields(): array
    {
        return ['target' => Wanted::id()];
    }

    public function knows(array $event): bool
    {
        // What is to be taken back may have come in the same batch.
        $this->batch->flush();

        return $this->trip->events()->where('id', $event['target'])->where('kind', '!=', 'undo')->exists();
    }

    public function apply(array $event): array
    {
        $target = $this->trip->events()->where('id', $event['target'])->firstOrFail();
        // Whoever marks it first takes it back: a second undo finds nothing to do.
        if (LogEvent::query()->whereKey($target->seq)->where('undone', false)->update(['undone' => true]) === 1) {
            EventTaker::kind($target->kind, $this->trip, $this->batch)->takeBack($target);
        }

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        // An undo is not undone; say it again instead.
    }
}
