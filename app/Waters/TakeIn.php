<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Waters\Files\AnyFile;
use App\Waters\Files\Refused;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use OldEddy\Conditions\Cover;
use OldEddy\Conditions\Structure;
use OldEddy\Lake\DepthGrid;
use OldEddy\Lake\Shoreline;
use OldEddy\Lake\Soundings;

/** Takes a file into a lake, whole or not at all: spots, soundings made into a grid, shoreline. */
final class TakeIn
{
    private const MOST_SPOTS = 2000;

    private const MOST_RING_POINTS = 200_000;

    /** @return string what was taken in, in words */
    public static function file(Lake $lake, string $path, float $cellM = 10.0): string
    {
        [$spots, $rings, $tracks, $sections, $points, $soundings] = [[], [], [], [], 0, new Soundings($cellM)];
        try {
            $shore = 0;
            foreach (AnyFile::read($path) as $found) {
                switch ($found->what) {
                    case 'sounding':
                        $soundings->add($found->lat, $found->lon, $found->depthFt);
                        break;
                    case 'ring':
                        $points += count($found->ring);
                        $shore += count($found->ring);
                        $rings[] = $found->ring;
                        // The waterline is a depth as well.
                        foreach ($found->ring as [$lon, $lat]) {
                            $soundings->add($lat, $lon, 0.0);
                        }
                        break;
                    case 'track':
                        $points++;
                        if ($found->about['first'] || $tracks === []) {
                            $tracks[] = [];
                        }
                        $tracks[count($tracks) - 1][] = [round($found->lon, 6), round($found->lat, 6)];
                        break;
                    case 'section':
                        $sections[] = ['name' => $found->about['name'], 'lat' => $found->lat, 'lon' => $found->lon];
                        break;
                    default:
                        $spots[] = $found;
                }
                if (count($spots) > self::MOST_SPOTS || $points > self::MOST_RING_POINTS) {
                    throw new Refused(sprintf('The file has more than %d spots or %d points of shoreline and tracks.', self::MOST_SPOTS, self::MOST_RING_POINTS));
                }
            }
            $fresh = $soundings->taken();
            $known = $lake->grid === null ? null : PackedGrid::unpack($lake->grid);
            if ($fresh > $shore && $known !== null) {
                self::addTo($soundings, $known);
            }
            // A shoreline alone cuts the depths that are known already.
            $grid = $fresh > $shore ? $soundings->grid() : ($rings !== [] ? $known : null);
        } catch (InvalidArgumentException $e) {
            throw new Refused(ucfirst($e->getMessage()).sprintf(' (after %d soundings).', $soundings->taken()));
        }

        return DB::transaction(function () use ($lake, $spots, $rings, $grid, $fresh, $shore, $tracks, $sections): string {
            if ($rings !== []) {
                $lake->update(['shoreline' => $rings]);
            }
            if ($grid !== null) {
                $lake->keepGrid($lake->shoreline === null ? $grid : Shoreline::cut($grid, $lake->shoreline));
            }
            foreach ($spots as $n => $spot) {
                self::keep($lake, $spot->lat, $spot->lon, $spot->about, $n);
            }

            $lake->update([...($tracks === [] ? [] : ['tracks' => [...($lake->tracks ?? []), ...$tracks]]), ...($sections === [] ? [] : ['sections' => $sections])]);

            return sprintf('%d spots, %d soundings, %d rings of shoreline, %d tracks, %d names of sections.', count($spots), $fresh - $shore, count($rings), count($tracks), count($sections));
        });
    }

    /** What was known before stays beside what is new. */
    private static function addTo(Soundings $soundings, DepthGrid $known): void
    {
        for ($row = 0; $row < $known->rows; $row++) {
            for ($col = 0; $col < $known->cols; $col++) {
                if ($known->isWater($col, $row)) {
                    [$lat, $lon] = $known->position($col, $row);
                    $soundings->add($lat, $lon, $known->cell($col, $row));
                }
            }
        }
    }

    /** @param  array<string, mixed>  $about */
    private static function keep(Lake $lake, float $lat, float $lon, array $about, int $n): void
    {
        if (abs($lat) > 90 || abs($lon) > 180) {
            throw new Refused(sprintf('Spot %d lies at %s, %s: these are no degrees.', $n + 1, $lat, $lon));
        }
        $text = static fn (string $key): ?string => is_string($about[$key] ?? null) ? mb_substr($about[$key], 0, 80) : null;
        $name = $text('name') ?: 'Mark '.($n + 1);
        $structure = Structure::tryFrom((string) $text('structure'))?->value;
        LakeSpot::query()->updateOrCreate(['lake_id' => $lake->id, 'name' => $name], array_filter([
            'lat' => $lat, 'lon' => $lon, 'structure' => $structure, 'origin' => 'file',
            'cover' => is_array($about['cover'] ?? null) ? array_values(array_intersect($about['cover'], Cover::keys())) : null,
            ...array_map(static fn (mixed $v): ?float => is_numeric($v) ? (float) $v : null, array_intersect_key($about, array_flip(['shallow_ft', 'deep_ft', 'depth_nearby_ft', 'bank_faces_deg', 'object_height_ft', 'setback_ft']))),
        ], static fn (mixed $v): bool => $v !== null));
    }
}
