<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Foundation\Application;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Session\ExistenceAwareInterface;
use Illuminate\Session\FileSessionHandler;
use SessionHandlerInterface;

/**
 * A session that is written when something in it changed, and else every few minutes, so that it does not end under an angler who
 * only taps: most taps change nothing in it, and a write costs more than all else of the framework.
 */
final class SteadySession implements ExistenceAwareInterface, SessionHandlerInterface
{
    private const WRITTEN_EVERY_S = 300;

    /** @var array<string, array{int, string}> when each was written, and what is in it */
    private array $known = [];

    public function __construct(private readonly SessionHandlerInterface $kept)
    {
    }

    /** Over one of the framework's own stores. */
    public static function over(string $store, Application $app): self
    {
        ['files' => $folder, 'lifetime' => $minutes, 'connection' => $connection, 'table' => $table] = $app['config']['session'];

        return new self($store === 'file'
            ? new FileSessionHandler($app['files'], $folder, $minutes)
            : new DatabaseSessionHandler($app['db']->connection($connection), $table, $minutes, $app));
    }

    public function read(string $id): string
    {
        [$at, $data] = explode('|', (string) $this->kept->read($id), 2) + [1 => ''];
        $this->known[$id] = [(int) $at, $data];

        return $data;
    }

    public function write(string $id, string $data): bool
    {
        [$at, $was] = $this->known[$id] ?? [0, ''];

        return ($data === $was && time() - $at < self::WRITTEN_EVERY_S) || $this->kept->write($id, time()."|{$data}");
    }

    public function destroy(string $id): bool
    {
        unset($this->known[$id]);

        return $this->kept->destroy($id);
    }

    public function setExists($value): self
    {
        $this->kept instanceof ExistenceAwareInterface && $this->kept->setExists($value);

        return $this;
    }

    public function open(string $path, string $name): bool
    {
        return $this->kept->open($path, $name);
    }

    public function close(): bool
    {
        return $this->kept->close();
    }

    public function gc(int $max_lifetime): int|false
    {
        return $this->kept->gc($max_lifetime);
    }
}
