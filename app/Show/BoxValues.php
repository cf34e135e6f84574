<?php

declare(strict_types=1);

namespace App\Show;

/** What stands in the fields of an item of the box: what was typed before, else what is kept. */
final class BoxValues
{
    private const FIELDS = [
        'lure', 'name', 'color', 'color_name', 'weight_oz', 'length_in', 'rated_ft', 'hook', 'number', 'skirt', 'treble', 'paint', 'cleaned_on', 'sharpened_on',
    ];

    /** Beyond the first look. */
    private const MORE = ['name', 'color_name', 'length_in', 'rated_ft', 'hook', 'skirt', 'treble', 'paint', 'cleaned_on', 'sharpened_on'];

    /**
     * @param  ?object  $item  of the box; null for a new one
     * @param  bool  $old  whether what was typed before comes back
     * @return array<string, mixed> by field, and whether "more" of it is said
     */
    public static function of(?object $item, bool $old, Units $units): array
    {
        $kept = [];
        foreach (self::FIELDS as $field) {
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

        return $kept + ['more' => array_filter(array_intersect_key($kept, array_flip(self::MORE)), static fn (mixed $v): bool => $v !== '') !== []];
    }
}
