<?php

declare(strict_types=1);

namespace App\Archive;

/** The JSON Schema of a kept thing, so that an archive can be read without us. */
final class Schema
{
    /** @return array<string, mixed> */
    public static function of(Kept $kept): array
    {
        $columns = Column::of($kept);
        $properties = [];
        foreach ($columns as $name => $column) {
            $hangs = $kept->hangs[$name] ?? null;
            $properties[$name] = $column->schema() + ($hangs === null ? [] : ['description' => "the id of a row of {$hangs}.jsonl"]);
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => "a row of {$kept->name}.jsonl", 'type' => 'object',
            'properties' => array_map(static fn (array $p): array|object => $p === [] ? (object) [] : $p, $properties), 'required' => array_keys($columns), 'additionalProperties' => false,
        ];
    }
}
