<?php

declare(strict_types=1);

namespace App\Log;

use Closure;
use Illuminate\Support\Str;
use LogicException;
use OldEddy\Contract\Field;
use OldEddy\Contract\FieldKind;

/** What a field of an entry must be, and what to say where it is not. */
final readonly class Wanted
{
    /** @param  Closure(mixed): ?string  $problem  what is wrong with a value, behind the field's name; null where nothing is */
    private function __construct(private Closure $problem, private bool $required)
    {
    }

    /** As a field of the core's table has it. */
    public static function as(Field $field): self
    {
        return match ($field->kind) {
            FieldKind::Number => self::number($field->least, $field->most),
            FieldKind::Whole => self::whole((int) $field->least, (int) $field->most),
            FieldKind::One => self::oneOf($field->options),
            FieldKind::Text => self::text((int) $field->most),
            default => throw new LogicException("No entry says {$field->path}."),
        };
    }

    public static function id(): self
    {
        return new self(static fn (mixed $v): ?string => is_string($v) && Str::isUuid($v) ? null : 'must be an id.', true);
    }

    public static function whole(int $from, int $to): self
    {
        return new self(
            static fn (mixed $v): ?string => is_numeric($v)
                && (float) $v === floor((float) $v)
                && $v >= $from
                && $v <= $to
                ? null
                : "must be a whole number from {$from} to {$to}.",
            true,
        );
    }

    public static function number(float $from, float $to): self
    {
        return new self(static fn (mixed $v): ?string => is_numeric($v) && $v >= $from && $v <= $to ? null : "must be a number from {$from} to {$to}.", true);
    }

    public static function text(int $longest): self
    {
        return new self(
            static fn (mixed $v): ?string => is_string($v)
                && trim($v) !== ''
                && mb_strlen($v) <= $longest
                ? null
                : "must be words, {$longest} characters at most.",
            true,
        );
    }

    /** Words, or a list of them. */
    public static function words(int $longest, int $most): self
    {
        $fits = static fn (mixed $one): bool => is_string($one) && mb_strlen($one) <= $longest;

        return new self(
            static fn (mixed $v): ?string => $fits($v) || (is_array($v) && array_is_list($v) && count($v) <= $most && array_filter($v, $fits) === $v)
                ? null : "must be words, {$longest} characters at most, or a list of such.",
            true,
        );
    }

    /** In which units the numbers of an entry are. */
    public static function units(): self
    {
        return self::oneOf(['us', 'metric'])->orNothing();
    }

    /** @param  list<string>  $keys */
    public static function oneOf(array $keys): self
    {
        $known = array_fill_keys($keys, true);

        return new self(
            static fn (mixed $v): ?string => is_string($v)
                && isset($known[$v])
                ? null
                : 'is none of those there are: '.Str::limit(implode(', ', $keys), 120).'.',
            true,
        );
    }

    public static function moment(): self
    {
        $latest = MomentOfDay::latest();

        return new self(static fn (mixed $v): ?string => MomentOfDay::problem($v, $latest), true);
    }

    /** Words or numbers by name, whatever they are. */
    public static function plain(): self
    {
        return new self(
            static fn (mixed $v): ?string => is_array($v) && array_filter(
                $v,
                static fn (mixed $one): bool => $one !== null && ! is_scalar($one),
            ) === [] ? null : 'must be words or numbers by field.',
            true,
        );
    }

    /** @param  array<string, self>  $fields  none but these, each of them or not */
    public static function some(array $fields): self
    {
        return new self(static function (mixed $v) use ($fields): ?string {
            if (! is_array($v) || $v === []) {
                return 'must be fields with what they are.';
            }
            foreach ($v as $name => $value) {
                $problem = isset($fields[$name]) ? $fields[$name]->problem((string) $name, $value) : "The {$name} is no field of this.";
                if ($problem !== null) {
                    return ": {$problem}";
                }
            }

            return null;
        }, true);
    }

    /** The same, or nothing at all. */
    public function orNothing(): self
    {
        return new self($this->problem, false);
    }

    /** What is wrong with a value of this field, in a sentence that names it. */
    public function problem(string $name, mixed $value): ?string
    {
        if ($value === null || $value === '') {
            return $this->required ? "The {$name} must be said." : null;
        }
        $problem = ($this->problem)($value);

        return $problem === null ? null : rtrim("The {$name} {$problem}");
    }
}
