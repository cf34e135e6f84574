<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\StintsReader;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;

/** What can be said of a stint and of a contact, and what each field takes. Keys are the core's. */
final class StintFields
{
    /** Fields that take words of one's own. */
    public const RULES = ['spot' => ['string', 'max:80'], 'retrieve' => ['string', 'max:40'], 'angler' => ['string', 'max:40']];

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
