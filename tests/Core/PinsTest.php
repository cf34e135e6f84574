<?php

declare(strict_types=1);

namespace Tests\Core;

use Composer\InstalledVersions;
use PHPUnit\Framework\TestCase;

/** What is installed today is installed in a month as well. */
final class PinsTest extends TestCase
{
    public function test_every_package_is_of_a_version_that_is_written_down(): void
    {
        $read = static fn (string $file): array => json_decode((string) file_get_contents(__DIR__."/../../{$file}"), true, flags: JSON_THROW_ON_ERROR);
        [$root, $pins] = [$read('composer.json'), $read('pins/composer.json')['require']];
        $written = $pins + $root['require'] + $root['require-dev'] + $root['replace'];
        foreach (InstalledVersions::getInstalledPackages() as $name) {
            $version = InstalledVersions::getPrettyVersion($name);
            if ($version !== null && $name !== $root['name'] && str_contains($name, '/')) {
                self::assertSame(ltrim($version, 'v'), $written[$name] ?? 'nowhere', "{$name}: bin/pins writes them anew");
            }
        }
        self::assertGreaterThan(60, count($pins));
        self::assertStringNotContainsString('://', (string) json_encode([$root['repositories'] ?? [], $pins], JSON_UNESCAPED_SLASHES), 'no address of a server');
    }
}
