<?php

declare(strict_types=1);

namespace App\Models;

use Ramsey\Uuid\Uuid;

/** An id as a device would make it, that is always the same for the same thing of the same account: what is done twice is there once. */
final class DerivedId
{
    private const NAMESPACE = '6f2b7f0e-6a0c-5c53-9a55-0f4d7a0a8a11';

    /** @param  string  $of  what it is the id of, by words that nothing else of the account has */
    public static function for(int $angler, string $of): string
    {
        return Uuid::uuid5(self::NAMESPACE, "{$angler} {$of}")->toString();
    }
}
