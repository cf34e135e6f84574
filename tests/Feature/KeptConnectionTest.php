<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Beside;
use App\Providers\AppServiceProvider;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\TestCase;

/** A worker keeps its connection to the database from one request to the next; nothing of the one is seen in the other. */
final class KeptConnectionTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        AppServiceProvider::keepConnection();
        DB::purge();
        DB::purge('beside');
    }

    protected function tearDown(): void
    {
        // None is left that another test would take up.
        DB::purge();
        parent::tearDown();
    }

    public function test_a_request_goes_on_with_the_connection_of_the_one_before(): void
    {
        $first = $this->request();
        $id = $first->query('select connection_id()')->fetchColumn();
        $first = null;
        self::assertSame($id, $this->request()->query('select connection_id()')->fetchColumn());
    }

    public function test_what_a_request_left_open_when_it_broke_down_is_undone_before_the_next(): void
    {
        $broken = $this->request();
        $broken->exec('create or replace table kept_connection (n int)');
        $broken->beginTransaction();
        $broken->exec('insert into kept_connection values (1)');
        $broken = null;
        $next = $this->request();
        self::assertFalse($next->inTransaction());
        self::assertSame(0, (int) $next->query('select count(*) from kept_connection')->fetchColumn());
        $next->exec('drop table kept_connection');
    }

    public function test_a_connection_that_the_server_gave_up_is_made_anew(): void
    {
        $first = $this->request();
        $id = (int) $first->query('select connection_id()')->fetchColumn();
        Beside::way()->statement("kill {$id}");
        $first = null;
        self::assertNotSame($id, (int) $this->request()->query('select connection_id()')->fetchColumn());
    }

    public function test_the_way_beside_is_another_one(): void
    {
        self::assertNotSame(
            DB::selectOne('select connection_id() as id')->id, Beside::way()->selectOne('select connection_id() as id')->id,
        );
    }

    /** As a request of its own would connect, by the settings of the house; not the connection of this test. */
    private function request(): PDO
    {
        $way = config('database.connections.mariadb');
        self::assertTrue($way['options'][PDO::ATTR_PERSISTENT]);

        return new PDO("mysql:unix_socket={$way['unix_socket']};dbname={$way['database']};charset=ascii", $way['username'], $way['password'], $way['options']);
    }
}
