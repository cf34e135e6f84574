<?php

declare(strict_types=1);

require __DIR__.'/Mutations.php';

// The heart, by what its tests are called: the quickest to notice first. What none of them notices in their time survives.
const HEART = [
    'core/Reading' => ['Agreed', 'Season', 'Reading', 'Coherence', 'KindOfWater', 'Judgement', 'Factors', 'Shade', 'SeenToday', 'Scene'],
    'core/Choice/Lineup' => ['Agreed', 'Factors', 'Lineup', 'Rods', 'Coherence', 'Judgement', 'Color', 'Box', 'SeenToday'],
    'core/Choice/Tackle' => ['Agreed', 'Catalog', 'Rigging', 'Box', 'RetrieveAndPath'],
    'core/Log' => [
        'Agreed', 'Evidence', 'Pattern', 'Effects', 'NextMove', 'Offers', 'Presentation', 'WhatWasShared', 'Liked', 'Crew', 'Comeback', 'OnTheWater', 'Bag', 'FromOwnDays',
        'Chance', 'StandardWeight', 'Numbers',
    ],
];
// A change that makes the program run on and on is noticed too.
const SECONDS = 60;

$options = getopt('', ['sample:', 'seed:', 'in:', 'floor:']);
$root = dirname(__DIR__, 2);
$mutants = [];
foreach (HEART as $part => $tests) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$part}", FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        if (str_ends_with($path, '.php') && str_contains($path, $options['in'] ?? '')) {
            $whole = (string) file_get_contents((string) $file);
            foreach (Mutations::of($whole) as $mutation) {
                $mutants[] = $mutation + ['path' => $path, 'part' => $part, 'whole' => $whole];
            }
        }
    }
}
usort($mutants, static fn (array $a, array $b): int => [$a['path'], $a['line']] <=> [$b['path'], $b['line']]);
$all = count($mutants);
if (isset($options['sample'])) {
    $seed = (int) ($options['seed'] ?? 1);
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $mutants = array_slice($random->shuffleArray($mutants), 0, (int) $options['sample']);
    printf("%d of %d changes, by seed %d\n", count($mutants), $all, $seed);
}

// Each hand has a house of its own, in which it changes a file.
$hands = max(1, (int) trim((string) shell_exec('nproc')));
$house = "{$root}/runtime/mutants";
shell_exec('rm -rf '.escapeshellarg($house));
$parts = array_map(static fn (string $p): string => escapeshellarg("{$root}/{$p}"), array_diff(scandir($root), ['.', '..', '.git', 'runtime', 'node_modules', 'storage', 'core', 'tests']));
for ($hand = 0; $hand < $hands; $hand++) {
    mkdir("{$house}/{$hand}", 0777, true);
    // What is changed and what changes meanwhile is copied, the rest only linked.
    shell_exec('cp -a '.escapeshellarg("{$root}/core").' '.escapeshellarg("{$root}/tests").' '.escapeshellarg("{$house}/{$hand}"));
    shell_exec('cp -al '.implode(' ', $parts).' '.escapeshellarg("{$house}/{$hand}"));
    foreach (HEART as $part => $tests) {
        $files = implode('', array_map(static fn (string $t): string => is_file("{$root}/tests/Core/{$t}Test.php") ? "<file>tests/Core/{$t}Test.php</file>" : '', $tests));
        file_put_contents(
            "{$house}/{$hand}/".strtr($part, '/', '-').'.xml',
            "<phpunit bootstrap=\"vendor/autoload.php\" cacheResult=\"false\"><testsuites><testsuite name=\"heart\">{$files}</testsuite></testsuites></phpunit>",
        );
    }
}
mkdir("{$house}/opcache");
$tests = static fn (string $part): array => [
    'timeout', (string) SECONDS, 'php', '-d', 'opcache.enable_cli=1', '-d', "opcache.file_cache={$house}/opcache", '-d', 'opcache.file_update_protection=0',
    'vendor/bin/phpunit', '-c', strtr($part, '/', '-').'.xml', '--stop-on-failure', '--stop-on-error', '--no-output',
];
$quiet = [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']];
// As it is, the heart must pass: a house in which everything fails notices nothing.
foreach (array_unique(array_column($mutants, 'part')) as $part) {
    $since = microtime(true);
    if (proc_close(proc_open($tests($part), $quiet, $pipes, "{$house}/0")) !== 0) {
        fwrite(STDERR, "The tests of {$part} fail without any change.\n");
        exit(2);
    }
    fprintf(STDERR, "%s unchanged: %.1f s\n", $part, microtime(true) - $since);
}

/** @return array{resource, array<string, mixed>, int, float} */
$begin = static function (int $hand, array $mutant) use ($house, $tests, $quiet): array {
    $file = "{$house}/{$hand}/{$mutant['path']}";
    file_put_contents($file, $mutant['code']);
    $run = proc_open($tests($mutant['part']), $quiet, $pipes, "{$house}/{$hand}");

    return [$run, $mutant, $hand, microtime(true)];
};
$running = [];
$caught = $done = 0;
$left = [];
$free = range(0, $hands - 1);
while ($mutants !== [] || $running !== []) {
    while ($free !== [] && $mutants !== []) {
        $running[] = $begin(array_pop($free), array_shift($mutants));
    }
    usleep(20_000);
    foreach ($running as $i => [$run, $mutant, $hand, $since]) {
        $status = proc_get_status($run);
        if ($status['running']) {
            continue;
        }
        proc_close($run);
        unset($running[$i]);
        $free[] = $hand;
        file_put_contents("{$house}/{$hand}/{$mutant['path']}", $mutant['whole']);
        $done++;
        if ($status['exitcode'] !== 0) {
            $caught++;
        } else {
            $left[] = sprintf('%s:%d  %s → %s', $mutant['path'], $mutant['line'], $mutant['was'], str_contains($mutant['is'], '.') ? rtrim($mutant['is'], '0') : $mutant['is']);
        }
        if ($done % 20 === 0) {
            fprintf(STDERR, "%d looked at, %d caught\n", $done, $caught);
        }
    }
}
shell_exec('rm -rf '.escapeshellarg($house));
sort($left);
echo implode("\n", $left), $left === [] ? '' : "\n";
$percent = $done === 0 ? 100.0 : 100 * $caught / $done;
printf("mutants: %d of %d caught (%.0f %%)\n", $caught, $done, $percent);
exit($percent < (float) ($options['floor'] ?? 0) ? 1 : 0);
