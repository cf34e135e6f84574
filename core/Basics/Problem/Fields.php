<?php

declare(strict_types=1);

namespace OldEddy\Basics\Problem;

use BackedEnum;

/**
 * Reads fields out of decoded JSON and collects every problem with its path. A reader asks for what it knows, then
 * calls finish(), which refuses keys nobody asked for: a misspelt or wrong-unit key must not pass in silence.
 */
final class Fields
{
    /** @var list<InputProblem> */
    private array $problems = [];

    /** @var array<string, true> */
    private array $asked = [];

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private readonly array $values, private readonly string $prefix, private readonly ?self $parent)
    {
    }

    /** @param  array<array-key, mixed>  $values */
    public static function of(array $values): self
    {
        return new self($values, '', null);
    }

    /** A nested object; absent or null gives null. */
    public function object(string $key): ?self
    {
        $value = $this->take($key);
        if ($value === null) {
            return null;
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->problem($key, 'must be an object.');

            return null;
        }

        return new self($value, $this->prefix.$key.'.', $this->parent ?? $this);
    }

    /**
     * A list of objects, each with its own path.
     *
     * @return list<self>
     */
    public function objects(string $key, int $most): array
    {
        $value = $this->listOf($key, $most);
        $found = [];
        foreach ($value as $i => $item) {
            if (is_array($item) && ($item === [] || ! array_is_list($item))) {
                $found[] = new self($item, "{$this->prefix}{$key}.{$i}.", $this->parent ?? $this);
            } else {
                $this->problem("{$key}.{$i}", 'must be an object.');
            }
        }

        return $found;
    }

    /** A finite number from $min to $max, both included. */
    public function number(string $key, float $min, float $max, string $unit = ''): ?float
    {
        $value = $this->take($key);
        if ($value === null) {
            return null;
        }
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            $this->problem($key, 'must be a number.');

            return null;
        }
        if ($value < $min || $value > $max) {
            $this->problem(
                $key,
                sprintf(
                    'must be from %s to %s%s; %s was given.',
                    self::short($min),
                    self::short($max),
                    $unit === '' ? '' : " {$unit}",
                    self::short((float) $value),
                ),
            );

            return null;
        }

        return (float) $value;
    }

    /** A whole number from $min to $max. */
    public function integer(string $key, int $min, int $max): ?int
    {
        $value = $this->number($key, $min, $max);
        if ($value !== null && floor($value) !== $value) {
            $this->problem($key, 'must be a whole number.');

            return null;
        }

        return $value === null ? null : (int) $value;
    }

    /** True or false. */
    public function boolean(string $key): ?bool
    {
        $value = $this->take($key);
        if ($value !== null && ! is_bool($value)) {
            $this->problem($key, 'must be true or false.');

            return null;
        }

        return $value;
    }

    /** A string of at most $most characters. */
    public function text(string $key, int $most = 120): ?string
    {
        $value = $this->take($key);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            $this->problem($key, 'must be text.');

            return null;
        }
        if (mb_strlen($value) > $most) {
            $this->problem($key, "may be at most {$most} characters long.");

            return null;
        }

        return $value;
    }

    /**
     * One of an enum's keys.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return ?T
     */
    public function oneOf(string $key, string $enum): ?BackedEnum
    {
        $value = $this->take($key);

        return $value === null ? null : $this->case($key, $value, $enum);
    }

    /**
     * A list of an enum's keys, without repeats.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    public function someOf(string $key, string $enum): array
    {
        $value = $this->take($key) ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            $this->problem($key, 'must be a list.');

            return [];
        }
        $found = [];
        foreach ($value as $i => $item) {
            $case = $this->case("{$key}.{$i}", $item, $enum);
            if ($case !== null && ! in_array($case, $found, true)) {
                $found[] = $case;
            }
        }

        return $found;
    }

    /**
     * A list of one to $most values, each read as a field of its own by its place; absent, null or empty gives an empty list.
     *
     * @template T
     *
     * @param  callable(self, string): T  $read  reads one by its key
     * @return list<T> those that were not null
     */
    public function each(string $key, int $most, callable $read): array
    {
        $value = $this->listOf($key, $most);
        $list = new self($value, $this->prefix.$key.'.', $this->parent ?? $this);

        $read = array_map(static fn (int $i): mixed => $read($list, (string) $i), array_keys($value));

        return array_values(array_filter($read, static fn (mixed $v): bool => $v !== null));
    }

    /**
     * A list of pairs of finite numbers, none farther than $far from 0; with a problem noted, none.
     *
     * @return list<array{float, float}>
     */
    public function pairs(string $key, int $least, int $most, float $far): array
    {
        $pairs = [];
        foreach ($value = $this->listOf($key, $most) as $i => $pair) {
            $isPair = is_array($pair) && count($pair) === 2 && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null);
            if (! $isPair || max(abs((float) $pair[0]), abs((float) $pair[1])) > $far) {
                $this->problem("{$key}.{$i}", "must be two numbers, none over {$far}.");

                return [];
            }
            $pairs[] = [(float) $pair[0], (float) $pair[1]];
        }
        if (count($value) < $least) {
            $this->problem($key, "needs at least {$least}.");

            return [];
        }

        return $pairs;
    }

    /** @return list<mixed> the values of a list as they stand; none where it is none, with the problem noted */
    private function listOf(string $key, int $most): array
    {
        $value = $this->take($key) ?? [];
        $problem = match (true) {
            ! is_array($value) || ! array_is_list($value) => 'must be a list.',
            count($value) > $most => "may hold at most {$most} entries.",
            default => null,
        };
        if ($problem !== null) {
            $this->problem($key, $problem);

            return [];
        }

        return $value;
    }

    /** A value as it stands, for readers with rules of their own. */
    public function take(string $key): mixed
    {
        $this->asked[$key] = true;

        return $this->values[$key] ?? null;
    }

    /** Whether the key was sent at all, even as null. */
    public function sent(string $key): bool
    {
        return array_key_exists($key, $this->values);
    }

    /** Notes a problem with one field. */
    public function problem(string $key, string $message): void
    {
        $root = $this->parent ?? $this;
        $root->problems[] = new InputProblem(rtrim($this->prefix.$key, '.'), $message);
    }

    /** Refuses keys nobody asked for. */
    public function refuseOthers(): void
    {
        foreach (array_keys($this->values) as $key) {
            if (! isset($this->asked[$key])) {
                $this->problem((string) $key, 'is not a known field.'.$this->meant((string) $key));
            }
        }
    }

    /**
     * Ends the reading.
     *
     * @throws InvalidInput when anything was wrong
     */
    public function finish(): void
    {
        $this->refuseOthers();
        if ($this->problems !== []) {
            throw new InvalidInput($this->problems);
        }
    }

    /** Names the known key that shares a beginning, so that temp_c is answered with temp_f. */
    private function meant(string $key): string
    {
        $stem = preg_replace('/_[a-z]+$/', '', $key);
        foreach (array_keys($this->asked) as $known) {
            if (preg_replace('/_[a-z]+$/', '', $known) === $stem || levenshtein($known, $key) <= 2) {
                return " Was \"{$known}\" meant? The unit is part of the name.";
            }
        }

        return '';
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return ?T
     */
    private function case(string $key, mixed $value, string $enum): ?BackedEnum
    {
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $this->problem($key, 'must be one of: '.implode(', ', array_column($enum::cases(), 'value')).'.');
        }

        return $case;
    }

    private static function short(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
