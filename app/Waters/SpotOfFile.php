<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Layer;
use App\Show\Text;
use App\Waters\Files\Found;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Docks\Extra;

/** A spot as a file has it, made one of the lake's: only what a spot can be is taken over. */
final class SpotOfFile
{
    /** Whether it is a new one; one that is known at its place under its name is brought up to date. */
    public static function keep(Lake $lake, Layer $layer, SpotNames $names, Found $found): bool
    {
        $about = $found->about;
        $text = static fn (string $key): string => is_string($about[$key] ?? null) ? Text::clean($about[$key], 80) : '';
        $numbers = [];
        foreach (SpotSheet::NUMBERS as $field) {
            $given = $about[$field] ?? null;
            $numbers[$field] = is_numeric($given)
                && $given >= SpotSheet::field($field)->least
                && $given <= SpotSheet::field($field)->most
                ? (float) $given
                : null;
        }
        $said = array_filter([
            ...$numbers, 'structure' => Structure::tryFrom($text('structure'))?->value, 'bottom' => Bottom::tryFrom($text('bottom'))?->value,
            'cover' => is_array($about['cover'] ?? null) ? array_values(array_intersect(array_filter($about['cover'], is_string(...)), Cover::keys())) : null,
            'dock' => self::dock($about['dock'] ?? null),
        ], static fn (mixed $v): bool => $v !== null);
        $known = $names->known($found->lat, $found->lon, $text('name'));
        if ($known !== null) {
            $known->update([...$said, 'lat' => $known->lat, 'lon' => $known->lon]);

            return false;
        }
        /** @var LakeSpot $spot */
        $spot = $lake->spots()->create(
            [
                ...$said,
                'name' => $text('name') === '' ? $names->unnamed() : $names->free($text('name')),
                'lat' => $found->lat,
                'lon' => $found->lon,
                'origin' => 'file',
                'layer_id' => $layer->id,
                ...$lake->read($found->lat, $found->lon),
            ],
        );
        $names->add($spot);

        return true;
    }

    /**
     * @return array{kind: string, inside_ft: float, outside_ft: float, walkway_ft: float, extras: list<string>}|null a dock as a spot keeps it, where the file has one
     */
    private static function dock(mixed $dock): ?array
    {
        if (! is_array($dock)
            || ! is_string($dock['kind'] ?? null)
            || DockKind::tryFrom($dock['kind']) === null
            || ! is_numeric($dock['inside_ft'] ?? null)
            || ! is_numeric($dock['outside_ft'] ?? null)) {
            return null;
        }
        $feet = static fn (string $field, float $else): float => is_numeric($dock[$field] ?? null)
            ? max(SpotSheet::field($field)->least, min(SpotSheet::field($field)->most, (float) $dock[$field])) : $else;

        return [
            'kind' => $dock['kind'], 'inside_ft' => $feet('inside_ft', 0.0), 'outside_ft' => $feet('outside_ft', 0.0),
            'walkway_ft' => $feet('walkway_ft', SpotSheet::USUAL_WALKWAY_FT),
            'extras' => array_values(array_intersect(is_array($dock['extras'] ?? null) ? array_filter($dock['extras'], is_string(...)) : [], Extra::keys())),
        ];
    }
}
