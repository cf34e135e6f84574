<?php

declare(strict_types=1);

namespace App\Year;

use App\Show\Units;
use Closure;
use Illuminate\Validation\Rule;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Tackle\Care;
use OldEddy\Contract\FieldTable;

/** An item of the box as it is typed, from the page or from a row of a file. */
final class BoxForm
{
    private const MOST = 999;

    public const NAMES = [
        'lure' => 'family', 'name' => 'name', 'color' => 'color', 'color_name' => 'name of the color', 'weight_oz' => 'weight', 'length_in' => 'length', 'rated_ft' => 'rated depth',
        'hook' => 'hook', 'number' => 'number', 'cleaned_on' => 'day it was cleaned', 'sharpened_on' => 'day it was sharpened',
    ];

    /** @return array<string, list<mixed>> the rules by field, in the angler's units */
    public static function rules(Units $units): array
    {
        $between = static fn (string $path, Closure $show): string => sprintf(
            'between:%s,%s', $show(FieldTable::one('stint', $path)->least), $show(FieldTable::one('stint', $path)->most),
        );

        return [
            'lure' => ['required', Rule::in(array_keys(Catalog::all()))], 'name' => ['nullable', 'string', 'max:60'],
            'color' => ['nullable', Rule::enum(ColorFamily::class)], 'color_name' => ['nullable', 'string', 'max:60'],
            'weight_oz' => ['nullable', 'numeric', $between('weight_oz', $units->showLure(...))],
            'length_in' => ['nullable', 'numeric', $between('length_in', $units->showSize(...))],
            'rated_ft' => ['nullable', 'numeric', 'between:0.1,'.$units->show('depth', 200)], 'hook' => ['nullable', 'string', 'max:40'],
            'number' => ['nullable', 'integer', 'between:0,'.self::MOST],
            'cleaned_on' => ['nullable', 'date_format:Y-m-d'], 'sharpened_on' => ['nullable', 'date_format:Y-m-d'],
            ...array_map(static fn (array $words): array => ['nullable', Rule::in($words)], Care::STATES),
        ];
    }

    /**
     * @param  array<string, mixed>  $given  as the rules let it pass
     * @return array<string, mixed> the fields of the item
     */
    public static function read(array $given, Units $units): array
    {
        $item = array_intersect_key($given, self::NAMES + Care::STATES) + ['number' => 1];
        $item['number'] ??= 1;
        // A limit that was rounded for another unit comes back within what the core takes.
        $within = static fn (string $path, float $v): float => max(FieldTable::one('stint', $path)->least, min(FieldTable::one('stint', $path)->most, $v));
        $take = [
            'rated_ft' => static fn (float $v): float => round($units->take('depth', $v), 1),
            'weight_oz' => static fn (float $v): float => $within('weight_oz', round($units->takeLure($v), 4)),
            'length_in' => static fn (float $v): float => $within('length_in', round($units->takeSize($v), 2)),
        ];
        foreach ($take as $field => $in) {
            $item[$field] = isset($item[$field]) ? $in((float) $item[$field]) : null;
        }

        return $item;
    }
}
