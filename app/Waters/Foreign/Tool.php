<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Refused;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * The command-line tools of the geospatial library, kept on a short lead: no other driver than those asked for is loaded, no network,
 * bounds of time, memory and what is written, an environment of its own, a folder of its own, and never root.
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

    /** What is left of its environment. */
    private const ENVIRONMENT = [
        'LANG' => 'C.UTF-8', 'GDAL_CACHEMAX' => '256', 'CPL_VSIL_CURL_ALLOWED_EXTENSIONS' => '.none', 'GDAL_HTTP_MAX_RETRY' => '0', 'GDAL_NUM_THREADS' => '1',
        'PROJ_NETWORK' => 'OFF', 'OGR_GEOJSON_MAX_OBJ_SIZE' => '64', 'CPL_DEBUG' => 'OFF',
    ];

    /** @param  string  $folder  the one folder it works in */
    public function __construct(private readonly string $folder, private readonly Form $form)
    {
    }

    public static function isThere(): bool
    {
        return is_executable('/usr/bin/gdalinfo') && is_executable('/usr/bin/ogr2ogr');
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
        $process = new Process([...$this->confined(), "/usr/bin/{$tool}", ...$arguments], $this->folder, null, $input === '' ? null : $input, self::SECONDS + 5);
        $process->setEnv(self::only([...self::ENVIRONMENT, 'HOME' => $this->folder, 'TMPDIR' => $this->folder, 'GDAL_SKIP' => $this->skipped()]));
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
    private function confined(): array
    {
        $bounds = [
            '/usr/bin/timeout', '-k', '2', (string) self::SECONDS, '/usr/bin/prlimit', '--as='.self::MEMORY_BYTES, '--fsize='.self::FILE_BYTES, '--cpu='.self::SECONDS, '--core=0', '--',
        ];
        $alone = Cache::remember('foreign:alone', now()->addDay(), self::networkCanBeLeft(...));

        return match (true) {
            posix_geteuid() === 0 => [
                ...$bounds, ...($alone ? ['/usr/bin/unshare', '-n', '--'] : []), '/usr/bin/setpriv', '--reuid='.self::NOBODY, '--regid='.self::NOBODY, '--clear-groups', '--no-new-privs', '--',
            ],
            default => [...$bounds, ...($alone ? ['/usr/bin/unshare', '-rn', '--'] : []), '/usr/bin/setpriv', '--no-new-privs', '--'],
        };
    }

    /** Whether a process may be put where there is no network at all. */
    private static function networkCanBeLeft(): bool
    {
        $process = new Process(['/usr/bin/unshare', posix_geteuid() === 0 ? '-n' : '-rn', '/bin/true']);
        $process->run();

        return $process->isSuccessful();
    }

    /** All drivers but those that are needed, as the library takes it: it loads none of these. */
    private function skipped(): string
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

        return implode(',', array_diff($all, $this->form->drivers()));
    }

    /** What the library complains of, in one line, without the places of this machine. */
    private function plain(string $complaint): string
    {
        $line = trim((string) preg_replace('/^(ERROR|FAILURE|Warning)( \d+)?:\s*/i', '', trim(strtok($complaint, "\n") ?: '')));

        return $line === '' ? 'it may be damaged, or hold nothing that is known' : rtrim(mb_strimwidth(str_replace($this->folder.'/', '', mb_scrub($line)), 0, 160, '…'), '.');
    }

    /**
     * @param  array<string, string>  $wanted
     * @return array<string, string|false> nothing of our own environment besides
     */
    private static function only(array $wanted): array
    {
        $ours = [...array_keys(getenv()), ...array_filter(array_keys($_SERVER), is_string(...)), ...array_keys($_ENV)];

        return $wanted + array_fill_keys($ours, false);
    }
}
