<?php

declare(strict_types=1);

namespace App\Console\Commands;

use DateTimeImmutable;
use Illuminate\Console\Command;
use OldEddy\Boat\SimulatedBoat;

/** Plays a boat on the demo lake: its instruments' sentences over loopback TCP, or as a recording on standard output. */
final class EddyBoat extends Command
{
    protected $signature = 'eddy:boat {--port=10110 : on loopback} {--start=2026-11-21T14:30:00Z : the clock of the boat} {--speed=1 : how much faster than the clock; 0 for at once} {--print : write the recording and end}';

    protected $description = 'Play a simulated boat as NMEA 0183 sentences';

    public function handle(): int
    {
        $boat = new SimulatedBoat(require database_path('seeders/track.php'), new DateTimeImmutable((string) $this->option('start')));
        if ($this->option('print')) {
            $this->play($boat, STDOUT, 0.0);

            return 0;
        }
        $server = @stream_socket_server('tcp://127.0.0.1:'.(int) $this->option('port'), $code, $problem);
        if ($server === false) {
            $this->error("The port cannot be opened: {$problem}.");

            return 2;
        }
        $this->info('The boat lies at 127.0.0.1:'.(int) $this->option('port').' and sets off when somebody listens.');
        $listener = stream_socket_accept($server, 600);
        if ($listener !== false) {
            $this->play($boat, $listener, (float) $this->option('speed'));
            fclose($listener);
        }

        return 0;
    }

    /** @param  resource  $to */
    private function play(SimulatedBoat $boat, $to, float $speed): void
    {
        for ($second = 0; $second <= $boat->lastsS(); $second++) {
            if (@fwrite($to, implode("\r\n", $boat->sentences($second))."\r\n") === false) {
                return;
            }
            if ($speed > 0) {
                usleep((int) (1e6 / $speed));
            }
        }
    }
}
