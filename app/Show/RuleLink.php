<?php

declare(strict_types=1);

namespace App\Show;

use Illuminate\Database\Eloquent\Model;
use WeakMap;

/** The way to a rule: with what it says of the day where there is one, else the rule alone. */
final class RuleLink
{
    private const ANY = '0';

    /** @var WeakMap<Model, string>|null the way to any rule of a day, asked for once: a page names a hundred of them */
    private static ?WeakMap $ways = null;

    public static function to(?Model $trip, string $id): string
    {
        if ($trip === null) {
            return route('rule', $id);
        }
        self::$ways ??= new WeakMap;

        return (self::$ways[$trip] ??= rtrim(route('rule.today', ['trip' => $trip, 'id' => self::ANY], false), self::ANY)).rawurlencode($id);
    }
}
