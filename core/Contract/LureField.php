<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Choice\Lures\Catalog;

/** The field "lure": the key of a family of the catalog. */
final class LureField
{
    /** What is wrong with any other word. */
    public const PROBLEM = 'must be a lure family of the catalog.';

    private const LONGEST = 60;

    /** The key; null with the problem noted for any other word, and for none where it is required. */
    public static function read(Fields $in, bool $required = true): ?string
    {
        $lure = $in->text('lure', self::LONGEST);
        if ($lure === null ? ! $required : Catalog::has($lure)) {
            return $lure;
        }
        $in->problem('lure', self::PROBLEM);

        return null;
    }
}
