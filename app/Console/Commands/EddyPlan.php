<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OldEddy\Contract\PlanContract;

final class EddyPlan extends Command
{
    use AnswersJson;

    protected $signature = 'eddy:plan {--in= : file to read instead of standard input} {--lines : one document a line in, one a line out}';

    protected $description = 'Read the water and choose the lineup: JSON in, JSON out';

    public function handle(): int
    {
        return $this->answerJson(PlanContract::answer(...));
    }
}
