<?php

declare(strict_types=1);

namespace App\Archive;

use App\Waters\Files\Refused;
use ZipArchive;

/** An archive as it came, opened with care: nothing is unpacked to a path of its own choosing, nothing grows beyond what it says. */
final class Parcel
{
    private const MOST_FILES = 5_000;

    private const MOST_BYTES = 2_000_000_000;

    /** What is packed smaller than this is a bomb, not a log: zeros alone come so far down. */
    private const MOST_PACKED = 400;

    /** Small files may be packed as they like. */
    private const SMALL = 1_000_000;

    /** A lake's grid is the longest there is. */
    private const LONGEST_LINE = 12_000_000;

    private const PIECE = 65_536;

    /** Each file that an archive may hold, and none besides. */
    private const NAMES = '~^(manifest\.json|settings\.json|log\.csv|[a-z]{3,12}\.jsonl|schemas/[a-z]{3,12}\.json|lakes/\d{1,20}\.(gpx|geojson|csv)|layers/\d{1,20})$~D';

    private function __construct(private readonly ZipArchive $zip)
    {
    }

    public static function open(string $path): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new Refused('This is no whole zip file. It may have been cut off on its way: fetch it again.');
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw new Refused('The archive holds more files than any of ours.');
        }
        $bytes = 0;
        $names = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $one = $zip->statIndex($i);
            if ($one === false || preg_match(self::NAMES, $one['name']) !== 1 || isset($names[$one['name']])) {
                throw new Refused('The archive holds a file that no archive of ours holds: '.mb_scrub(mb_strimwidth((string) ($one['name'] ?? ''), 0, 60)).'.');
            }
            $names[$one['name']] = true;
            $bytes += $one['size'];
            if ($bytes > self::MOST_BYTES || ($one['size'] > self::SMALL && $one['size'] > self::MOST_PACKED * max(1, $one['comp_size']))) {
                throw new Refused('The archive unpacks to more than any log: it is not taken.');
            }
        }

        return new self($zip);
    }

    public function has(string $name): bool
    {
        return $this->zip->locateName($name) !== false;
    }

    /** @return array<array-key, mixed> a small file of JSON */
    public function json(string $name): array
    {
        $text = $this->has($name) ? $this->zip->getFromName($name, self::SMALL) : false;
        $value = $text === false ? null : json_decode($text, true, 16);
        if (! is_array($value)) {
            throw new Refused("The {$name} of the archive is missing or cannot be read.");
        }

        return $value;
    }

    /** @return iterable<int, array<array-key, mixed>> rows by the number of their line */
    public function rows(string $name): iterable
    {
        $file = $this->file($name);
        try {
            for ($n = 1; ($line = fgets($file, self::PIECE)) !== false; $n++) {
                while (! str_ends_with($line, "\n") && ($more = fgets($file, self::PIECE)) !== false) {
                    $line .= $more;
                    if (strlen($line) > self::LONGEST_LINE) {
                        throw new Refused("Line {$n} of {$name} is longer than any of ours.");
                    }
                }
                $row = json_decode($line, true, 64);
                if (! is_array($row)) {
                    throw new Refused("Line {$n} of {$name} cannot be read.");
                }
                yield $n => $row;
            }
        } finally {
            fclose($file);
        }
    }

    /** @return resource a file of it, open to be read */
    public function file(string $name)
    {
        return $this->zip->getStream($name) ?: throw new Refused("The {$name} of the archive is missing.");
    }
}
