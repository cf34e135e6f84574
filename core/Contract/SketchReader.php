<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Sketch\Kind;
use OldEddy\Where\Sketch\Sketch;
use OldEddy\Where\Sketch\Thing;

/**
 * Reads a sketch of a water: {"lat", "lon" of the sheet's middle, "reach_ft", "things": [{"kind", "points": [[metres east, metres
 * north], ...], "ft", "name", "structure", "cover"}]}. Basis of the limits: own choice, what a hand draws.
 */
final class SketchReader
{
    private const MOST_THINGS = 600;

    /** No sheet is wider than this from its middle, metres. */
    private const FAR_M = 40_000.0;

    private const HIGHEST_FT = 1000.0;

    private const LONGEST_NAME = 80;

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws InvalidInput by field
     */
    public static function read(array $values): Sketch
    {
        $in = Fields::of($values);
        $lat = $in->number('lat', -85, 85, 'degrees');
        $lon = $in->number('lon', -180, 180, 'degrees');
        if ($lat === null || $lon === null) {
            $in->problem($lat === null ? 'lat' : 'lon', 'is required.');
        }
        $reach = $in->number('reach_ft', Sketch::REACH_FT[0], Sketch::REACH_FT[1], 'ft') ?? Sketch::REACH_FT[2];
        $things = array_filter(array_map(self::thing(...), $in->objects('things', self::MOST_THINGS)));
        $in->finish();

        return new Sketch(new Position((float) $lat, (float) $lon), array_values($things), $reach);
    }

    private static function thing(Fields $one): ?Thing
    {
        $kind = $one->oneOf('kind', Kind::class);
        if ($kind === null) {
            $one->problem('kind', 'is required.');

            return null;
        }
        $points = $one->pairs('points', $kind->least(), $kind->most(), self::FAR_M);
        $feet = $one->number('ft', 0, self::HIGHEST_FT, 'ft');
        if ($kind->needsFeet() && $feet === null) {
            $one->problem('ft', 'is required.');
        }
        $name = $one->text('name', self::LONGEST_NAME) ?? '';
        if ($kind === Kind::Section && trim($name) === '') {
            $one->problem('name', 'is required.');
        }
        $thing = [$one->oneOf('structure', Structure::class), $one->oneOf('cover', Cover::class)];
        $one->refuseOthers();

        return $points === [] ? null : new Thing($kind, $points, $feet, trim($name), ...$thing);
    }
}
