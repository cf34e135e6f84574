<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Refused;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Runs the command-line tools of the geospatial library where they see nothing but themselves and their own folder: mounts,
 * processes, network and user of their own (`bwrap`), no environment, only the drivers that are asked for, and bounds of time,
 * memory and what is written. Where no such place can be made, no tool runs.
 */
final class Tool
{
    /** Whom the tools run as where we are root. */
    public const NOBODY = 65534;

    private const SECONDS = 120;

    private const MEMORY_BYTES = 3_000_000_000;

    private const FILE_BYTES = 700_000_000;

    /** What the command that bounds its time ends with when that is over. */
    private const LATE = 124;

    /** What it says on its way is cut off here. */
    private const SAID_BYTES = 4_000_000;

    /** Where a tool finds its folder. */
    private const WORK = '/work';

    /** What a tool sees: the programs, and its own folder. */
    private const SEES = [
        '--ro-bind', '/usr', '/usr', '--symlink', 'usr/bin', '/bin', '--symlink', 'usr/lib', '/lib', '--symlink', 'usr/lib64', '/lib64',
        '--ro-bind-try', '/etc/alternatives', '/etc/alternatives', '--ro-bind-try', '/etc/ld.so.cache', '/etc/ld.so.cache', '--dev', '/dev',
    ];

    /** Its whole environment. */
    private const ENVIRONMENT = [
        'HOME' => self::WORK, 'TMPDIR' => self::WORK, 'LANG' => 'C.UTF-8', 'GDAL_CACHEMAX' => '256', 'CPL_VSIL_CURL_ALLOWED_EXTENSIONS' => '.none', 'GDAL_HTTP_MAX_RETRY' => '0', 'GDAL_NUM_THREADS' => '1',
        'PROJ_NETWORK' => 'OFF', 'OGR_GEOJSON_MAX_OBJ_SIZE' => '64', 'CPL_DEBUG' => 'OFF', 'GDAL_PAM_ENABLED' => 'NO', 'GDAL_DISABLE_READDIR_ON_OPEN' => 'FALSE',
        'OGR_SQLITE_ALLOW_EXTERNAL_ACCESS' => 'NO', 'SQLITE_LIST_ALL_TABLES' => 'NO',
    ];

    /** @param  string  $folder  the one folder it works in */
    public function __construct(private readonly string $folder, private readonly Form $form)
    {
    }

    public static function isThere(): bool
    {
        return is_executable('/usr/bin/gdalinfo') && is_executable('/usr/bin/ogr2ogr');
    }

    /** Whether a place can be made here in which a tool sees nothing of the machine. */
    public static function canBeShutIn(): bool
    {
        return Cache::get('foreign:shut in') === true || self::shutsIn();
    }

    /**
     * Runs one of the tools.
     *
     * @param  list<string>  $arguments
     * @return string what it said
     *
     * @throws Refused when it fails
     */
    public function run(string $tool, array $arguments, string $input = ''): string
    {
        if (! self::canBeShutIn()) {
            throw new Refused('Files of this form are not taken here: the server has no place to read them apart from everything else (bubblewrap).');
        }
        $shown = ['--bind', $this->folder, self::WORK, '--chdir', self::WORK];
        foreach (self::ENVIRONMENT + ['GDAL_SKIP' => self::skipped($this->form)] as $name => $value) {
            array_push($shown, '--setenv', $name, $value);
        }
        $process = new Process([...self::bounds(), ...self::shut($shown), "/usr/bin/{$tool}", ...$arguments], '/', null, $input === '' ? null : $input, self::SECONDS + 5);
        self::bare($process);
        [$said, $complaint, $late] = ['', '', false];
        try {
            $process->run(static function (string $type, string $piece) use (&$said, &$complaint): void {
                if ($type === Process::OUT) {
                    $said = strlen($said) > self::SAID_BYTES ? $said : $said.$piece;
                } else {
                    $complaint = substr($complaint.$piece, 0, 2000);
                }
            });
        } catch (ProcessTimedOutException) {
            $late = true;
        }
        if ($late || $process->getExitCode() === self::LATE) {
            throw new Refused(sprintf('This file could not be read within %d seconds. A smaller part of it will do.', self::SECONDS));
        }
        if (! $process->isSuccessful()) {
            throw new Refused("This is {$this->form->words()}, and it cannot be read: ".$this->plain($complaint).'.');
        }

        return $said;
    }

    /** @return list<string> the commands that bound the tool */
    private static function bounds(): array
    {
        return [
            '/usr/bin/timeout', '-k', '2', (string) self::SECONDS, '/usr/bin/prlimit', '--as='.self::MEMORY_BYTES, '--fsize='.self::FILE_BYTES, '--cpu='.self::SECONDS, '--core=0', '--',
        ];
    }

    /**
     * @param  list<string>  $shown  what is to be seen besides the programs
     * @return list<string> the commands that shut the tool in, as somebody who owns nothing here
     */
    private static function shut(array $shown): array
    {
        $nobody = (string) self::NOBODY;

        return [
            '/usr/bin/setpriv', ...(posix_geteuid() === 0 ? ["--reuid={$nobody}", "--regid={$nobody}", '--clear-groups'] : []), '--no-new-privs', '--',
            '/usr/bin/bwrap', '--unshare-all', '--uid', $nobody, '--gid', $nobody, '--die-with-parent', '--new-session', '--cap-drop', 'ALL', '--clearenv',
            ...self::SEES, ...$shown, '--',
        ];
    }

    private static function shutsIn(): bool
    {
        if (! is_executable('/usr/bin/bwrap')) {
            return false;
        }
        $process = new Process([...self::bounds(), ...self::shut([]), '/usr/bin/true'], '/');
        self::bare($process);
        $works = $process->run() === 0;
        // A machine on which it does not work yet is asked again.
        $works && Cache::put('foreign:shut in', true, now()->addDay());

        return $works;
    }

    /** All drivers but those that are needed, as the library takes it: it loads none of these. */
    private static function skipped(Form $form): string
    {
        $all = Cache::remember('foreign:drivers', now()->addDay(), static function (): array {
            $names = [];
            foreach (['gdalinfo', 'ogrinfo'] as $tool) {
                $process = new Process(["/usr/bin/{$tool}", '--formats']);
                $process->run();
                preg_match_all('/^\s+(\S.*?) -[a-z, ]+- \(/m', $process->getOutput(), $found);
                array_push($names, ...$found[1]);
            }

            return array_values(array_unique($names));
        });

        return implode(',', array_diff($all, $form->drivers()));
    }

    /** What the library complains of, in one line, without the places of this machine. */
    private function plain(string $complaint): string
    {
        $line = trim((string) preg_replace('/^(ERROR|FAILURE|Warning)( \d+)?:\s*/i', '', trim(strtok($complaint, "\n") ?: '')));

        return $line === '' ? 'it may be damaged, or hold nothing that is known' : rtrim(mb_strimwidth(str_replace([self::WORK.'/', './'], '', mb_scrub($line)), 0, 160, '…'), '.');
    }

    /** Starts a process with nothing of our own environment. */
    private static function bare(Process $process): Process
    {
        /** @var array<string, string> $none  false takes a name out */
        $none = array_fill_keys([...array_keys(getenv()), ...array_filter(array_keys($_SERVER), is_string(...)), ...array_keys($_ENV)], false);

        return $process->setEnv($none);
    }
}
