<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** What the name of a column or property says of the depths in it: their unit, and whether they are heights of the ground. */
final readonly class DepthName
{
    /** Numbers of this name count or measure something else. */
    private const OTHERWISE = '/^(fid|gid|id|objectid|.*_id|shape.*|length|len|perimeter|area|acres|hectares|count|index|style|layer|level_id|year|.*date.*|.*time.*|lon|lat|x|y|stroke.*|fill.*)$/';

    private function __construct(public ?string $unit, public bool $isHeight, public bool $isSure)
    {
    }

    /** What a name says, or null where it speaks of something else. */
    public static function read(string $name): ?self
    {
        $bare = trim(strtolower($name));
        $unit = match (1) {
            preg_match('/(^|[\s_(\[.-])(ft|feet|foot)[)\]]?$/', $bare) => 'ft',
            preg_match('/(^|[\s_(\[.-])(m|met(er|re)s?)[)\]]?$/', $bare) => 'm',
            preg_match('/(^|[\s_(\[.-])(fm|fathoms?)[)\]]?$/', $bare) => 'fathom',
            default => null,
        };
        $word = trim((string) preg_replace('/[\s_(\[.-]*(ft|feet|foot|m|met(er|re)s?|fm|fathoms?)[)\]]?$/', '', $bare));
        if (preg_match(self::OTHERWISE, $bare) === 1) {
            return null;
        }
        $isHeight = preg_match('/^(elev|alt|height|ground|bottom_?elev)/', $word) === 1;

        return new self($unit, $isHeight, $isHeight || preg_match('/^((min|max|mean|avg|water)?[\s_]*depth|dep$|z$|bottom$|sounding|contour)/', $word) === 1);
    }
}
