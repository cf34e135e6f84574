<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\TakesArchive;
use App\Archive\WritesArchive;
use App\Models\User;
use App\Waters\Files\Refused;
use Illuminate\Console\Command;

/** All that is an angler's, out into a file or in from one, of any size (G6). */
final class EddyArchive extends Command
{
    protected $signature = 'eddy:archive {way : out or in} {email : of the account} {file : the zip file}';

    protected $description = 'Write all of an account to one archive, or take one in';

    public function handle(): int
    {
        [$way, $file] = [(string) $this->argument('way'), (string) $this->argument('file')];
        $angler = User::query()->where('email', (string) $this->argument('email'))->first();
        $problem = match (true) {
            $angler === null => 'There is no account with this address.',
            ! in_array($way, ['out', 'in'], true) => 'The way is out or in.',
            $way === 'in' && ! is_file($file) => "There is no file {$file}.",
            default => null,
        };
        if ($angler === null || $problem !== null) {
            $this->error((string) $problem);

            return 2;
        }
        $told = fn (int $done, int $total) => $this->output->isDecorated() ? $this->output->write("\r{$done} of {$total}") : null;
        try {
            if ($way === 'out') {
                (new WritesArchive($angler, $told))->to($file);
                $this->info(sprintf('%s: %d bytes', $file, filesize($file)));
            } else {
                $taken = (new TakesArchive($angler, $told))->from($file);
                $this->info('New: '.implode(', ', array_map(static fn (string $what, int $n): string => "{$n} {$what}", array_keys($taken), $taken)));
            }
        } catch (Refused $e) {
            $this->error($e->getMessage());

            return 1;
        }

        return 0;
    }
}
