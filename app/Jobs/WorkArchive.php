<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Archive\CsvTable;
use App\Archive\TakesArchive;
use App\Archive\WritesArchive;
use App\Models\Archive;
use App\Models\FailedStatement;
use App\Models\User;
use App\Waters\Files\Refused;
use App\Waters\Foreign\NeedsAnswer;
use App\Waters\Foreign\Sheets;
use App\Waters\LayersAtWork;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Makes an archive of all that is an angler's, or takes one in. A run that was cut off is done again from the start: nothing of it was kept. */
final class WorkArchive implements ShouldQueue
{
    use InteractsWithQueue;
    use Queueable;

    private const AGAIN_AFTER_S = 3;

    /** It waits its turn as often as it must; what fails, fails after so many. */
    public int $tries = 0;

    public int $maxExceptions = 3;

    public function __construct(private readonly int $archive)
    {
    }

    public function handle(): void
    {
        $archive = Archive::query()->find($this->archive);
        if ($archive === null || $archive->state !== Archive::WAITING) {
            return;
        }
        // One at a time for an account: whoever was killed has let go, whoever works is not disturbed.
        $ran = LayersAtWork::alone($archive->user_id, function () use ($archive): void {
            $archive->refresh();
            if ($archive->state === Archive::WAITING) {
                $this->work($archive, User::query()->findOrFail($archive->user_id));
            }
        });
        if (! $ran) {
            $this->release(self::AGAIN_AFTER_S);
        }
    }

    private function work(Archive $archive, User $angler): void
    {
        try {
            match ($archive->way) {
                Archive::OUT => $this->makes($archive, $angler), Archive::CSV => $this->reads($archive), default => $this->takes($archive, $angler),
            };
        } catch (Refused $e) {
            $archive->update(['state' => Archive::REFUSED, 'said' => mb_strimwidth($e->getMessage(), 0, 400)]);
            $archive->body()->drop();
        }
    }

    public function failed(?Throwable $e): void
    {
        Log::error('An archive could not be worked on.', ['archive' => $this->archive, 'why' => $e === null ? null : FailedStatement::why($e)]);
        Archive::query()->whereKey($this->archive)->where('state', Archive::WAITING)->update(['state' => Archive::REFUSED, 'said' => 'This could not be done to its end, and nothing of it was kept. Try it again.']);
    }

    private function makes(Archive $archive, User $angler): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'old-eddy-archive');
        try {
            (new WritesArchive($angler, $archive->tell(...)))->to($path);
            $archive->keep($path);
        } finally {
            unlink($path);
        }
        $archive->update(['state' => Archive::READY]);
    }

    /** A log in a spreadsheet becomes lines: of its first sheet with something in it. */
    private function reads(Archive $archive): void
    {
        [$lines, $said] = $archive->body()->with(static function (string $path): array {
            $form = Sheets::form($path) ?? throw new Refused('This is no spreadsheet.');
            try {
                return [Sheets::lines($path, $form), null];
            } catch (NeedsAnswer $e) {
                [$first, $others] = [$e->questions[0]->likely, array_slice(array_keys($e->questions[0]->options), 1)];

                return [Sheets::lines($path, $form, ['sheet' => $first]), "Of its sheets \"{$first}\" is read; left out: ".implode(', ', $others).'.'];
            }
        });
        CsvTable::of($lines);
        $path = (string) tempnam(sys_get_temp_dir(), 'old-eddy-lines');
        try {
            file_put_contents($path, $lines);
            $archive->keep($path);
        } finally {
            unlink($path);
        }
        $archive->update(['state' => Archive::READY, 'said' => $said === null ? null : mb_strimwidth($said, 0, 400, '…')]);
    }

    private function takes(Archive $archive, User $angler): void
    {
        $taken = array_filter($archive->body()->with((new TakesArchive($angler, $archive->tell(...)))->from(...)));
        $archive->update(['state' => Archive::READY, 'said' => $taken === []
            ? 'All of it was here already: nothing was changed.'
            : 'Taken in: '.implode(', ', array_map(static fn (string $what, int $n): string => "{$n} {$what}", array_keys($taken), $taken)).'.']);
        $archive->body()->drop();
        SumDays::dispatch($angler->id);
    }
}
