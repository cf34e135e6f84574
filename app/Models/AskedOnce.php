<?php

declare(strict_types=1);

namespace App\Models;

/** What the framework asks of a model over and over, at every read of a field or in every request anew, is asked once. */
trait AskedOnce
{
    /** Casts to values that are no objects. */
    private const UNCHANGING = ['array', 'boolean', 'float', 'integer', 'int'];

    /** @var array<string, string>|null */
    private ?array $castsOnce = null;

    /** @var array<string, array{mixed, mixed}> fields as they were read last: as they are kept, and what they become */
    private array $readOnce = [];

    /** @return array<string, string> the key's type is joined to them at every read else, and a page reads thousands */
    public function getCasts(): array
    {
        return $this->castsOnce ??= parent::getCasts();
    }

    /** @param  array<string, string>  $casts */
    public function mergeCasts($casts): static
    {
        $this->castsOnce = null;

        return parent::mergeCasts($casts);
    }

    /**
     * A field without a cast is what is kept; one whose value cannot be changed behind the model is cast once. No model here has
     * accessors, for which the framework looks at each read.
     *
     * @param  string  $key
     */
    public function getAttribute($key): mixed
    {
        if (! array_key_exists($key, $this->attributes) || $key === self::CREATED_AT || $key === self::UPDATED_AT) {
            return parent::getAttribute($key);
        }
        $kept = $this->attributes[$key];
        $cast = $this->getCasts()[$key] ?? null;
        if ($cast !== null && ! in_array($cast, self::UNCHANGING, true)) {
            return parent::getAttribute($key);
        }
        if ($cast === null || $kept === null) {
            return $kept;
        }
        if (! isset($this->readOnce[$key]) || $this->readOnce[$key][0] !== $kept) {
            $this->readOnce[$key] = [$kept, $this->castAttribute($key, $kept)];
        }

        return $this->readOnce[$key][1];
    }

    /** What traits begin with is found by its name alone; the framework looks through all methods of every model for attributes as well. */
    protected static function bootTraits(): void
    {
        self::$traitInitializers[self::class] = [];
        foreach (class_uses_recursive(self::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(self::class, "boot{$name}")) {
                self::{"boot{$name}"}();
            }
            if (method_exists(self::class, "initialize{$name}")) {
                self::$traitInitializers[self::class][] = "initialize{$name}";
            }
        }
    }
}
