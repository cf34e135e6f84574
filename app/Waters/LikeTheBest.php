<?php

declare(strict_types=1);

namespace App\Waters;

/** A marked spot of the day, by its id, and those of the lake that are like it. */
final readonly class LikeTheBest
{
    /** @param  list<array{id: int, name: string, shared: list<string>}>  $spots  the most alike first */
    private function __construct(public int $id, public array $spots)
    {
    }

    /** Null where the spot is not marked. */
    public static function of(DayOnLake $lake, string $name): ?self
    {
        $best = $lake->spotNamed($name);

        return $best === null ? null : new self($best->id, array_map(
            static fn (array $one): array => ['id' => (int) $lake->spotNamed($one['place']->name)?->id, 'name' => $one['place']->name, 'shared' => $one['shared']],
            $lake->like($best),
        ));
    }
}
