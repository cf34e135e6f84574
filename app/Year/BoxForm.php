<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\BoxItem;
use App\Show\Units;
use Illuminate\Validation\Rule;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\FieldTable;

/** An item of the box as it is typed, from the page or from a row of a file. */
final class BoxForm
{
    private const MOST = 999;

    public const NAMES = [
        'lure' => 'family', 'name' => 'name', 'color' => 'color', 'color_name' => 'name of the color', 'weight_oz' => 'weight', 'length_in' => 'length', 'rated_ft' => 'rated depth',
        'hook' => 'hook', 'number' => 'number', 'cleaned_on' => 'day it was cleaned', 'sharpened_on' => 'day it was sharpened',
    ];

    /** @return array<string, list<mixed>> ounces and inches in any units, as they are stamped; the rated depth in the angler's */
    public static function rules(Units $units): array
    {
        $span = static fn (string $path): string => 'between:'.FieldTable::one('stint', $path)->least.','.FieldTable::one('stint', $path)->most;

        return [
            'lure' => ['required', Rule::in(array_keys(Catalog::all()))], 'name' => ['nullable', 'string', 'max:60'],
            'color' => ['nullable', Rule::enum(ColorFamily::class)], 'color_name' => ['nullable', 'string', 'max:60'],
            'weight_oz' => ['nullable', 'numeric', $span('weight_oz')], 'length_in' => ['nullable', 'numeric', $span('length_in')],
            'rated_ft' => ['nullable', 'numeric', 'between:0.1,'.$units->show('depth', 200)], 'hook' => ['nullable', 'string', 'max:40'],
            'number' => ['nullable', 'integer', 'between:0,'.self::MOST],
            'cleaned_on' => ['nullable', 'date_format:Y-m-d'], 'sharpened_on' => ['nullable', 'date_format:Y-m-d'],
            ...array_map(static fn (array $words): array => ['nullable', Rule::in($words)], BoxItem::STATES),
        ];
    }

    /**
     * @param  array<string, mixed>  $given  as the rules let it pass
     * @return array<string, mixed> the fields of the item
     */
    public static function read(array $given, Units $units): array
    {
        $item = array_intersect_key($given, self::NAMES + BoxItem::STATES) + ['number' => 1];
        $item['number'] ??= 1;
        if (isset($item['rated_ft'])) {
            $item['rated_ft'] = round($units->take('depth', (float) $item['rated_ft']), 1);
        }

        return $item;
    }
}
