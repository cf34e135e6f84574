<?php

declare(strict_types=1);

namespace App\Waters;

use App\Show\Clock;
use App\Show\Units;
use Closure;
use Illuminate\Validation\Rule;
use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\OnRoute;

/** What is asked of a route, as the angler types it: from the page, or by way of the log where there was no signal. */
final class RouteForm
{
    public const MESSAGES = ['to.after' => 'Back by must be later than from.'];

    public const NAMES = ['minutes' => 'minutes a stop', 'speed' => 'speed of the boat', 'draft' => 'water the boat needs', 'fuel_per_hour' => 'fuel an hour'];

    /** @return array<string, list<mixed>> the rules by field, in the angler's units */
    public static function rules(Units $units): array
    {
        return [
            'from' => ['bail', 'required', 'string', 'date_format:H:i'],
            'to' => ['bail', 'required', 'string', 'date_format:H:i', 'after:from'],
            'minutes' => ['required', 'numeric', 'between:2,240'],
            'speed' => ['required', 'numeric', "between:{$units->show('speed', 1)},{$units->show('speed', 80)}"],
            'draft' => ['nullable', 'numeric', "between:{$units->show('depth', 0.2)},{$units->show('depth', 10)}"],
            'fuel_per_hour' => ['nullable', 'numeric', 'between:0,500'],
            'wish' => ['nullable', 'array', 'max:200', self::fewMust(...)], 'wish.*' => ['nullable', Rule::enum(OnRoute::class)], 'start' => ['nullable', 'integer'],
        ];
    }

    /** @param  array<string, mixed>  $given  as the rules let it pass */
    public static function read(array $given, Units $units): AskedRoute
    {
        return new AskedRoute(
            Clock::minute($given['from']), Clock::minute($given['to']), (float) $given['minutes'], new Craft(
                Speed::fromMph(round($units->take('speed', (float) $given['speed']), 2)),
                isset($given['draft']) ? round($units->take('depth', (float) $given['draft']), 2) : Craft::USUAL_DRAFT_FT,
            ),
            isset($given['fuel_per_hour']) ? (float) $given['fuel_per_hour'] : null, self::wished($given['wish'] ?? [], OnRoute::Must),
            self::wished($given['wish'] ?? [], OnRoute::Out), isset($given['start']) ? (int) $given['start'] : null,
        );
    }

    private static function fewMust(string $field, mixed $wish, Closure $fail): void
    {
        if (is_array($wish) && count(self::wished($wish, OnRoute::Must)) > DayOnLake::CLOSELY) {
            $fail(sprintf('At most %d spots can be said to be on the route.', DayOnLake::CLOSELY));
        }
    }

    /**
     * @param  array<array-key, mixed>  $wish  by the id of the spot
     * @return list<int>
     */
    private static function wished(array $wish, OnRoute $what): array
    {
        return array_map(intval(...), array_keys($wish, $what->value, true));
    }
}
