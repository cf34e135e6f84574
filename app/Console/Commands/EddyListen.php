<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Boat\Listener;
use App\Models\Trip;
use Illuminate\Console\Command;

/** Reads a boat's instruments into a day, from a TCP stream or a recorded file. */
final class EddyListen extends Command
{
    /** Seconds between two writes into the day. */
    private const KEEP_EVERY_S = 5;

    protected $signature = 'eddy:listen {day : the number of the day} {--tcp= : HOST:PORT of a stream} {--file= : a recording} {--silence=60 : seconds without a word after which the listening ends}';

    protected $description = 'Read NMEA 0183 sentences of a boat into a day';

    public function handle(): int
    {
        $trip = Trip::query()->with('user')->find((int) $this->argument('day'));
        [$tcp, $file] = [(string) $this->option('tcp'), (string) $this->option('file')];
        if ($trip === null || ($tcp === '') === ($file === '')) {
            $this->error($trip === null ? 'There is no such day.' : 'Name either --tcp=HOST:PORT or --file=RECORDING.');

            return 2;
        }
        if ($file !== '' && (! is_file($file) || ! is_readable($file))) {
            $this->error(file_exists($file) ? "{$file} is no file that can be read." : "There is no file {$file}.");

            return 2;
        }
        $silence = max(1, (int) $this->option('silence'));
        $lines = @($file !== '' ? fopen($file, 'rb') : stream_socket_client("tcp://{$tcp}", $code, $problem, 10));
        if ($lines === false) {
            $this->error($file !== '' ? "{$file} cannot be read." : "Nobody answers at {$tcp}.");

            return 2;
        }
        stream_set_timeout($lines, $silence);
        $listener = new Listener($trip);
        $kept = microtime(true);
        while (($line = fgets($lines, 512)) !== false) {
            $listener->hear($line);
            if ($tcp !== '' && microtime(true) - $kept >= self::KEEP_EVERY_S) {
                $listener->keep();
                $kept = microtime(true);
            }
        }
        $silent = $tcp !== '' && stream_get_meta_data($lines)['timed_out'];
        $listener->keep();
        if ($silent || ($tcp !== '' && $listener->state()->heard === 0)) {
            $this->error($silent ? "Nothing was heard from {$tcp} for {$silence} s; {$listener->state()->heard} sentences before that are kept." : "{$tcp} closed the line without a sound sentence.");

            return 2;
        }
        $this->info(sprintf('%d sentences read, %d lines broken.', $listener->state()->heard, array_sum($listener->state()->broken)));

        return 0;
    }
}
