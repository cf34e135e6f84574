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
        foreach (SpotSheet::NUMBERS as $field => [, , $least, $most]) {
            $given = $about[$field] ?? null;
            $numbers[$field] = is_numeric($given) && $given >= $least && $given <= $most ? (float) $given : null;
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
        $spot = $lake->spots()->create([...$said, 'name' => $text('name') === '' ? $names->unnamed() : $names->free($text('name')), 'lat' => $found->lat, 'lon' => $found->lon, 'origin' => 'file', 'layer_id' => $layer->id, ...$lake->read($found->lat, $found->lon)]);
        $names->add($spot);

        return true;
    }

    /** @return array{kind: string, inside_ft: float, outside_ft: float, walkway_ft: float, extras: list<string>}|null a dock as a spot keeps it, where the file has one */
    private static function dock(mixed $dock): ?array
    {
        if (! is_array($dock) || ! is_string($dock['kind'] ?? null) || DockKind::tryFrom($dock['kind']) === null || ! is_numeric($dock['inside_ft'] ?? null) || ! is_numeric($dock['outside_ft'] ?? null)) {
            return null;
        }
        $feet = static fn (mixed $given, float $else, float $most): float => is_numeric($given) ? max(0.0, min($most, (float) $given)) : $else;

        return [
            'kind' => $dock['kind'], 'inside_ft' => $feet($dock['inside_ft'], 0.0, 100), 'outside_ft' => $feet($dock['outside_ft'], 0.0, 100), 'walkway_ft' => $feet($dock['walkway_ft'] ?? null, 15.0, 500),
            'extras' => array_values(array_intersect(is_array($dock['extras'] ?? null) ? array_filter($dock['extras'], is_string(...)) : [], Extra::keys())),
        ];
    }
}
