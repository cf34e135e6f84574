<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A migration that was cut off half way does not brick an installation: it is run again. In a database of its own. */
final class MigrationTest extends TestCase
{
    private string $name;

    protected function setUp(): void
    {
        parent::setUp();
        $this->name = 'old_eddy_again_'.getmypid();
        DB::statement("create database `{$this->name}` character set utf8mb4");
        config(['database.connections.again' => ['database' => $this->name] + config('database.connections.mariadb')]);
        config(['database.default' => 'again']);
    }

    protected function tearDown(): void
    {
        DB::statement("drop database if exists `{$this->name}`");
        parent::tearDown();
    }

    public function test_a_migration_whose_end_was_never_written_down_is_done_again(): void
    {
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        $shape = $this->shape();
        self::assertGreaterThan(12, count($shape));
        // Killed between the change and its note: as if the last few, or all of them, had never been written down.
        foreach ([1, 5, 100] as $forgotten) {
            DB::table('migrations')->orderByDesc('id')->limit($forgotten)->delete();
            self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());
            self::assertSame($shape, $this->shape());
        }
    }

    public function test_each_migration_is_one_statement(): void
    {
        foreach (glob(database_path('migrations/*.php')) ?: [] as $file) {
            $code = (string) file_get_contents($file);
            self::assertSame(1, preg_match_all('/DB::|Schema::/', $code), basename($file));
            self::assertSame(1, preg_match('/if (not )?exists|modify column|replace into|update \w+ set (\w+) = .* where \2 is null|update \w+ set (\w+) = null where \3 is not null/s', $code), basename($file));
        }
    }

    /** @return list<string> */
    private function shape(): array
    {
        return array_map(
            static fn (object $t): string => (string) preg_replace(
                '/ AUTO_INCREMENT=\d+/',
                '',
                (string) array_values((array) DB::selectOne('show create table `'.array_values((array) $t)[0].'`'))[1],
            ),
            DB::select('show tables'),
        );
    }
}
