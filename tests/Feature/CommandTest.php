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

    private function eddy(string $command, string $in, string ...$options): Process
    {
        $process = new Process([PHP_BINARY, base_path('artisan'), $command, ...$options], null, null, $in);
        $process->run();

        return $process;
    }
}
