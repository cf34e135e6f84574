<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Lake;
use App\Waters\Files\Refused;
use App\Waters\TakeIn;
use Illuminate\Console\Command;

/** Takes a file of any length into a lake: GPX, GeoJSON, CSV soundings, recordings of instruments. */
final class EddyImport extends Command
{
    protected $signature = 'eddy:import {lake : its number} {file} {--cell=10 : side of a grid cell in metres}';

    protected $description = 'Take a file of soundings, shoreline or spots into a lake';

    public function handle(): int
    {
        $lake = Lake::query()->find((int) $this->argument('lake'));
        if ($lake === null) {
            $this->error('There is no such lake.');

            return 2;
        }
        try {
            $this->info("\r".TakeIn::file($lake, (string) $this->argument('file'), (float) $this->option('cell'), fn (int $read) => $this->output->write(sprintf("\r%s read", number_format($read)))));
        } catch (Refused $e) {
            $this->error($e->getMessage());

            return 2;
        }

        return 0;
    }
}
