<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DemoCopy;
use App\Models\FailedStatement;
use App\Models\User;
use App\Providers\AppServiceProvider;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PDO;
use PDOException;

/** What goes wrong is told in a sentence to whom it happens, and to the log without what is anybody's own. */
final class FailingWellTest extends WaterTestCase
{
    public function test_a_copy_of_the_demo_reads_its_own_rows_however_many_days_others_have(): void
    {
        $demo = $this->angler('demo@old-eddy.example')->refresh();
        for ($i = 0; $i < 3; $i++) {
            $day = $this->trip($demo);
            $day->stints()->create(['id' => (string) Str::uuid(), 'started_at' => '2026-04-20 08:00:00', 'spot' => 'Wall', 'lure' => 'tube', 'color' => 'bright', 'depth_ft' => 3, 'retrieve' => 'drag', 'cast_count' => 5]);
        }
        $alone = self::rowsRead(static fn (): User => DemoCopy::of($demo));
        $other = $this->angler('other@old-eddy.example');
        $row = (array) DB::table('trips')->where('user_id', $demo->id)->first();
        foreach (array_chunk(range(1, 2000), 250) as $some) {
            DB::table('trips')->insert(array_map(static fn (): array => ['user_id' => $other->id, 'ask' => (string) Str::uuid()] + array_intersect_key($row, ['name' => 0, 'conditions' => 0]), $some));
        }
        $beside = self::rowsRead(static fn (): User => DemoCopy::of($demo));
        self::assertGreaterThan(20, $alone);
        self::assertLessThan(1.3 * $alone, $beside, '2,000 days of somebody else do not slow a copy');
    }

    public function test_a_failed_statement_is_reported_without_its_values(): void
    {
        $written = [];
        Log::shouldReceive('error')->andReturnUsing(static function (string $text, array $about) use (&$written): void {
            $written[] = $text.json_encode($about, JSON_THROW_ON_ERROR);
        });
        try {
            DB::insert('insert into users (name, email, password) values (?, ?, ?), (?, ?, ?)', ['Wren', 'wren@old-eddy.example', '$2y$12$hashhash', 'Bob', 'wren@old-eddy.example', '36.9173521']);
            self::fail('The same address twice.');
        } catch (QueryException $e) {
            report($e);
        }
        self::assertCount(1, $written);
        foreach (['wren@', 'hashhash', '36.9173', 'Wren'] as $value) {
            self::assertStringNotContainsString($value, $written[0]);
        }
        self::assertStringContainsString('insert into users', $written[0]);
        self::assertStringContainsString('Duplicate entry', $written[0]);
        self::assertStringNotContainsString('wren@', FailedStatement::why(new PDOException("Duplicate entry 'wren@old-eddy.example' for key 'x'")));
    }

    public function test_a_page_waits_for_a_row_briefly_and_says_so(): void
    {
        AppServiceProvider::waitBriefly();
        self::assertStringContainsString('innodb_lock_wait_timeout = 3', config('database.connections.mariadb.options')[PDO::MYSQL_ATTR_INIT_COMMAND]);
        foreach ([1205 => 'writing here', 2006 => 'does not answer'] as $code => $words) {
            Route::get("/fails/{$code}", static function () use ($code): never {
                $why = new PDOException('SQLSTATE', 0);
                $why->errorInfo = ['HY000', $code, 'x'];
                throw new QueryException('mariadb', 'select 1', [], $why);
            });
            $this->get("/fails/{$code}")->assertStatus(503)->assertSee($words)->assertHeader('Retry-After')->assertDontSee('select');
            $this->getJson("/fails/{$code}")->assertStatus(503)->assertJsonPath('message', fn (string $says): bool => str_contains($says, $words));
        }
    }

    public function test_a_wrong_address_leads_nowhere_else_and_names_no_class(): void
    {
        $this->actingAs($this->angler());
        $this->get('/look-back?year=x', ['Referer' => 'https://elsewhere.example/'])->assertRedirect(url('/look-back'));
        $this->post('/settings', ['units' => 'furlongs'], ['Referer' => 'https://elsewhere.example/'])->assertRedirect(url('/'));
        $this->post('/settings', ['units' => 'furlongs'], ['Referer' => url('/settings')])->assertRedirect(url('/settings'));
        $gone = $this->getJson('/days/999999/fish')->assertNotFound();
        self::assertStringNotContainsString('App', (string) $gone->getContent());
    }

    public function test_an_account_that_ends_leaves_nothing_that_was_kept_of_its_days(): void
    {
        $user = $this->angler();
        Cache::put('kept of a day', 'the bottom of a lake', 3600);
        $this->actingAs($user)->delete(route('account.end'), ['end_password' => 'long-enough'])->assertRedirect(route('sign-in'));
        self::assertNull(Cache::get('kept of a day'));
        self::assertNull(User::query()->find($user->id));
    }

    /** @param  callable(): mixed  $work */
    private static function rowsRead(callable $work): int
    {
        $sum = static fn (): int => array_sum(array_map(static fn (object $one): int => (int) $one->Value, DB::select("show session status like 'Handler_read%'")));
        $before = $sum();
        $work();

        return $sum() - $before;
    }
}
