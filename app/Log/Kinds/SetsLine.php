<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;
use OldEddy\Contract\SpreadReader;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Side;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Station;

/** A line of the spread goes into the water: from here on its minutes count (T10). The same line, if it was out, is in then. */
final class SetsLine extends Kind
{
    public function fields(): array
    {
        return [
            'stint' => Wanted::id(), 'line' => Wanted::text(SpreadReader::LONGEST_KEY), 'side' => Wanted::oneOf(Side::keys()), 'station' => Wanted::oneOf(Station::keys()),
            'carrier' => Wanted::oneOf(Carrier::keys()), 'let_out_ft' => Wanted::number(...SpreadPlanner::OUT_FT), ...self::speed(),
            ...StintFields::of('stint', ['spot', 'lure', 'color', 'depth_ft', 'retrieve']), ...StintFields::perhaps('stint', ['angler', 'weight_oz', 'length_in']),
        ];
    }

    /** @return array<string, Wanted> how fast the boat was, where that is known */
    public static function speed(): array
    {
        return ['mph' => Wanted::number(0, 60)->orNothing()];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        $lifted = $this->trip->stints()->where('line', $event['line'])->whereNull('lifted_at')->pluck('id')->all();
        $this->trip->stints()->whereKey($lifted)->update(['lifted_at' => $event['at']]);
        // Two lines can go out within one second: the log's own order tells them apart.
        $stint = $this->trip->stints()->make(array_intersect_key($event, array_flip([
            'line', 'side', 'station', 'carrier', 'let_out_ft', 'spot', 'lure', 'color', 'depth_ft', 'retrieve', 'angler', 'weight_oz', 'length_in',
        ])) + ['id' => $event['stint'], 'started_at' => $event['at'], 'troll_mph' => $event['mph'] ?? null, 'cast_count' => 0]);
        $stint->forceFill(['seq' => LogEvent::query()->whereKey($event['id'])->value('seq') ?? 0, 'user_id' => null])->save();

        return ['lifted' => $lifted];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->stints()->whereKey($event->stint_id)->whereDoesntHave('contacts')->delete();
        $this->stints()->whereKey($event->before['lifted'] ?? [])->where('lifted_at', $event->at)->update(['lifted_at' => null]);
    }
}
