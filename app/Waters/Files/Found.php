<?php

declare(strict_types=1);

namespace App\Waters\Files;

use OldEddy\Where\Lake\DepthGrid;

/**
 * One thing found in a file: a spot, a sounding, a section, a zone without wake, a bank of some height, a point of a track, a ring of shoreline, rows of a
 * depth grid, or what the file says of the lake itself; all in degrees and feet.
 */
final readonly class Found
{
    /**
     * @param  array<string, mixed>  $about  of a spot or a lake
     * @param  list<array{float, float}>  $ring  longitude, latitude
     */
    private function __construct(
        public string $what,
        public float $lat = 0.0,
        public float $lon = 0.0,
        public float $depthFt = 0.0,
        public array $about = [],
        public array $ring = [],
        public ?DepthGrid $grid = null,
    ) {
    }

    /** @param  array<string, mixed>  $about */
    public static function spot(float $lat, float $lon, array $about): self
    {
        return new self('spot', $lat, $lon, about: $about);
    }

    public static function sounding(float $lat, float $lon, float $depthFt): self
    {
        return new self('sounding', $lat, $lon, $depthFt);
    }

    /** @param  list<array{float, float}>  $ring  its outline, longitude and latitude; empty where only its name stands somewhere */
    public static function section(float $lat, float $lon, string $name, array $ring = []): self
    {
        return new self('section', $lat, $lon, about: ['name' => $name], ring: $ring);
    }

    /** @param  non-empty-list<array{float, float}>  $ring  of a zone in which no wake may be made */
    public static function noWake(array $ring): self
    {
        return new self('no_wake', $ring[0][1], $ring[0][0], ring: $ring);
    }

    /** @param  non-empty-list<array{float, float}>  $line  of a bank with something on it so many feet high, and so many back from the water */
    public static function bank(array $line, float $heightFt, float $setbackFt): self
    {
        return new self('bank', $line[0][1], $line[0][0], about: ['height_ft' => $heightFt, 'setback_ft' => $setbackFt], ring: $line);
    }

    /** A track may come in pieces: each point by itself, the first one of a piece marked. */
    public static function trackPoint(float $lat, float $lon, bool $first): self
    {
        return new self('track', $lat, $lon, about: ['first' => $first]);
    }

    /** @param  non-empty-list<array{float, float}>  $ring */
    public static function ring(array $ring): self
    {
        return new self('ring', $ring[0][1], $ring[0][0], ring: $ring);
    }

    /** Rows of a grid of depths, as a lake of one's own was given out. */
    public static function rows(DepthGrid $rows): self
    {
        return new self('rows', $rows->north, $rows->west, grid: $rows);
    }

    /** A line that cannot be right, with the reason: it is counted and told, and nothing of it is kept. */
    public static function left(int $line, string $why): self
    {
        return new self('left', about: ['line' => $line, 'why' => $why]);
    }

    /** @param  array<string, mixed>  $about  name, ramp, dropped features, cell */
    public static function lake(array $about): self
    {
        return new self('lake', about: $about);
    }
}
