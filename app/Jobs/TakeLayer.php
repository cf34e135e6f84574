<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\FailedStatement;
use App\Models\Lake;
use App\Models\Layer;
use App\Waters\Files\Refused;
use App\Waters\Layers;
use App\Waters\LayersAtWork;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Reads a layer, or does with it what the angler asked for. One at a time for each account; the rest wait their turn. */
final class TakeLayer implements ShouldQueue
{
    use InteractsWithQueue;
    use Queueable;

    public const READ = 'read';

    public const OUT = 'out';

    public const BACK = 'back';

    public const DROP = 'drop';

    private const AGAIN_AFTER_S = 3;

    public int $tries = 0;

    public int $maxExceptions = 2;

    public function __construct(private readonly int $layer, private readonly string $what = self::READ)
    {
    }

    public function handle(): void
    {
        $layer = Layer::query()->with(['lake' => static fn ($q) => $q->select(Lake::LIGHT)])->find($this->layer);
        if ($layer === null) {
            return;
        }
        $ran = LayersAtWork::alone($layer->lake->user_id, function () use ($layer): void {
            $layer->refresh();
            $layers = new Layers($layer->lake);
            try {
                match ($this->what) {
                    self::OUT => $layers->takeOut($layer),
                    self::BACK => $layers->putBack($layer),
                    self::DROP => $layers->drop($layer),
                    // Done already by a run that was only thought to be dead.
                    default => $layer->state === Layer::WAITING ? $layers->read($layer) : null,
                };
                array_map(static fn (int $id) => dispatch(new self($id)), $layers->more);
            } catch (Refused $e) {
                $layer->update(['state' => Layer::REFUSED, 'problem' => $e->getMessage()]);
            }
        });
        if (! $ran) {
            $this->release(self::AGAIN_AFTER_S);
        }
    }

    public function failed(?Throwable $e): void
    {
        Log::error('A layer could not be read.', ['layer' => $this->layer, 'why' => $e === null ? null : FailedStatement::why($e)]);
        Layer::query()->whereKey($this->layer)->where('state', Layer::WAITING)->update(
            ['state' => Layer::REFUSED, 'problem' => 'This file could not be read to its end. It is kept: read it again, or drop it.'],
        );
    }
}
