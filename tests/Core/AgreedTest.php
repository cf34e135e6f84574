<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What was agreed to stands until it is looked at again: bin/agreed. */
final class AgreedTest extends TestCase
{
    /** @param  array<array-key, mixed>|string  $agreed */
    #[DataProvider('agreed')]
    public function test_what_was_agreed_stands(string $of, array|string $agreed): void
    {
        static $now = null;
        $now ??= Agreed::now();
        self::assertSame($agreed, $now[$of], "{$of}: look at the difference, then bin/agreed");
    }

    /** @return iterable<string, array{string, array<array-key, mixed>|string}> */
    public static function agreed(): iterable
    {
        foreach (json_decode((string) file_get_contents(Agreed::FILE), true, flags: JSON_THROW_ON_ERROR) as $of => $agreed) {
            yield $of => [$of, $agreed];
        }
    }
}
