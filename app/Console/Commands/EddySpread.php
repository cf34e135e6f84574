<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OldEddy\Contract\SpreadContract;

final class EddySpread extends Command
{
    use AnswersJson;

    protected $signature = 'eddy:spread {--in= : file to read instead of standard input} {--lines : one document a line in, one a line out}';

    protected $description = 'A trolling spread: JSON in, JSON out';

    public function handle(): int
    {
        return $this->answerJson(SpreadContract::answer(...));
    }
}
