<?php

declare(strict_types=1);

namespace App\Show;

use Illuminate\Database\Eloquent\Model;

/** The way to a rule: with what it says of the day where there is one, else the rule alone. */
final class RuleLink
{
    public static function to(?Model $trip, string $id): string
    {
        return $trip === null ? route('rule', $id) : Way::to('rule.today', $trip, $id);
    }
}
