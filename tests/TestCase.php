<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends BaseTestCase
{
    /** Run side by side, each process has a database of its own: bin/test makes them. */
    public function createApplication(): Application
    {
        $app = parent::createApplication();
        $token = (string) getenv('TEST_TOKEN');
        if ($token !== '') {
            config(['database.connections.mariadb.database' => config('database.connections.mariadb.database')."_{$token}"]);
        }

        return $app;
    }

    /** A server that breaks down answers no question of a test, not even the one whether there were no errors of input. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $answer = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        if ($answer->getStatusCode() === 500) {
            self::fail("{$method} {$uri} broke down: {$answer->exception?->getMessage()} at {$answer->exception?->getFile()}:{$answer->exception?->getLine()}");
        }

        return $answer;
    }

    /** Whoever acts next does so on a device of his own. */
    public function be(Authenticatable $user, $guard = null): static
    {
        $this->app?->make('session')->forget('device');

        return parent::be($user, $guard);
    }
}
