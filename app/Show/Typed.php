<?php

declare(strict_types=1);

namespace App\Show;

/** What stands in a field of a form: after an error what was typed, else what is known. */
final class Typed
{
    public static function again(bool $sent, string $field, mixed $known): mixed
    {
        return $sent ? old($field) : $known;
    }
}
