<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** A column of a kept thing, as it stands in an archive: readable, and checked before it is taken in. */
final readonly class Column
{
    private const WHOLE = ['bigint', 'int', 'tinyint', 'smallint'];

    private const NUMBER = ['decimal', 'double', 'float'];

    private const MOMENT = '/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d$/';

    private const MOMENTS = ['datetime' => self::MOMENT, 'timestamp' => self::MOMENT, 'date' => '/^\d{4}-\d\d-\d\d$/', 'time' => '/^\d\d:\d\d:\d\d$/'];

    private function __construct(
        public string $name, public string $type, public bool $nullable, private ?int $longest, private bool $unsigned, private ?string $default,
    ) {
    }

    /** @return array<string, self> by name */
    public static function of(Kept $kept): array
    {
        $columns = [];
        foreach (Schema::getColumns($kept->table) as $column) {
            if (! in_array($column['name'], $kept->without, true) && ($column['generation'] ?? null) === null) {
                $columns[$column['name']] = new self(
                    $column['name'], $column['type_name'], $column['nullable'],
                    preg_match('/char\((\d+)\)/', $column['type'], $m) === 1 ? (int) $m[1] : null, str_contains($column['type'], 'unsigned'),
                    $column['default'] === null ? null : trim((string) $column['default'], "'"),
                );
            }
        }

        return $columns;
    }

    public function isJson(): bool
    {
        return $this->type === 'longtext';
    }

    public function isBytes(): bool
    {
        return str_ends_with($this->type, 'blob');
    }

    /** What the database gave, as an archive says it. */
    public function out(mixed $value): mixed
    {
        return match (true) {
            $value === null => null,
            $this->isJson() => json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR),
            $this->isBytes() => base64_encode((string) $value),
            in_array($this->type, self::WHOLE, true) => (int) $value,
            in_array($this->type, self::NUMBER, true) => (float) $value,
            default => (string) $value,
        };
    }

    /** What an archive says, as the database takes it; it was checked before. */
    public function in(mixed $value): mixed
    {
        return match (true) {
            $value === null => null,
            $this->isJson() => json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE),
            $this->isBytes() => base64_decode((string) $value, true),
            default => $value,
        };
    }

    /** Whether an archive need not say it: older ones do not know the newest columns. */
    public function canLack(): bool
    {
        return $this->nullable || $this->default !== null;
    }

    /** What stands for it where an archive does not say it. */
    public function lacking(): ?string
    {
        return $this->nullable ? null : $this->default;
    }

    /** What is wrong with a value, in a sentence; null where nothing is. */
    public function problem(mixed $value): ?string
    {
        $moment = self::MOMENTS[$this->type] ?? null;
        $sound = match (true) {
            $value === null => $this->nullable,
            $this->isJson() => is_array($value) || is_scalar($value),
            $this->isBytes() => is_string($value) && base64_decode($value, true) !== false,
            $this->type === 'uuid' => is_string($value) && Str::isUuid($value),
            in_array($this->type, self::WHOLE, true) => is_int($value) && (! $this->unsigned || $value >= 0) && ($this->type !== 'tinyint' || $value <= 1),
            in_array($this->type, self::NUMBER, true) => is_int($value) || is_float($value),
            $moment !== null => is_string($value) && preg_match($moment, $value) === 1,
            default => is_string($value) && mb_strlen($value) <= ($this->longest ?? 65_000),
        };

        return $sound ? null : "{$this->name} is not what it must be.";
    }

    /** @return array<string, mixed> as JSON Schema */
    public function schema(): array
    {
        $moment = self::MOMENTS[$this->type] ?? null;
        $type = match (true) {
            $this->isJson() => [],
            $this->isBytes() => ['type' => ['string'], 'contentEncoding' => 'base64'],
            in_array($this->type, self::WHOLE, true) => ['type' => ['integer']],
            in_array($this->type, self::NUMBER, true) => ['type' => ['number']],
            $moment !== null => ['type' => ['string'], 'pattern' => trim($moment, '/')],
            default => ['type' => ['string']] + ($this->longest === null ? [] : ['maxLength' => $this->longest]),
        };
        if ($this->nullable && isset($type['type'])) {
            $type['type'][] = 'null';
        }

        return $type;
    }
}
