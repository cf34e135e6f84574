<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LakeSpot;
use App\Models\LogEvent;
use App\Waters\SpotNames;
use OldEddy\Contract\FieldTable;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;

/** A dock that was passed: where the boat is, its kind, its depths and its walkway (S26). */
final class MarksDock extends Kind
{
    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        $depth = static fn (string $path): Wanted => Wanted::as(FieldTable::one('dock', $path));

        return self::position() + [
            'dock_kind' => $depth('kind'), 'inside_ft' => $depth('inside_ft'), 'outside_ft' => $depth('outside_ft'), 'walkway_ft' => $depth('walkway_ft'),
        ];
    }

    public function knows(array $event): bool
    {
        return $this->trip->lake !== null;
    }

    public function refusal(array $event): ?string
    {
        return $this->boatAt($event) === null ? 'The dock is not marked: neither this phone nor the boat said where it is.' : null;
    }

    public function apply(array $event): array
    {
        $lake = $this->trip->lake;
        $at = $this->boatAt($event);
        if ($lake === null || $at === null) {
            return [];
        }
        $names = new SpotNames($lake);
        for ($n = 1; ($name = "Dock {$n}") !== $names->free($name); $n++) {
        }
        /** @var LakeSpot $spot */
        $spot = $lake->spots()->create([
            'name' => $name, 'lat' => round($at->lat, 6), 'lon' => round($at->lon, 6), 'structure' => Structure::Dock->value, 'cover' => [Cover::Dock->value],
            'dock' => [
                'kind' => $event['dock_kind'], 'inside_ft' => (float) $event['inside_ft'], 'outside_ft' => (float) $event['outside_ft'],
                'walkway_ft' => (float) $event['walkway_ft'], 'extras' => [],
            ],
            ...$lake->read($at->lat, $at->lon),
        ]);
        $this->set = ['marked' => $spot->id];

        return ['name' => $name];
    }

    public function set(): array
    {
        return $this->set;
    }

    /** A dock that was fished since stays. */
    public function takeBack(LogEvent $event): void
    {
        LakeSpot::neverFished()->where('lake_id', $this->trip->lake_id)->where('id', $event->after['marked'] ?? 0)->delete();
    }
}
