<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Conditions\Owned;

/** The field "owned": the lure families that one has with him, or the lures themselves with what is known of them (rule K4). */
final class BoxReader
{
    private const LONGEST_NAME = 60;

    /** More lures than any box holds. */
    public const MOST = 1000;

    /**
     * Families and, where lures are told, the lures by family; both empty with the problem noted, families null for all.
     *
     * @return array{owned: ?list<string>, box: array<string, list<Owned>>}
     */
    public static function read(Fields $in): array
    {
        $owned = $in->take('owned');
        $problem = match (true) {
            $owned === null => null,
            ! is_array($owned) || ! array_is_list($owned) => 'must be a list of lure families or of lures, or null for all.',
            $owned === [] => 'must name at least one lure family; leave it null for all.',
            default => null,
        };
        if ($problem !== null) {
            $in->problem('owned', $problem);
        }
        if ($owned === null || $problem !== null || ! is_array($owned)) {
            return ['owned' => null, 'box' => []];
        }

        return is_array($owned[0]) ? self::lures($in) : ['owned' => self::families($in, $owned), 'box' => []];
    }

    /**
     * @param  list<mixed>  $owned
     * @return list<string>
     */
    private static function families(Fields $in, array $owned): array
    {
        $known = [];
        foreach ($owned as $i => $key) {
            if (is_string($key) && Catalog::has($key)) {
                $known[$key] = $key;
            } else {
                $in->problem("owned.{$i}", LureField::PROBLEM);
            }
        }

        return array_values($known);
    }

    /** @return array{owned: list<string>, box: array<string, list<Owned>>} */
    private static function lures(Fields $in): array
    {
        $box = [];
        foreach ($in->objects('owned', self::MOST) as $one) {
            $lure = LureField::read($one);
            $color = $one->oneOf('color', ColorFamily::class);
            $number = static fn (string $key, string $path): ?float => $one->number(
                $key, (float) FieldTable::one('stint', $path)->least, (float) FieldTable::one('stint', $path)->most, FieldTable::one('stint', $path)->unit,
            );
            $owned = new Owned(
                (string) $lure, $color?->value, $number('weight_oz', 'weight_oz'), $number('length_in', 'length_in'), $number('rated_ft', 'depth_ft'),
                $one->text('color_name', self::LONGEST_NAME),
            );
            $one->refuseOthers();
            $box[$owned->lure][] = $owned;
        }

        return ['owned' => array_map(strval(...), array_keys($box)), 'box' => $box];
    }
}
