<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\BoxItem;
use App\Show\Units;

/** What stands in the fields of an item of the box: what was typed before, else what is kept. */
final class BoxValues
{
    /** What the first look asks for; all else is more of it. */
    private const FIRST = ['lure', 'color', 'weight_oz', 'number'];

    /**
     * @param  ?BoxItem  $item  null for a new one
     * @param  bool  $old  whether what was typed before comes back
     * @return array<string, mixed> by field, and whether "more" of it is said
     */
    public static function of(?BoxItem $item, bool $old, Units $units): array
    {
        $kept = [];
        foreach (BoxItem::SAID as $field) {
            $is = $item->{$field} ?? ($field === 'number' ? 1 : null);
            $kept[$field] = match (true) {
                $is === null => '',
                str_ends_with($field, '_on') => $is->toDateString(),
                $field === 'rated_ft' => $units->show('depth', (float) $is),
                $field === 'weight_oz' => $units->showLure((float) $is),
                $field === 'length_in' => $units->showSize((float) $is),
                default => $is,
            };
            $typed = $old ? old($field, $kept[$field]) : $kept[$field];
            $kept[$field] = is_scalar($typed) ? $typed : '';
        }

        return $kept + ['more' => array_filter(array_diff_key($kept, array_flip(self::FIRST)), static fn (mixed $v): bool => $v !== '') !== []];
    }
}
