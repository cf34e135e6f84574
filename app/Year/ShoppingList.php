<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\Trip;
use App\Models\User;
use App\Show\Units;
use Illuminate\Support\Facades\Cache;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\ShortOf;

/** What was short on past days (K3), with the days that asked for it; and what was lost last. */
final class ShoppingList
{
    /** So many of the newest days are asked. */
    private const DAYS = 40;

    /** @return list<array{text: string, days: list<array{int, string}>}> what most days asked for first */
    public static function of(User $angler, Units $units): array
    {
        $trips = Trip::query()->where('user_id', $angler->id);
        $trips->whereNull('drill_seed')->whereNotNull('day')->orderByDesc('day')->orderByDesc('id')->limit(self::DAYS);
        $days = $trips->get();
        $key = hash('xxh128', serialize([$angler->id, $angler->box, $units->metric, $days->map(static fn (Trip $t): array => [$t->id, $t->conditions])->all()]));

        return Cache::remember("shopping:{$key}", now()->addWeek(), static function () use ($days, $angler, $units): array {
            $wanted = [];
            foreach ($days as $trip) {
                foreach (ShortOf::of(Settler::settle($trip->setRelation('user', $angler)->told()->overall())) as $lack) {
                    $one = "{$lack->what} {$lack->lure} {$lack->key}";
                    $wanted[$one]['text'] ??= $units->say($lack->text);
                    $wanted[$one]['days'][$trip->id] = [$trip->id, (string) $trip->conditions['date']];
                }
            }
            $wanted = array_map(static fn (array $w): array => ['text' => $w['text'], 'days' => array_values($w['days'])], array_values($wanted));
            usort($wanted, static fn (array $a, array $b): int => count($b['days']) <=> count($a['days']));

            return $wanted;
        });
    }
}
