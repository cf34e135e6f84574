<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OldEddy\Contract\PatternContract;

final class EddyPattern extends Command
{
    use AnswersJson;

    protected $signature = 'eddy:pattern {--in= : file to read instead of standard input} {--lines : one document a line in, one a line out}';

    protected $description = 'Weigh a log of stints: JSON in, JSON out';

    public function handle(): int
    {
        return $this->answerJson(PatternContract::answer(...));
    }
}
