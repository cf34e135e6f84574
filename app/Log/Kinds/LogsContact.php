<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Boat\Fixes;
use App\Log\Wanted;
use App\Models\LogEvent;
use OldEddy\Boat\Quantity;
use OldEddy\Log\Evidence\ContactKind;

/** What a fish did; where the boat was then comes from its instruments. */
final class LogsContact extends Kind
{
    public const GATHERED = true;

    public function fields(): array
    {
        return [
            'stint' => Wanted::id(), 'contact' => Wanted::id(), 'contact_kind' => Wanted::oneOf(ContactKind::keys()), ...self::position(),
            ...SetsLine::speed(), 'heading_deg' => StintFields::day('spot.cast_bearing_deg')->orNothing(), 'in_turn' => Wanted::oneOf(['yes', 'no'])->orNothing(),
        ];
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    public function apply(array $event): array
    {
        // The phone in the hand knows better than the boat where it was.
        $said = isset($event['lat'], $event['lon']) ? ['lat' => (float) $event['lat'], 'lon' => (float) $event['lon']] : [];
        $near = $said + ($this->batch->hasFixes() ? $this->place($event) : []);
        $this->batch->contact(
            [
                'id' => $event['contact'],
                'stint_id' => $event['stint'],
                'at' => $event['at'],
                'kind' => $event['contact_kind'],
                'at_cast' => max(1, (int) ($this->batch->stint($event['stint'])['cast_count'] ?? 0)),
                'lat' => $near['lat'] ?? null,
                'lon' => $near['lon'] ?? null,
                'depth_ft' => $near['depth_ft'] ?? null,
                ...$this->towed($event),
            ],
        );

        return [];
    }

    /**
     * How the boat went when a towed line was struck (T12): as the phone has it, else by the boat's instruments.
     *
     * @param  array<array-key, mixed>  $event
     * @return array{troll_mph: ?float, heading_deg: ?float, in_turn: ?string}
     */
    private function towed(array $event): array
    {
        if (($this->batch->stint($event['stint'])['line'] ?? null) === null) {
            return ['troll_mph' => null, 'heading_deg' => null, 'in_turn' => null];
        }

        return [
            'troll_mph' => $this->saidOrMeasured($event, 'mph', Quantity::SpeedMph),
            'heading_deg' => $this->saidOrMeasured($event, 'heading_deg', Quantity::HeadingDeg), 'in_turn' => $event['in_turn'] ?? null,
        ];
    }

    /**
     * Where the boat was, which may say at which spot the stint is.
     *
     * @param  array<array-key, mixed>  $event
     * @return array{lat?: ?float, lon?: ?float, depth_ft?: ?float}
     */
    private function place(array $event): array
    {
        $near = Fixes::near($this->trip, $event['at']);
        if ($near !== []) {
            $this->batch->flush();
            Fixes::placeStint($this->trip, $this->stints()->whereKey($event['stint'])->firstOrFail(), $near['lat'] ?? null, $near['lon'] ?? null);
            $this->batch->forget();
        }

        return $near;
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->contacts()->whereKey($event->contact_id)->delete();
    }
}
