<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\PlannedRoute;
use OldEddy\Where\Route\PlannedStop;

/**
 * A day's route as it lies in the database.
 *
 * @implements CastsAttributes<PlannedRoute, PlannedRoute>
 */
final class KeptRoute implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?PlannedRoute
    {
        return $value === null ? null : self::read(json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode(self::write($value), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param  array<string, mixed>  $kept */
    private static function read(array $kept): PlannedRoute
    {
        $asked = $kept['asked'];
        $at = $asked['start_at'] ?? null;
        // Routes of older versions do not say all of it.
        $wishes = new AskedRoute(
            (int) $asked['from'], (int) $asked['to'], (float) $asked['minutes'],
            new Craft(Speed::fromMph((float) $asked['speed_mph']), (float) ($asked['draft_ft'] ?? Craft::USUAL_DRAFT_FT)), $asked['fuel_per_hour'] ?? null,
            $asked['locked'] ?? [], $asked['forbidden'] ?? [], $asked['start'] ?? null, $at === null ? null : new Position(...$at), $asked['from_now'] ?? false,
        );

        return new PlannedRoute(
            $wishes,
            array_map(static fn (array $s): PlannedStop => new PlannedStop(
                $s['spot'], $s['name'], $s['at'], $s['to'], $s['run_min'], $s['fuel'] ?? 0.0, (float) ($s['run_ft'] ?? 0.0),
            ), $kept['stops']),
            array_map(static fn (array $p): Position => new Position(...$p), $kept['line'] ?? []),
            $kept['home_min'], $kept['end'], $kept['fuel'] ?? 0.0, $kept['note'] ?? null, (float) ($kept['home_ft'] ?? 0.0), (float) ($kept['slowed_min'] ?? 0.0),
            (float) ($kept['wave_ft'] ?? 0.0),
        );
    }

    /** @return array<string, mixed> */
    private static function write(PlannedRoute $route): array
    {
        $asked = $route->asked;
        $pair = static fn (Position $p): array => [round($p->lat, 6), round($p->lon, 6)];

        return [
            'asked' => [
                'from' => $asked->from, 'to' => $asked->to, 'minutes' => $asked->minutes,
                'speed_mph' => $asked->craft->speed->mph(), 'draft_ft' => $asked->craft->draftFt, 'fuel_per_hour' => $asked->fuelPerHour,
                'locked' => $asked->locked, 'forbidden' => $asked->forbidden, 'start' => $asked->start,
                'start_at' => $asked->startAt === null ? null : [$asked->startAt->lat, $asked->startAt->lon], 'from_now' => $asked->fromNow,
            ],
            'stops' => array_map(
                static fn (PlannedStop $s): array => ['spot' => $s->spot, 'name' => $s->name, 'at' => $s->at, 'to' => $s->to, 'run_min' => $s->runMin, 'fuel' => $s->fuel,
                    'run_ft' => $s->runFt],
                $route->stops,
            ),
            'line' => array_map($pair, $route->line), 'home_min' => $route->homeMin, 'end' => $route->backAt, 'fuel' => $route->fuel, 'note' => $route->note,
            'home_ft' => $route->homeFt, 'slowed_min' => $route->slowedMin, 'wave_ft' => $route->waveFt,
        ];
    }
}
