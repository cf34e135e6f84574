<?php

declare(strict_types=1);

namespace Tests\Feature;

use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The commands as other programs call them. */
final class CommandTest extends TestCase
{
    public function test_json_in_json_out(): void
    {
        $plan = $this->eddy('eddy:plan', '{"species":"smallmouth_bass","date":"2026-05-01"}');
        self::assertSame(0, $plan->getExitCode());
        self::assertSame('', $plan->getErrorOutput());
        self::assertSame('fair', json_decode($plan->getOutput(), true, flags: JSON_THROW_ON_ERROR)['reading']['clarity']);
        $pattern = $this->eddy('eddy:pattern', '{"stints":[]}');
        self::assertSame('no_read', json_decode($pattern->getOutput(), true, flags: JSON_THROW_ON_ERROR)['pattern']['verdict']);
    }

    public function test_a_file_instead_of_standard_input(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'day');
        file_put_contents($file, '{"species":"walleye","stage":"winter"}');
        $plan = $this->eddy('eddy:plan', '', "--in={$file}");
        unlink($file);
        self::assertSame('winter', json_decode($plan->getOutput(), true, flags: JSON_THROW_ON_ERROR)['reading']['stage']);
        self::assertSame(2, $this->eddy('eddy:plan', '', '--in=/no/such/file')->getExitCode());
    }

    public function test_bad_input_exits_with_two_and_says_nothing_on_standard_output(): void
    {
        foreach (['{"species":"trout","date":"2026-04-01"}', '{broken', '[]', '7', '', '{"species":"walleye"}'] as $in) {
            $plan = $this->eddy('eddy:plan', $in);
            self::assertSame(2, $plan->getExitCode(), $in);
            self::assertSame('', $plan->getOutput());
            self::assertArrayHasKey('path', json_decode($plan->getErrorOutput(), true, flags: JSON_THROW_ON_ERROR)['errors'][0]);
        }
    }

    /** K4: `owned` takes families, as it always did, or the lures themselves. */
    public function test_the_plan_ties_on_what_is_owned(): void
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-04-12', 'water' => ['temp_f' => 58, 'visibility_ft' => 1.5]];
        $answer = fn (mixed $owned): array => json_decode($this->eddy('eddy:plan', (string) json_encode(['owned' => $owned] + $day))->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $all = $answer(null);
        $families = $answer(['spinnerbait', 'jerkbait']);
        self::assertGreaterThan(10, count($all['lineup']));
        self::assertEqualsCanonicalizing(['spinnerbait', 'jerkbait'], array_column($families['lineup'], 'lure'));
        $entry = static fn (array $plan, string $lure): array => array_column($plan['lineup'], null, 'lure')[$lure];
        self::assertSame($entry($all, 'spinnerbait')['colors'][0], $entry($families, 'spinnerbait')['colors'][0], 'a family by its name says nothing of its colors');
        $lures = $answer([['lure' => 'spinnerbait', 'color' => 'perch', 'weight_oz' => 1], ['lure' => 'jerkbait']]);
        self::assertEqualsCanonicalizing(['spinnerbait', 'jerkbait'], array_column($lures['lineup'], 'lure'));
        self::assertStringContainsString('perch', (string) json_encode($entry($lures, 'spinnerbait')['colors'][0]));
        self::assertNotSame($entry($families, 'spinnerbait')['spec'] ?? $entry($families, 'spinnerbait'), $entry($lures, 'spinnerbait')['spec'] ?? $entry($lures, 'spinnerbait'));
        foreach ([[['lure' => 'spinnerbait', 'color' => 'plaid']], [['color' => 'perch']], ['tube', 'magic'], []] as $owned) {
            $refused = $this->eddy('eddy:plan', (string) json_encode(['owned' => $owned] + $day));
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
            self::assertStringStartsWith('owned', json_decode($refused->getErrorOutput(), true, flags: JSON_THROW_ON_ERROR)['errors'][0]['path']);
        }
    }

    public function test_one_document_a_line_is_answered_with_one_a_line(): void
    {
        $in = implode("\n", [
            '{"stints":[]}', '{broken', '', '{"stints":[],"choices":{"places":[{"spot":"A"}],"rods":[{"lure":"tube","colors":["perch"]}]}}', '{"stints":3}', '[1]',
        ]);
        $answered = $this->eddy('eddy:pattern', $in, '--lines');
        self::assertSame([0, ''], [$answered->getExitCode(), $answered->getErrorOutput()]);
        $lines = array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), explode("\n", trim($answered->getOutput())));
        self::assertCount(5, $lines, 'an empty line is no document');
        self::assertSame('no_read', $lines[0]['pattern']['verdict']);
        self::assertSame('A', $lines[2]['next'][0]['offer']['spot'], 'after an error it goes on');
        self::assertSame(['', 'stints', ''], array_map(static fn (int $i): string => $lines[$i]['errors'][0]['path'], [1, 3, 4]));
        foreach (['eddy:plan' => '{"species":"walleye","stage":"winter"}', 'eddy:shade' => (string) file_get_contents(base_path('examples/bank.json'))] as $command => $one) {
            $one = (string) json_encode(json_decode($one));
            self::assertCount(2, explode("\n", trim($this->eddy($command, "{$one}\n{$one}", '--lines')->getOutput())), $command);
        }
    }

    /** What the README prints runs as it stands. */
    public function test_the_examples_of_the_readme_run(): void
    {
        preg_match_all(
            '/^    (?:echo \'(?<in>.+)\' \| )?php artisan (?<command>eddy:\w+)(?<rest>[^#\n]*)/m',
            (string) file_get_contents(base_path('README.md')),
            $found,
            PREG_SET_ORDER,
        );
        $ran = [];
        foreach ($found as $one) {
            preg_match_all('/\S+/', $one['rest'], $words);
            foreach (preg_grep('#examples/#', $words[0]) ?: [] as $word) {
                self::assertFileExists(base_path((string) preg_replace('/^--\w+=/', '', $word)));
            }
            if (in_array($one['command'], ['eddy:plan', 'eddy:pattern', 'eddy:shade', 'eddy:spread', 'eddy:sag'], true)) {
                $process = $this->eddy($one['command'], $one['in'], ...$words[0]);
                self::assertSame(0, $process->getExitCode(), $one[0].': '.$process->getErrorOutput());
                $ran[] = $one['command'];
            }
        }
        self::assertSame(['eddy:plan', 'eddy:plan', 'eddy:pattern', 'eddy:pattern', 'eddy:shade', 'eddy:spread', 'eddy:sag'], $ran);
    }

    /** Absent files, folders, marks of a coding and impossible names end in a sentence and with 2. */
    public function test_strange_files_and_names_are_answered(): void
    {
        foreach ([['--in=/nowhere', 'there is no /nowhere'], ['--in='.sys_get_temp_dir(), 'no file that can be read']] as [$option, $words]) {
            $plan = $this->eddy('eddy:plan', '', $option);
            self::assertSame(2, $plan->getExitCode());
            self::assertStringContainsString($words, $plan->getErrorOutput());
        }
        self::assertSame(0, $this->eddy('eddy:plan', "\xEF\xBB\xBF".'{"species":"walleye","stage":"winter"}')->getExitCode());
        foreach (['"timezone":"a\u0000b"', '"timezone":"Nowhere/Lost"', '"lat":1e999', '"date":["x"]', '"water":{"temp_f":1e308}'] as $odd) {
            $plan = $this->eddy('eddy:plan', '{"species":"walleye","stage":"winter",'.$odd.'}');
            self::assertSame(2, $plan->getExitCode(), $odd);
            self::assertSame('', $plan->getOutput());
        }
    }

    private function eddy(string $command, string $in, string ...$options): Process
    {
        $process = new Process([PHP_BINARY, base_path('artisan'), $command, ...$options], null, null, $in);
        $process->run();

        return $process;
    }
}
