<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\StintsReader;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\Limits;

/** What can be said of a stint and of a contact, and what each field takes. Keys are the core's. */
final class StintFields
{
    /** How long words of one's own may be. */
    public const SPOT = 80;

    public const RETRIEVE = 40;

    public const ANGLER = 40;

    /** @return array<string, Wanted> what a stint begins with */
    public static function begun(): array
    {
        return [
            'spot' => Wanted::text(self::SPOT), 'lure' => Wanted::oneOf(self::lures()), 'color' => Wanted::oneOf(self::colors()), 'depth_ft' => Wanted::number(0, Limits::DEPTH_FT),
            'retrieve' => Wanted::text(self::RETRIEVE), 'angler' => Wanted::text(self::ANGLER)->orNothing(),
        ];
    }

    /**
     * @param  array<string, list<string>>  $options
     * @return array<string, Wanted>
     */
    public static function optional(array $options): array
    {
        return array_map(static fn (array $keys): Wanted => Wanted::oneOf($keys)->orNothing(), $options);
    }

    /** @return array<string, list<string>> options by field of a stint */
    public static function ofStint(): array
    {
        return [
            'lure' => self::lures(), 'color' => self::colors(), 'structure' => Structure::keys(), 'cover' => Cover::keys(),
            'cover_part' => StintsReader::PARTS, 'light' => StintsReader::LIGHTS,
        ];
    }

    /** @return array<string, list<string>> options by field of a contact */
    public static function ofContact(): array
    {
        return [
            'kind' => ContactKind::keys(), 'species' => Species::keys(), 'hooked' => Hooked::keys(), 'forage' => Forage::keys(),
            'cover' => Cover::keys(), 'cover_part' => StintsReader::PARTS, 'light' => StintsReader::LIGHTS,
        ];
    }

    /** @return list<string> */
    public static function lures(): array
    {
        return array_keys(Catalog::all());
    }

    /** @return list<string> */
    public static function colors(): array
    {
        return ColorFamily::keys();
    }
}
