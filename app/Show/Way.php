<?php

declare(strict_types=1);

namespace App\Show;

use Illuminate\Database\Eloquent\Model;
use WeakMap;

/** The way to one of many things of a day. */
final class Way
{
    private const ANY = '0';

    /** @var WeakMap<Model, array<string, string>>|null the way to any of them by the name of the route, asked for once: a page names a hundred rules */
    private static ?WeakMap $ways = null;

    /** @param  string  $route  one whose address ends with what tells the one from the others */
    public static function to(string $route, Model $trip, string $one): string
    {
        self::$ways ??= new WeakMap;
        if (! isset(self::$ways[$trip][$route])) {
            self::$ways[$trip] = [$route => rtrim(route($route, [$trip, self::ANY], false), self::ANY)] + (self::$ways[$trip] ?? []);
        }

        return self::$ways[$trip][$route].rawurlencode($one);
    }
}
