<?php

declare(strict_types=1);

// Changes one number of the ranking at a time in a copy of its file, and has the worked days planned with that copy by a
// process of its own (the same file with --with), since a constant cannot be changed while a program runs.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Contract\PlanContract;
use Tests\Core\Expectation;

const ROOT = __DIR__.'/../..';

/** @return array{list<bool>, list<string>} whether each expectation holds, and the first choice of each day */
function judged(): array
{
    [$holds, $first] = [[], []];
    foreach (json_decode((string) file_get_contents(ROOT.'/tests/Core/references/worked-days.json'), true, flags: JSON_THROW_ON_ERROR) as $one) {
        $plan = json_decode(json_encode(PlanContract::answer($one['day']), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $first[] = $plan['lineup'][0]['lure'];
        foreach ($one['expect'] as $expected) {
            $holds[] = (new Expectation($expected, $plan))->missed() === null;
        }
    }

    return [$holds, $first];
}

if (($argv[1] ?? '') === '--with') {
    [, , $copy] = $argv;
    require $copy;
    echo json_encode(judged(), JSON_THROW_ON_ERROR);
    exit;
}

$files = [
    ...glob(ROOT.'/core/Choice/Lineup/Factors/*.php') ?: [],
    ROOT.'/core/Choice/Lineup/CoverFit.php', ROOT.'/core/Choice/Lures/YearSpan.php', ROOT.'/core/Choice/Lineup/LureRanking.php', ROOT.'/core/Choice/Lineup/Rods.php',
];
$files = array_values(array_filter($files, static fn (string $f): bool => ! isset($argv[1]) || str_contains($f, $argv[1])));
[$holds, $first] = judged();
$copy = (string) tempnam(sys_get_temp_dir(), 'sens');
$found = [];
foreach ($files as $file) {
    $tokens = token_get_all((string) file_get_contents($file));
    foreach ($tokens as $i => $token) {
        // Counts and signs are no weights.
        if (! is_array($token) || $token[0] !== T_DNUMBER || (float) $token[1] === 0.0) {
            continue;
        }
        $moved = [0, 0];
        foreach ([0.8, 1.2] as $by) {
            $changed = $tokens;
            $changed[$i] = [T_DNUMBER, (string) ($by * (float) $token[1]), $token[2]];
            file_put_contents($copy, implode('', array_map(static fn (array|string $t): string => is_array($t) ? $t[1] : $t, $changed)));
            $answer = json_decode((string) shell_exec(sprintf('php %s --with %s', escapeshellarg(__FILE__), escapeshellarg($copy))), true);
            $moved[0] += $answer === null ? 0 : count(array_diff_assoc($answer[0], $holds));
            $moved[1] += $answer === null ? 0 : count(array_diff_assoc($answer[1], $first));
        }
        $found[] = [...$moved, basename($file, '.php'), $token[2], $token[1]];
        fprintf(STDERR, "\r%d numbers tried", count($found));
    }
}
unlink($copy);
rsort($found);
printf("\n%12s %14s  %s\n", 'expectations', 'first choices', 'number, a fifth up and a fifth down');
foreach ($found as [$expected, $choices, $name, $line, $number]) {
    printf("%12d %14d  %s:%d %s\n", $expected, $choices, $name, $line, $number);
}
printf("%d of %d numbers move nothing at all.\n", count(array_filter($found, static fn (array $f): bool => $f[0] + $f[1] === 0)), count($found));
