<?php

declare(strict_types=1);

namespace App\Waters\Files;

/**
 * The points, lines and rings of one feature, as numbers in the order of the file, each with its height where it has one; whatever
 * else stands in it is refused.
 */
final readonly class Geometry
{
    public string $type;

    /** @var list<array{0: float, 1: float, 2?: float}> */
    public array $points;

    /** @var list<list<array{0: float, 1: float, 2?: float}>> */
    public array $lines;

    /** @var list<non-empty-list<array{0: float, 1: float, 2?: float}>> rings, outer ones and holes alike */
    public array $areas;

    public function __construct(mixed $geometry, private int $number)
    {
        $geometry = is_array($geometry) ? $geometry : [];
        $this->type = is_string($geometry['type'] ?? null) ? mb_substr($geometry['type'], 0, 40) : 'thing without a type';
        $given = $geometry['coordinates'] ?? null;
        $parts = $this->type === 'GeometryCollection' ? array_map(
            static fn (mixed $part): self => new self($part, $number),
            self::items($geometry['geometries'] ?? null),
        ) : [];
        $this->points = match ($this->type) {
            'Point' => [$this->pair($given)],
            'MultiPoint' => $this->line($given),
            default => array_merge(...array_column($parts, 'points')),
        };
        $this->lines = match ($this->type) {
            'LineString' => [$this->line($given)],
            'MultiLineString' => array_map($this->line(...), self::items($given)),
            default => array_merge(...array_column($parts, 'lines')),
        };
        $rings = match ($this->type) {
            'Polygon' => array_map($this->line(...), self::items($given)),
            'MultiPolygon' => array_map($this->line(...), array_merge(...array_map(self::items(...), self::items($given)))),
            default => array_merge(...array_column($parts, 'areas')),
        };
        $this->areas = array_values(array_filter($rings, static fn (array $ring): bool => $ring !== []));
    }

    public function isEmpty(): bool
    {
        return $this->points === [] && $this->areas === [] && array_filter($this->lines) === [];
    }

    /** @return list<array{0: float, 1: float, 2?: float}> of all kinds */
    public function places(): array
    {
        return [...$this->points, ...array_merge(...$this->lines), ...array_merge(...$this->areas)];
    }

    /** @return list<float> heights that are not 0: many programs write a 0 where they know none */
    public function heights(): array
    {
        return array_values(array_filter(array_map(static fn (array $p): float => $p[2] ?? 0.0, $this->places())));
    }

    /** @return list<array{0: float, 1: float, 2?: float}> */
    private function line(mixed $points): array
    {
        return array_map($this->pair(...), self::items($points));
    }

    /** @return list<mixed> */
    private static function items(mixed $list): array
    {
        return is_array($list) ? array_values($list) : [];
    }

    /** @return array{0: float, 1: float, 2?: float} */
    private function pair(mixed $point): array
    {
        if (! is_array($point) || ! is_numeric($point[0] ?? null) || ! is_numeric($point[1] ?? null)) {
            throw new Refused("Feature {$this->number} has a point that is no pair of numbers.");
        }

        return is_numeric($point[2] ?? null) ? [(float) $point[0], (float) $point[1], (float) $point[2]] : [(float) $point[0], (float) $point[1]];
    }
}
