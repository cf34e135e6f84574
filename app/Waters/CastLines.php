<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\LakeSpot;
use App\Models\Trip;
use OldEddy\Where\Cast\CastLine;

/** Lines of the cast as spots keep them (S25). */
final class CastLines
{
    /** @return array{lat: float, lon: float, bearing_deg: float, length_ft: float, from: string, at: ?string} a line as a spot keeps it */
    public static function told(CastLine $line, string $from, ?string $at): array
    {
        return [
            'lat' => round($line->boat->lat, 7), 'lon' => round($line->boat->lon, 7), 'bearing_deg' => round($line->bearingDeg, 1),
            'length_ft' => round($line->lengthFt, 1), 'from' => $from, 'at' => $at,
        ];
    }

    /**
     * The lines that are kept on the lake of a day, by spot.
     *
     * @param  ?list<string>  $shared  the spots that a guest knows of; for him a line has its bearing and length, and not where it lies
     * @return array<string, array{bearing_deg: float, length_ft: float, lat?: float, lon?: float}>
     */
    public static function of(Trip $trip, ?array $shared = null): array
    {
        $lines = [];
        $kept = $trip->lake_id === null ? [] : LakeSpot::query()->where('lake_id', $trip->lake_id)->where('out_with', 0)->whereNotNull('cast_line')
            ->when($shared !== null, static fn ($q) => $q->whereIn('name', $shared))->get(['name', 'cast_line']);
        foreach ($kept as $spot) {
            $lines[$spot->name] = array_diff_key($spot->cast_line ?? [], ['from' => 0, 'at' => 0] + ($shared === null ? [] : ['lat' => 0, 'lon' => 0]));
        }

        return $lines;
    }
}
