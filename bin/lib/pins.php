<?php

declare(strict_types=1);

// Pins the packages that ours depend on, so that two installs a month apart give the same tree. No address of a server is written.
require __DIR__.'/../../vendor/autoload.php';

$root = json_decode((string) file_get_contents(__DIR__.'/../../composer.json'), true, flags: JSON_THROW_ON_ERROR);
$named = $root['require'] + $root['require-dev'];
$pins = [];
foreach (Composer\InstalledVersions::getInstalledPackages() as $name) {
    $version = str_contains($name, '/') && ! isset($named[$name]) && $name !== $root['name'] && ! isset($root['replace'][$name]) ? Composer\InstalledVersions::getPrettyVersion($name) : null;
    if ($version !== null) {
        $pins[$name] = ltrim($version, 'v');
    }
}
ksort($pins);
file_put_contents(__DIR__.'/../../pins/composer.json', json_encode([
    'name' => 'old-eddy/pins', 'description' => 'Exact versions of the packages that ours depend on: two installs a month apart give the same tree.',
    'type' => 'metapackage', 'version' => '1.0.0', 'require' => $pins,
], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
