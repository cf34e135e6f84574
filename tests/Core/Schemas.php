<?php

declare(strict_types=1);

namespace Tests\Core;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds what goes in and comes out against the published JSON Schemas. */
trait Schemas
{
    /** @param  array<string, mixed>  $data */
    private static function assertValid(string $schema, array $data): void
    {
        $file = dirname(__DIR__, 2)."/docs/schema/{$schema}.json";
        $result = (new Validator)->validate(json_decode((string) json_encode($data, JSON_THROW_ON_ERROR)), (string) file_get_contents($file));
        self::assertTrue($result->isValid(), $result->error() === null ? '' : (string) json_encode((new ErrorFormatter)->format($result->error())));
    }
}
