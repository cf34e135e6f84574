<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Waters\Files\AnyFile;
use App\Waters\Files\Refused;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use OldEddy\Conditions\Bottom;
use OldEddy\Conditions\Cover;
use OldEddy\Conditions\DockKind;
use OldEddy\Conditions\Structure;
use OldEddy\Docks\Extra;
use OldEddy\Lake\DepthGrid;
use OldEddy\Lake\Shoreline;
use OldEddy\Lake\Soundings;

/** Takes a file into a lake, whole or not at all: spots, soundings made into a grid, shoreline. */
final class TakeIn
{
    private const TOLD_EVERY = 100_000;

    private const MOST_SPOTS = 2000;

    private const MOST_RING_POINTS = 200_000;

    /** No place of a lake lies farther from the rest of it, degrees. */
    private const FAR_DEG = 2.0;

    /** Nearer to a pole there is no water with these fish: the two numbers were exchanged. */
    private const POLAR_DEG = 72.0;

    /**
     * @param  ?callable(int): void  $tell  is told now and then how much was read
     * @return string what was taken in, in words
     */
    public static function file(Lake $lake, string $path, float $cellM = 10.0, ?callable $tell = null): string
    {
        [$spots, $rings, $tracks, $sections, $points, $soundings] = [[], [], [], [], 0, new Soundings($cellM)];
        try {
            $shore = 0;
            $home = self::home($lake);
            $read = 0;
            foreach (AnyFile::read($path) as $found) {
                if (++$read % self::TOLD_EVERY === 0 && $tell !== null) {
                    $tell($read);
                }
                [$lon, $lat] = $found->ring[0] ?? [$found->lon, $found->lat];
                $home ??= self::inPlace($lat, $lon, null);
                self::inPlace($lat, $lon, $home);
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

            $lake->update([...($tracks === [] ? [] : ['tracks' => [...($lake->tracks ?? []), ...array_values(array_filter($tracks, static fn (array $t): bool => ! in_array($t, $lake->tracks ?? [], true)))]]), ...($sections === [] ? [] : ['sections' => $sections])]);

            return sprintf('%d spots, %d soundings, %d rings of shoreline, %d tracks, %d names of sections.', count($spots), $fresh - $shore, count($rings), count($tracks), count($sections));
        });
    }

    /** @return ?array{float, float} latitude and longitude of something that is known of the lake already */
    private static function home(Lake $lake): ?array
    {
        $grid = $lake->workingGrid();
        $spot = $lake->spots()->first();

        return match (true) {
            $grid !== null => $grid->position($grid->cols / 2, $grid->rows / 2),
            $spot !== null => [$spot->lat, $spot->lon],
            default => null,
        };
    }

    /**
     * A place that can belong to the lake; one that cannot gets a clear answer.
     *
     * @param  ?array{float, float}  $home
     * @return array{float, float}
     */
    private static function inPlace(float $lat, float $lon, ?array $home): array
    {
        $hint = abs($lon) <= 90 ? ' Latitude and longitude seem to be exchanged.' : '';
        if (abs($lat) > self::POLAR_DEG && abs($lat) <= 90) {
            throw new Refused(sprintf('The file lies at latitude %.4f, where no such lake is.%s', $lat, $hint));
        }
        if ($home !== null && max(abs($lat - $home[0]), abs($lon - $home[1]) * cos(deg2rad($home[0]))) > self::FAR_DEG) {
            $exchanged = max(abs($lon - $home[0]), abs($lat - $home[1])) <= self::FAR_DEG;
            throw new Refused(sprintf('A place at %.4f, %.4f lies far from the rest of this lake.%s', $lat, $lon, $exchanged ? $hint : ''));
        }

        return [$lat, $lon];
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

    /** @return array{kind: string, inside_ft: float, outside_ft: float, walkway_ft: float, extras: list<string>}|null a dock as a spot keeps it, where the file has one */
    private static function dock(mixed $dock): ?array
    {
        if (! is_array($dock) || DockKind::tryFrom((string) ($dock['kind'] ?? '')) === null || ! is_numeric($dock['inside_ft'] ?? null) || ! is_numeric($dock['outside_ft'] ?? null)) {
            return null;
        }

        return [
            'kind' => (string) $dock['kind'], 'inside_ft' => (float) $dock['inside_ft'], 'outside_ft' => (float) $dock['outside_ft'], 'walkway_ft' => is_numeric($dock['walkway_ft'] ?? null) ? (float) $dock['walkway_ft'] : 15.0,
            'extras' => array_values(array_intersect(is_array($dock['extras'] ?? null) ? $dock['extras'] : [], Extra::keys())),
        ];
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
        $numbers = [];
        foreach (SpotSheet::NUMBERS as $field => [, , $least, $most]) {
            $given = $about[$field] ?? null;
            $numbers[$field] = is_numeric($given) && $given >= $least && $given <= $most ? (float) $given : null;
        }
        LakeSpot::query()->updateOrCreate(['lake_id' => $lake->id, 'name' => $name], array_filter([
            ...$numbers, 'lat' => $lat, 'lon' => $lon, 'structure' => $structure, 'bottom' => Bottom::tryFrom((string) $text('bottom'))?->value, 'origin' => 'file',
            'cover' => is_array($about['cover'] ?? null) ? array_values(array_intersect($about['cover'], Cover::keys())) : null,
            'dock' => self::dock($about['dock'] ?? null), ...$lake->read($lat, $lon),
        ], static fn (mixed $v): bool => $v !== null));
    }
}
