<?php

declare(strict_types=1);

// Every class of ours is linked once when PHP starts, and with it what it extends; requests find them ready. Named in bin/lib/serve.sh.
$root = dirname(__DIR__, 2);
// Classes alone: the files that packages run at every start belong to a request.
require "{$root}/vendor/composer/ClassLoader.php";
$loader = new Composer\Autoload\ClassLoader("{$root}/vendor");
$loader->addClassMap(require "{$root}/vendor/composer/autoload_classmap.php");
foreach (require "{$root}/vendor/composer/autoload_psr4.php" as $prefix => $directories) {
    $loader->setPsr4($prefix, $directories);
}
$loader->register();
foreach (['core' => 'OldEddy', 'app' => 'App'] as $directory => $namespace) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$directory}", FilesystemIterator::SKIP_DOTS)) as $file) {
        $class = $namespace.str_replace('/', '\\', substr((string) $file, strlen("{$root}/{$directory}"), -4));
        // Data of the core is no class.
        if (str_ends_with((string) $file, '.php') && preg_match('/^[A-Z]/', $file->getFilename()) === 1) {
            class_exists($class) || interface_exists($class) || trait_exists($class);
        }
    }
}
