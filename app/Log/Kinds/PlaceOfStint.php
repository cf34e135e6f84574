<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Boat\Fixes;
use App\Drill\DrillFish;
use App\Log\Batch;
use App\Log\StintLight;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Clock;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\StintPlace;
use OldEddy\Log\Next\TimeLeft;
use OldEddy\Reading\WaterReader;

/** What is known of the place of a stint when it begins: fished before, marked on the lake, said on the spot, or as the day has it. */
final class PlaceOfStint
{
    private ?Settled $day = null;

    public function __construct(private readonly Trip $trip, private readonly Batch $batch)
    {
    }

    /**
     * @param  array<array-key, mixed>  $event  that begins the stint
     * @return array{spot_id: ?int, structure: ?string, cover: ?string, cover_part: ?string, light: ?string, water_depth_ft: ?float}
     */
    public function of(array $event): array
    {
        if ($this->trip->drill_seed !== null) {
            return $this->hidden((string) $event['spot']);
        }
        $before = $this->batch->lastAt($event['spot']);
        $marked = $before === null ? $this->marked($event) : null;
        $said = $this->trip->conditions['spot'] ?? [];
        $place = StintPlace::known(
            $before === null ? null : new StintPlace($before['structure'], $before['cover'], $before['cover_part']),
            $marked?->place()->asFished($this->day(), Clock::minute($event['at'])),
            isset($event['structure']) || isset($event['cover'])
                ? new StintPlace($event['structure'] ?? null, $event['cover'] ?? null)
                : new StintPlace($said['structure'] ?? null, $said['cover'][0] ?? null, light: ($said['shaded'] ?? false) ? 'shade' : null),
        );

        return [
            'spot_id' => $before['spot_id'] ?? $marked?->id, 'structure' => $place->structure, 'cover' => $place->cover, 'cover_part' => $place->coverPart,
            'light' => $place->light ?? StintLight::at($this->trip, $event['at']),
            'water_depth_ft' => $event['water_depth_ft'] ?? $this->soundedFt($event['at']) ?? $before['water_depth_ft'] ?? $this->waterFt($marked),
        ];
    }

    /**
     * The spot of the lake by its name, or the one where the phone says it is.
     *
     * @param  array<array-key, mixed>  $event
     */
    private function marked(array $event): ?LakeSpot
    {
        $named = Lake::spotNamed($this->trip->lake_id, (string) $event['spot']);

        return $named ?? (isset($event['lat'], $event['lon']) ? $this->trip->lake?->nearest((float) $event['lat'], (float) $event['lon']) : null);
    }

    /** What the boat's sounder said then. */
    private function soundedFt(string $at): ?float
    {
        return $this->batch->hasFixes() ? Fixes::near($this->trip, $at)['depth_ft'] ?? null : null;
    }

    /** The water that stands at a marked spot today, at the depth nearest to where its fish are (D12). */
    private function waterFt(?LakeSpot $spot): ?float
    {
        return $spot?->place()->toFish(WaterReader::read($this->day())->stand->middleFt(), $this->day()->riseFt())->waterDepthFt;
    }

    /** @return array{spot_id: ?int, structure: ?string, cover: ?string, cover_part: ?string, light: ?string, water_depth_ft: ?float} */
    private function hidden(string $spot): array
    {
        $place = DrillFish::day($this->trip)->choices(TimeLeft::minutesOf($this->batch->casts()))->place($spot);

        return [
            'spot_id' => null, 'structure' => $place?->structure, 'cover' => $place?->cover, 'cover_part' => $place?->coverPart, 'light' => $place?->light,
            'water_depth_ft' => $place?->waterDepthFt,
        ];
    }

    private function day(): Settled
    {
        return $this->day ??= Settler::settle($this->trip->told());
    }
}
