<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Code;
use App\Models\User;
use Illuminate\Console\Command;

/** Prints a one-time code with which an angler sets a new password: no mail is sent, whoever runs the program hands it over. */
final class EddyCode extends Command
{
    protected $signature = 'eddy:code {email : of the account}';

    protected $description = 'Print a one-time code for a forgotten password';

    public function handle(): int
    {
        $angler = User::query()->where('email', (string) $this->argument('email'))->first();
        if ($angler === null) {
            $this->error('There is no account with this address.');

            return 2;
        }
        $this->line(Code::make($angler));
        $this->info(sprintf('Good for %d minutes and one time, on the page "Forgotten".', Code::MINUTES));

        return 0;
    }
}
