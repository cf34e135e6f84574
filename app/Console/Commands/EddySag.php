<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OldEddy\Contract\SagContract;

final class EddySag extends Command
{
    use AnswersJson;

    protected $signature = 'eddy:sag {--in= : file to read instead of standard input} {--lines : one document a line in, one a line out}';

    protected $description = 'The depth of a towed line: JSON in, JSON out';

    public function handle(): int
    {
        return $this->answerJson(SagContract::answer(...));
    }
}
