<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** What the name of a column or property says of the depths in it: their unit, and whether they are heights of the ground. */
final readonly class DepthName
{
    /** Numbers of this name count or measure something else. */
    private const OTHERWISE = '/^(fid|gid|id|objectid|.*_id|shape.*|length|len|perimeter|area|acres|hectares|count|index|style|layer|level_id|year|.*date.*|.*time.*|lon|lat|x|y|stroke.*|fill.*)$/';

    /** @param  bool  $isBare  whether it is but a letter, which may be a height as well as a depth */
    private function __construct(public ?string $unit, public bool $isHeight, public bool $isSure, public bool $isBare)
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
        $isHeight = preg_match('/^(elev|alt|height|ground|bottom_?elev|hoehe|höhe|bed_?level)/', $word) === 1;

        return new self($unit, $isHeight, $isHeight || preg_match('/^((min|max|mean|avg|water)?[\s_]*depth|dep$|z$|bottom$|sounding|contour|tiefe|prof(ondeur|undidad)?|drval|valdco)/', $word) === 1, preg_match('/^z(_?value)?$/', $word) === 1);
    }
}
