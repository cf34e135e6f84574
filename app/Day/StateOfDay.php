<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use App\Show\Word;
use Closure;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\SpotWriter;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Where\Places\SpotOfDay;

/**
 * The state of a day: what was said in one step and is never asked again. Changes come field by field and are merged
 * under a lock, so that two tabs, a double tap or a repeated request lose and double nothing.
 */
final class StateOfDay
{
    /**
     * Changes one field of the conditions. The value comes in the angler's units; null means unknown.
     *
     * @throws InvalidInput by field, with nothing changed
     */
    public static function change(Trip $trip, string $path, mixed $value, Units $units): Trip
    {
        [$field, $value] = self::meant($path, $value, $units);

        $before = [];
        $changed = self::merged($trip, function (array $conditions) use ($field, $value, &$before): array {
            $before = $conditions;

            return self::checked($conditions, $field, $value);
        });
        TurnKeeper::note($changed, $field->path, $before);

        return $changed;
    }

    /**
     * The day as it would be with a field changed; nothing is kept.
     *
     * @throws InvalidInput by field
     */
    public static function wouldBe(Trip $trip, string $path, mixed $value, Units $units): Trip
    {
        $day = clone $trip;
        $day->conditions = self::changed($trip->conditions, $path, $value, $units);

        return $day;
    }

    /**
     * Conditions of the contract with a field changed.
     *
     * @param  array<string, mixed>  $conditions
     * @return array<string, mixed>
     *
     * @throws InvalidInput by field
     */
    public static function changed(array $conditions, string $path, mixed $value, Units $units): array
    {
        return self::checked($conditions, ...self::meant($path, $value, $units));
    }

    /**
     * Puts a field back to a value in the units of the contract; null means unknown.
     *
     * @param  array<string, mixed>  $more  of the day itself
     */
    public static function put(Trip $trip, string $path, mixed $value, array $more = []): Trip
    {
        return self::merged($trip, static fn (array $conditions): array => self::with($conditions, $path, $value), $more);
    }

    /**
     * @return array{Control, mixed} the field of a path, and its value in the units of the contract
     *
     * @throws InvalidInput by field
     */
    private static function meant(string $path, mixed $value, Units $units): array
    {
        $field = FieldSheet::field($path) ?? throw new InvalidInput([new InputProblem($path, 'is not a field of the day.')]);

        return [$field, self::read($field, $value, $units)];
    }

    /**
     * @param  array<string, mixed>  $conditions
     * @return array<string, mixed> with the field so, as the contract takes them
     */
    private static function checked(array $conditions, Control $field, mixed $value): array
    {
        $conditions = self::with($conditions, $field->path, $value);
        self::check($conditions, $field);

        return $conditions;
    }

    /**
     * Puts the sections of the lake into the state of the day. Values come in the angler's units; null means as the lake.
     *
     * @param  list<array{name: string, temp: ?float, visibility: ?float, stage: ?string}>  $sections
     *
     * @throws InvalidInput by field, with nothing changed
     */
    public static function divide(Trip $trip, array $sections, Units $units): Trip
    {
        $kept = array_map(static fn (array $s): array => array_filter([
            'name' => $s['name'],
            'temp_f' => $s['temp'] === null ? null : $units->take('temp', $s['temp']),
            'visibility_ft' => $s['visibility'] === null ? null : $units->take('depth', $s['visibility']),
            'stage' => $s['stage'],
        ], static fn (mixed $value): bool => $value !== null), $sections);

        return self::merged($trip, function (array $conditions) use ($kept): array {
            $conditions['sections'] = $kept;
            ConditionsReader::read($conditions);

            return $conditions;
        });
    }

    /** Makes a marked spot the spot of the day, with the shade it has at a minute; all else that was said stays. */
    public static function pick(Trip $trip, LakeSpot $spot, int $minute, ?string $as = null): Trip
    {
        $day = Settler::settle($trip->told());
        $place = $trip->lake?->placeOf($spot) ?? $spot->place();
        $picked = SpotWriter::write(SpotOfDay::of($place, $day, $minute));

        return self::merged($trip, static function (array $conditions) use ($picked): array {
            $conditions = ['spot' => $picked] + $conditions;
            ConditionsReader::read($conditions);

            return $conditions;
        }, ['here' => $as ?? $spot->name]);
    }

    /** Makes a place that is on no map the spot of the day; where nothing is known of it, what the day says of its spot stays. */
    public static function standAt(Trip $trip, string $name, ?string $structure = null, ?string $cover = null, ?float $waterFt = null): Trip
    {
        $known = array_filter([
            'structure' => $structure, 'cover' => $cover === null ? null : [$cover], 'depth_ft' => $waterFt === null ? null : [$waterFt, $waterFt],
        ], static fn (mixed $v): bool => $v !== null);

        return self::merged($trip, static fn (array $conditions): array => $known === [] ? $conditions : ['spot' => $known] + $conditions, ['here' => $name]);
    }

    /**
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change
     * @param  array<string, mixed>  $more  of the day itself
     */
    private static function merged(Trip $trip, Closure $change, array $more = []): Trip
    {
        return DB::transaction(function () use ($trip, $change, $more): Trip {
            /** @var Trip $fresh */
            $fresh = Trip::query()->whereKey($trip->id)->where('user_id', $trip->user_id)->lockForUpdate()->firstOrFail();
            $fresh->update(['conditions' => $change($fresh->conditions)] + $more);
            $fresh->setRelation('user', $trip->user);

            return $fresh;
        });
    }

    /** Under which path a field is kept: the two depths of a spot stand together. */
    public static function keptUnder(string $path): string
    {
        return in_array($path, ['spot.shallow_ft', 'spot.deep_ft'], true) ? 'spot.depth_ft' : $path;
    }

    /** The value of a field in the angler's units, or null when unknown. */
    public static function value(Trip $trip, Control $field, Units $units): mixed
    {
        $value = match ($field->path) {
            'spot.shallow_ft' => Arr::get($trip->conditions, 'spot.depth_ft.0'),
            'spot.deep_ft' => Arr::get($trip->conditions, 'spot.depth_ft.1'),
            default => Arr::get($trip->conditions, $field->path),
        };

        return $field->kind === 'stepper' && $value !== null ? $units->show($field->quantity, (float) $value) : $value;
    }

    /** @return array<string, string> what else is known of a field: measured by the boat where nobody typed, or seen in the log */
    public static function notes(Trip $trip, Units $units): array
    {
        $seen = $trip->forageSeen();
        $shown = $seen === [] ? [] : ['forage' => 'seen in the log: '.Word::of(implode(', ', $seen))];
        foreach (['from your own days here: ' => $trip->derived, 'measured by the boat: ' => $trip->measured] as $whence => $values) {
            foreach (Arr::dot($values ?? []) as $path => $value) {
                $field = is_array($value) ? null : FieldSheet::field($path);
                if ($field !== null && Arr::get($trip->conditions, $path) === null) {
                    $shown[$path] = $whence.($field->kind === 'stepper' ? $units->show($field->quantity, (float) $value) : ($field->options[$value] ?? $value));
                }
            }
        }

        return $shown;
    }

    private static function read(Control $field, mixed $value, Units $units): mixed
    {
        if ($value === null || $value === '' || $value === []) {
            if ($field->required) {
                throw new InvalidInput([new InputProblem($field->path, 'must be said.')]);
            }

            return null;
        }
        if ($field->kind === 'stepper' || str_ends_with($field->path, '_deg')) {
            if (! is_numeric($value)) {
                throw new InvalidInput([new InputProblem($field->path, 'must be a number.')]);
            }
            $number = $units->take($field->quantity, (float) $value);

            return floor($number) === $number && abs($number) < 1e9 ? (int) $number : $number;
        }

        return $field->kind === 'switch' ? in_array($value, [true, 1, '1'], true) : $value;
    }

    /**
     * @param  array<string, mixed>  $conditions
     * @return array<string, mixed>
     */
    private static function with(array $conditions, string $path, mixed $value): array
    {
        if ($path === 'spot.shallow_ft' || $path === 'spot.deep_ft') {
            return self::withDepth($conditions, $path === 'spot.shallow_ft' ? 0 : 1, $value);
        }
        if ($value === null) {
            Arr::forget($conditions, $path);
            foreach (['spot.dock', 'water.inflow', 'spot', 'water', 'weather'] as $parent) {
                if (Arr::get($conditions, $parent) === []) {
                    Arr::forget($conditions, $parent);
                }
            }

            return $conditions;
        }
        Arr::set($conditions, $path, $value);

        return $conditions;
    }

    /**
     * The contract keeps the two depths of a spot together: the first one said brings the other along, and pushing one
     * past the other moves both.
     *
     * @param  array<string, mixed>  $conditions
     * @return array<string, mixed>
     */
    private static function withDepth(array $conditions, int $side, mixed $value): array
    {
        if ($value === null) {
            return self::with($conditions, 'spot.depth_ft', null);
        }
        $pair = Arr::get($conditions, 'spot.depth_ft') ?? [$value, $value];
        $pair[$side] = $value;
        Arr::set($conditions, 'spot.depth_ft', $side === 0 ? [$value, max($pair)] : [min($pair), $value]);

        return $conditions;
    }

    /** @param  array<string, mixed>  $conditions */
    private static function check(array $conditions, Control $field): void
    {
        try {
            ConditionsReader::read($conditions);
        } catch (InvalidInput $e) {
            // The form knows two depths where the contract knows a pair.
            throw new InvalidInput(array_map(
                static fn (InputProblem $p): InputProblem => str_starts_with($p->path, $field->path) || str_starts_with($p->path, 'spot.depth_ft')
                    ? new InputProblem($field->path, $p->message) : $p,
                $e->problems,
            ));
        }
    }
}
