<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

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

    /** Whoever acts next does so on a device of his own. */
    public function be(Authenticatable $user, $guard = null): static
    {
        $this->app?->make('session')->forget('device');

        return parent::be($user, $guard);
    }
}
