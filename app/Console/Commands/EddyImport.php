<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Lake;
use App\Models\Layer;
use App\Models\Question;
use App\Waters\Files\Refused;
use App\Waters\Layers;
use App\Waters\LayersAtWork;
use Illuminate\Console\Command;
use OldEddy\Where\Lake\Soundings;

/** Takes a file of any length into a lake: GPX, GeoJSON, CSV soundings, recordings of instruments. */
final class EddyImport extends Command
{
    private const PATIENCE_S = 600;

    protected $signature = 'eddy:import {lake : its number} {file} {--cell= : side of a grid cell in metres} {--say=* : an answer, such as unit=ft, order=latlon, sign=minus}';

    protected $description = 'Take a file of soundings, shoreline or spots into a lake';

    public function handle(): int
    {
        $lake = ctype_digit((string) $this->argument('lake')) ? Lake::query()->find((int) $this->argument('lake'), Lake::LIGHT) : null;
        if ($lake === null) {
            return $this->no('There is no such lake.');
        }
        $cell = $this->option('cell');
        [$least, $most] = Soundings::CELL_M;
        if ($cell !== null && (! is_numeric($cell) || $cell < $least || $cell > $most)) {
            return $this->no(sprintf('--cell must be a number of metres from %d to %d.', $least, $most));
        }
        $said = [];
        foreach ($this->option('say') as $answer) {
            if (preg_match('/^([A-Za-z]+)=(.+)$/', (string) $answer, $m) !== 1) {
                return $this->no("--say takes NAME=ANSWER; this says {$answer}.");
            }
            $said[$m[1]] = $m[1] === 'columns' ? explode(',', $m[2]) : $m[2];
        }
        if ($cell !== null) {
            $lake->update(['cell_m' => (float) $cell]);
        }
        $code = 2;
        $ran = LayersAtWork::alone($lake->user_id, function () use ($lake, $said, &$code): void {
            $code = $this->take($lake, $said);
        }, self::PATIENCE_S);

        return $ran ? $code : $this->no('Another file of this account is still being read.');
    }

    /** @param  array<string, mixed>  $said */
    private function take(Lake $lake, array $said): int
    {
        $layers = new Layers($lake, fn (int $read) => $this->output->write(sprintf("\r%s read", number_format($read))));
        try {
            $layer = $layers->add(basename((string) $this->argument('file')), (string) $this->argument('file'), ['seen' => '1'] + $said);
        } catch (Refused $e) {
            return $this->no($e->getMessage());
        }
        try {
            $words = $layers->read($layer);
        } catch (Refused $e) {
            $layer->delete();

            return $this->no($e->getMessage());
        }
        if ($layer->state === Layer::ASKS) {
            foreach ($layer->asks() as $question) {
                $this->error($question->text);
                $this->line('  '.($question->options === [] ? "--say={$question->key}=NUMBER" : implode("\n  ", self::answers($question))));
            }
            $layer->delete();
            $this->error('Nothing was taken in. Run it again with these answers.');

            return 2;
        }
        $this->info("\r{$words}");
        foreach ($layers->more as $id) {
            $other = Layer::query()->findOrFail($id);
            try {
                $this->info("{$other->name}: ".$layers->read($other));
            } catch (Refused $e) {
                $this->error("{$other->name}: {$e->getMessage()}");
                $other->delete();
            }
        }

        return 0;
    }

    /** @return list<string> */
    private static function answers(Question $question): array
    {
        return array_map(
            static fn (string $answer, string $words): string => sprintf(
                '--say=%s=%s  %s',
                $question->key,
                $question->key === 'columns' ? 'LON,LAT,DEPTH' : $answer,
                $words,
            ),
            array_map(strval(...), array_keys($question->options)),
            $question->options,
        );
    }

    private function no(string $why): int
    {
        $this->error($why);

        return 2;
    }
}
