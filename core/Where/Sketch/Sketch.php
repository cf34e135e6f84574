<?php

declare(strict_types=1);

namespace OldEddy\Where\Sketch;

use OldEddy\Where\Cast\CastLine;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/**
 * A water as somebody drew it: where the middle of the sheet lies, what is drawn on it, and how far around a depth that was set the
 * bottom is believed to be like it (feet). Basis: rule S31.
 */
final readonly class Sketch
{
    /** How far a set depth is believed, feet: at least, at most, and where nobody says. Basis: own choice. */
    public const REACH_FT = [30.0, 1500.0, 200.0];

    /** @param  list<Thing>  $things */
    public function __construct(public Position $middle, public array $things, public float $reachFt = self::REACH_FT[2])
    {
    }

    /**
     * Where a point of the sheet lies.
     *
     * @param  array{float, float}  $point  metres east and north of its middle
     */
    public function position(array $point): Position
    {
        return new Position(
            $this->middle->lat + $point[1] / DepthGrid::METRES_PER_DEGREE,
            $this->middle->lon + $point[0] / (DepthGrid::METRES_PER_DEGREE * cos(deg2rad($this->middle->lat))),
        );
    }

    /** @return list<Thing> */
    public function of(Kind ...$kinds): array
    {
        return array_values(array_filter($this->things, static fn (Thing $t): bool => in_array($t->kind, $kinds, true)));
    }

    /** @return list<array{float, float}> the points of a thing, longitude and latitude */
    public function line(Thing $thing): array
    {
        return array_map(function (array $point): array {
            $at = $this->position($point);

            return [round($at->lon, 7), round($at->lat, 7)];
        }, $thing->points);
    }

    /**
     * Names for all that becomes a spot: the one that was written, or what it is with a number, none of them twice.
     *
     * @return array<int, string> by the index of the thing
     */
    public function names(): array
    {
        [$names, $taken] = [[], []];
        foreach ([true, false] as $written) {
            foreach ($this->things as $i => $thing) {
                if (! $thing->kind->isSpot() || ($thing->name !== '') !== $written) {
                    continue;
                }
                $base = $written ? $thing->name : ucfirst($thing->structure?->words() ?? ($thing->kind === Kind::Creek ? 'creek mouth' : $thing->kind->words()));
                $name = $written ? $base : "{$base} 1";
                for ($n = 2; isset($taken[mb_strtolower($name)]); $n++) {
                    $name = "{$base} {$n}";
                }
                $taken[mb_strtolower($name)] = true;
                $names[$i] = $name;
            }
        }

        return $names;
    }

    /** The cast that was drawn at a spot: the one whose aim lies nearest to it, within a cast's length; null where none was. */
    public function castAt(Thing $spot): ?CastLine
    {
        [$best, $near] = [null, INF];
        foreach ($this->of(Kind::Cast) as $cast) {
            $line = CastLine::between($this->position($cast->points[0]), $this->position($cast->points[1] ?? $cast->points[0]));
            $far = $this->position($cast->points[1] ?? $cast->points[0])->feetTo($this->position($spot->points[0]));
            if ($far < $near && $far <= $line->lengthFt) {
                [$best, $near] = [$line, $far];
            }
        }

        return $best;
    }
}
