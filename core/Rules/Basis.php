<?php

declare(strict_types=1);

namespace OldEddy\Rules;

/** What a rule rests on. */
enum Basis: string
{
    case CommonPractice = 'common_practice';
    case Published = 'published';
    case Own = 'own';

    /** The word shown beside a reason. */
    public function words(): string
    {
        return match ($this) {
            self::CommonPractice => 'common practice',
            self::Published => 'published source',
            self::Own => 'our own choice',
        };
    }
}
