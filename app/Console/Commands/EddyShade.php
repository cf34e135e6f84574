<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OldEddy\Contract\ShadeContract;

final class EddyShade extends Command
{
    use AnswersJson;

    protected $signature = 'eddy:shade {--in= : file to read instead of standard input} {--lines : one document a line in, one a line out}';

    protected $description = 'The shade of a bank over a day: JSON in, JSON out';

    public function handle(): int
    {
        return $this->answerJson(ShadeContract::answer(...));
    }
}
