<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\SteadySession;
use Illuminate\Support\Facades\DB;
use SessionHandlerInterface;

/** A session is written when something in it changed; one that only stands is written now and then, so that it does not end. */
final class SteadySessionTest extends WaterTestCase
{
    public function test_what_did_not_change_is_not_written_again(): void
    {
        $kept = $this->kept();
        $session = new SteadySession($kept);
        $session->read('a');
        $session->write('a', 'one');
        self::assertSame(1, $kept->writes);
        $next = new SteadySession($kept);
        self::assertSame('one', $next->read('a'));
        $next->write('a', 'one');
        self::assertSame(1, $kept->writes);
        $next->write('a', 'two');
        self::assertSame(2, $kept->writes);
        self::assertSame('two', (new SteadySession($kept))->read('a'));
    }

    public function test_one_that_stood_for_six_minutes_is_written_so_that_it_lives_on(): void
    {
        $kept = $this->kept();
        $kept->data['a'] = (time() - 360).'|one';
        $session = new SteadySession($kept);
        self::assertSame('one', $session->read('a'));
        $session->write('a', 'one');
        self::assertSame(1, $kept->writes);
    }

    public function test_a_text_with_the_mark_in_it_comes_back_whole(): void
    {
        $kept = $this->kept();
        (new SteadySession($kept))->write('a', 'bass|pike|2');
        self::assertSame('bass|pike|2', (new SteadySession($kept))->read('a'));
    }

    /** Several application servers share one database, and with it the sessions. */
    public function test_sessions_in_the_database_survive_a_new_id(): void
    {
        config(['session.driver' => 'database']);
        $session = $this->app['session']->driver('database');
        self::assertInstanceOf(SteadySession::class, $session->getHandler());
        $session->start();
        $session->put('lure', 'jig');
        $session->save();
        $session->start();
        $session->regenerate(true);
        $session->save();
        self::assertStringContainsString('jig', $session->getHandler()->read($session->getId()));
        self::assertSame(1, DB::table('sessions')->where('id', $session->getId())->count());
    }

    private function kept(): SessionHandlerInterface
    {
        return new class implements SessionHandlerInterface
        {
            public int $writes = 0;

            /** @var array<string, string> */
            public array $data = [];

            public function read(string $id): string
            {
                return $this->data[$id] ?? '';
            }

            public function write(string $id, string $data): bool
            {
                $this->writes++;
                $this->data[$id] = $data;

                return true;
            }

            public function open(string $path, string $name): bool
            {
                return true;
            }

            public function close(): bool
            {
                return true;
            }

            public function destroy(string $id): bool
            {
                unset($this->data[$id]);

                return true;
            }

            public function gc(int $max_lifetime): int
            {
                return 0;
            }
        };
    }
}
