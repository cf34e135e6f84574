<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\LineKind;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Station;

/** Reads a spread and its lines. */
final class SpreadReader
{
    private const MOST_POINTS = 40;

    private const DEEPEST_FT = 300.0;

    public const LONGEST_KEY = 40;

    private const MOST_MPH = 10.0;

    private const SLOW_MPH = 1.5;

    /**
     * A spread that was put down: its boat, its lines and, where it is known, its speed.
     *
     * @param  array<array-key, mixed>  $in  boat, speed_mph and lines, at least one of these
     *
     * @throws InvalidInput with every problem found
     */
    public static function spread(array $in): Spread
    {
        $own = Fields::of($in);
        [$boat, $speed, $lines] = self::parts($own);
        if ($lines === []) {
            $own->problem('lines', 'must hold at least one line.');
        }
        $own->refuseOthers();
        $own->finish();

        return self::at($boat, $lines, $speed);
    }

    /** @return array{BoatKind, ?float, list<SpreadLine>} boat, speed in mph and lines, with their problems noted */
    public static function parts(Fields $own): array
    {
        $boat = $own->oneOf('boat', BoatKind::class) ?? BoatKind::Boat;
        $speed = $own->number('speed_mph', 0.2, self::MOST_MPH, 'mph');
        $lines = self::lines($own);
        if (count($lines) > $boat->mostLines()) {
            $own->problem('lines', "may hold at most {$boat->mostLines()} entries for a {$boat->value}.");
        }

        return [$boat, $speed, $lines];
    }

    /**
     * Lines at a speed; where none was said, at one that all of them can run, or else the first.
     *
     * @param  list<SpreadLine>  $lines
     */
    public static function at(BoatKind $boat, array $lines, ?float $speedMph): Spread
    {
        $shared = Spread::common($lines) ?? Spread::common(array_slice($lines, 0, 1));

        return Spread::of($boat, $lines, $speedMph ?? $shared?->startMph() ?? self::SLOW_MPH);
    }

    /** @return list<SpreadLine> none with a problem noted */
    private static function lines(Fields $in): array
    {
        [$lines, $keys] = [[], []];
        foreach ($in->objects('lines', BoatKind::Boat->mostLines()) as $one) {
            $line = self::line($one);
            if ($line !== null && isset($keys[$line->key])) {
                $one->problem('key', 'stands for another line of this spread already.');
            }
            if ($line !== null) {
                $keys[$line->key] = true;
                $lines[] = $line;
            }
        }

        return $lines;
    }

    private static function line(Fields $one): ?SpreadLine
    {
        $side = $one->oneOf('side', Side::class);
        $station = $one->oneOf('position', Station::class);
        $carrier = $one->oneOf('carrier', Carrier::class) ?? Carrier::Flat;
        $name = $one->text('lure', self::LONGEST_KEY);
        $lure = $name === null ? null : Catalog::all()[$name] ?? null;
        $color = $one->oneOf('color', ColorFamily::class) ?? ColorFamily::NaturalBaitfish;
        $out = $one->number('let_out_ft', SpreadPlanner::OUT_FT[0], SpreadPlanner::OUT_FT[1], 'ft');
        $length = $one->number('length_in', 0.5, 16, 'in');
        $weight = $one->number('weight_oz', 0.02, 32, 'oz');
        $tiedTo = $one->oneOf('line', LineKind::class) ?? LineKind::USUAL;
        $sinker = $one->number('sinker_oz', 0.1, 64, 'oz') ?? SpreadLine::SINKER_OZ;
        $key = $one->text('key', self::LONGEST_KEY);
        $points = [];
        foreach ($one->pairs('points', 0, self::MOST_POINTS, SpreadPlanner::OUT_FT[1] * 3) as $i => [$let, $deep]) {
            if ($let <= 0 || $deep < 0 || $deep > self::DEEPEST_FT || $deep >= $let) {
                $one->problem("points.{$i}", 'must be feet of line and feet of depth, less deep than the line is long.');
            } else {
                $points[] = [$let, $deep];
            }
        }
        foreach (['side' => $side, 'position' => $station, 'lure' => $lure, 'let_out_ft' => $out] as $field => $value) {
            if ($one->take($field) === null) {
                $one->problem($field, 'is required.');
            } elseif ($field === 'lure' && $value === null && $name !== null) {
                $one->problem($field, 'is no family of lures.');
            }
        }
        if ($lure !== null && ! $lure->trolled && ! $lure->dives()) {
            $one->problem('lure', 'is cast, and cannot be towed.');
            $lure = null;
        }
        $one->refuseOthers();
        if ($side === null || $station === null || $lure === null || $out === null) {
            return null;
        }
        $lengths = $lure->rigging->lengthsIn;
        $weights = $lure->rigging->weightsOz;

        return new SpreadLine(
            $key ?? "{$side->value}_{$station->value}", $side, $station, $carrier, $lure, $color, $out,
            $length ?? $lengths[intdiv(count($lengths), 2)], $weight ?? $weights[intdiv(count($weights), 2)] ?? 0.5, $points, $tiedTo, $sinker,
        );
    }
}
