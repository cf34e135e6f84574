<?php

declare(strict_types=1);

namespace App\Waters\Files;

use OldEddy\Where\Lake\Soundings;

/** How a file is read: its form, and every choice that another reader might make otherwise. */
final readonly class Understanding
{
    public const DEPTH = 'depth';

    public const MINUS = 'minus';

    public const ELEVATION = 'elevation';

    /** Before the name of a property: it holds for all that lies within an outline. */
    public const WHOLE = 'whole:';

    public const FEET_PER = ['ft' => 1.0, 'm' => 1 / 0.3048, 'fathom' => 6.0];

    /**
     * @param  ?array{int, int, int}  $columns  of longitude, latitude and depth, as the order says
     * @param  string  $order  lonlat or latlon
     * @param  string  $sign  whether depths are written as depths, with a minus, or as heights of the ground
     * @param  ?float  $surface  height of the water's surface in the file's own unit, where heights of the ground are written
     * @param  string  $lines  track, or the property that holds the depth of a line
     * @param  string  $areas  shoreline, leave, or the property that holds the depth of an outline; with "whole:" before it, of all that lies within
     * @param  string  $points  spots, or the property that holds the depth of a point
     * @param  float  $levelFt  how far the water stood above (plus) or below the lake's reference when it was sounded
     * @param  bool  $cuts  whether the shoreline makes land of what lies outside it
     * @param  bool  $isWest  whether longitudes are written without the minus that west has
     * @param  bool  $leaves  whether what is too deep for any lake is left out, however much of it there is
     * @param  string  $heights  what the heights of a GPX file are: leave, depth or minus
     */
    public function __construct(
        public string $format,
        public ?array $columns = null,
        public bool $headed = false,
        public string $separator = ',',
        public bool $decimalComma = false,
        public string $order = 'lonlat',
        public string $unit = 'ft',
        public string $sign = self::DEPTH,
        public ?float $surface = null,
        public string $lines = 'track',
        public string $areas = 'shoreline',
        public float $levelFt = 0.0,
        public bool $cuts = true,
        public string $points = 'spots',
        public bool $isWest = false,
        public bool $leaves = false,
        public string $heights = 'leave',
    ) {
    }

    /** Whether no lake is so deep. */
    public static function isTooDeep(float $feet): bool
    {
        return is_nan($feet) || $feet > Soundings::DEEPEST_FT;
    }

    /** A depth as it is written, in feet below the lake's reference level; null for ground above the water. */
    public function feet(float $written): ?float
    {
        $deep = match ($this->sign) {
            self::MINUS => -$written,
            // Before the surface is said, all that can be shown is the range of the heights themselves.
            self::ELEVATION => $this->surface === null ? abs($written) : $this->surface - $written,
            default => $written,
        };
        $feet = $deep * self::FEET_PER[$this->unit];

        return $feet < 0 ? null : max(0.0, $feet - $this->levelFt);
    }

    /**
     * @param  array{0: float, 1: float, 2?: float}  $pair  two coordinates as they are written
     * @return array{float, float} latitude, longitude
     */
    public function place(array $pair): array
    {
        [$lat, $lon] = $this->order === 'latlon' ? [$pair[0], $pair[1]] : [$pair[1], $pair[0]];

        return [$lat, match (true) {
            $this->isWest && $lon > 0 => -$lon,
            // Counted once around from Greenwich.
            $lon > 180 && $lon <= 360 => $lon - 360,
            default => $lon,
        }];
    }

    /** @param  array<string, mixed>  $said  answers of the angler by key; what is nonsense is passed over */
    public function with(array $said): self
    {
        $values = get_object_vars($this);
        foreach ([
            'order' => ['lonlat', 'latlon'],
            'unit' => array_keys(self::FEET_PER),
            'sign' => [self::DEPTH, self::MINUS, self::ELEVATION],
            'heights' => ['leave', 'depth', 'minus'],
        ] as $key => $allowed) {
            if (in_array($said[$key] ?? null, $allowed, true)) {
                $values[$key] = $said[$key];
            }
        }
        foreach (['surface', 'levelFt'] as $key) {
            if (is_numeric($said[$key] ?? null) && abs((float) $said[$key]) < 1e5) {
                $values[$key] = (float) $said[$key];
            }
        }
        foreach (['lines', 'areas', 'points'] as $key) {
            if (is_string($said[$key] ?? null) && $said[$key] !== '') {
                $values[$key] = $said[$key];
            }
        }
        if (isset($said['shore'])) {
            $values['cuts'] = $said['shore'] !== 'draw';
        }
        if (isset($said['west'])) {
            $values['isWest'] = $said['west'] === 'yes';
        }
        $values['leaves'] = $values['leaves'] || ($said['deep'] ?? null) === 'leave';
        if (is_array($said['columns'] ?? null) && count(array_filter($said['columns'], is_numeric(...))) === 3 && count(array_unique($said['columns'])) === 3) {
            $values['columns'] = array_map(intval(...), array_values($said['columns']));
            $values['order'] = 'lonlat';
        }

        return new self(...$values);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @return list<array{string, string}> in words: what, how */
    public function words(): array
    {
        $unit = ['ft' => 'feet', 'm' => 'metres', 'fathom' => 'fathoms'][$this->unit];
        $words = [['file', ['csv' => 'lines of numbers', 'geojson' => 'GeoJSON', 'gpx' => 'GPX', 'recording' => 'a recording of instruments', 'raster' => 'a grid of cells'][$this->format]]];
        if ($this->format === 'csv') {
            $words[] = ['columns', 'divided by '.(["\t" => 'tabs', ';' => 'semicolons', ' ' => 'spaces'][$this->separator] ?? 'commas')];
        }
        if (in_array($this->format, ['csv', 'geojson'], true)) {
            $words[] = ['places', match (true) {
                $this->headed && $this->order === 'lonlat' => 'by the names of their columns',
                $this->order === 'latlon' => 'the other way round than named or usual: latitude for longitude',
                default => 'longitude first',
            }];
        }
        if (in_array($this->format, ['csv', 'geojson', 'raster'], true)) {
            $words[] = ['depths in', match ($this->sign) {
                self::MINUS => "{$unit}, under water with a minus",
                self::ELEVATION => "heights of the ground in {$unit}, the water's surface at {$this->surface}",
                default => $unit,
            }];
        }
        if ($this->format === 'geojson') {
            $words[] = ['lines', $this->lines === 'track' ? 'tracks, unless they name a depth' : "depth lines by \"{$this->lines}\""];
            $words[] = ['outlines', ['shoreline' => 'shoreline', 'leave' => 'left out'][$this->areas] ?? (str_starts_with($this->areas, self::WHOLE)
                ? 'areas of one depth by "'.substr($this->areas, strlen(self::WHOLE)).'"' : "depth lines by \"{$this->areas}\"")];
            $words[] = ['points', $this->points === 'spots' ? 'spots, unless they name a depth' : "soundings by \"{$this->points}\""];
        }
        if ($this->isWest) {
            $words[] = ['longitudes', 'west, written without a minus'];
        }
        if ($this->format === 'gpx' && $this->heights !== 'leave') {
            $words[] = ['heights', $this->heights === 'depth' ? 'depths in metres' : 'depths in metres, with a minus'];
        }
        if ($this->levelFt !== 0.0) {
            $words[] = ['water stood', sprintf('%+.1f ft against the reference', $this->levelFt)];
        }

        return $words;
    }
}
