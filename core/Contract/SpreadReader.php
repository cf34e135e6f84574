<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Side;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Station;

/** Reads the lines of a spread. */
final class SpreadReader
{
    public const MOST_LINES = 8;

    private const MOST_POINTS = 40;

    private const DEEPEST_FT = 300.0;

    private const LONGEST_KEY = 40;

    /** @return list<SpreadLine> none with a problem noted */
    public static function lines(Fields $in): array
    {
        [$lines, $keys] = [[], []];
        foreach ($in->objects('lines', self::MOST_LINES) as $one) {
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
            if ($value === null) {
                $one->problem($field, $field === 'lure' && $name !== null ? 'is no family of lures.' : 'is required.');
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
            $length ?? $lengths[intdiv(count($lengths), 2)], $weight ?? $weights[intdiv(count($weights), 2)] ?? 0.5, $points,
        );
    }
}
