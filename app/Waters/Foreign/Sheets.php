<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Models\Question;
use App\Waters\Files\Refused;
use Illuminate\Support\Facades\File;

/** A table of a spreadsheet, made lines of comma-separated cells as they stand there. */
final class Sheets
{
    /** The form of a spreadsheet by its bytes and what its zip holds; null for any other file. */
    public static function form(string $path): ?Form
    {
        $zip = new \ZipArchive;
        if (@file_get_contents($path, false, null, 0, 4) !== "PK\x03\x04" || $zip->open($path, \ZipArchive::RDONLY) !== true) {
            return null;
        }
        $form = match (true) {
            $zip->locateName('xl/workbook.xml') !== false => Form::Excel,
            trim((string) $zip->getFromName('mimetype', 80)) === 'application/vnd.oasis.opendocument.spreadsheet' => Form::OpenSheet,
            default => null,
        };
        $zip->close();

        return $form;
    }

    /**
     * A whole spreadsheet as lines, by a place of its own; what it left to be said is thrown.
     *
     * @param  array<string, mixed>  $said
     *
     * @throws NeedsAnswer|Refused
     */
    public static function lines(string $path, Form $form, array $said = []): string
    {
        return Workplace::in(static function (string $folder) use ($path, $form, $said): string {
            Workplace::lay($path, $folder, $form);
            $words = [];

            return File::get(self::made(new Tool($folder, $form), $form, $folder, $said, $words));
        });
    }

    /**
     * @param  array<string, mixed>  $said
     * @param  list<array{string, string}>  $words  what was understood; this is added
     * @return string the path of lines
     */
    public static function made(Tool $tool, Form $form, string $folder, array $said, array &$words): string
    {
        $file = "./given.{$form->ending()}";
        // Nothing of it is a name or a number before we look at it.
        $options = ['--config', "OGR_{$form->value}_HEADERS", 'DISABLE', '--config', "OGR_{$form->value}_FIELD_TYPES", 'STRING'];
        preg_match_all('/^\d+: (.+?)(?: \([^()]*\))?$/m', $tool->run('ogrinfo', ['-ro', ...$options, $file]), $found);
        $tables = array_map(trim(...), $found[1]);
        if ($tables === []) {
            throw new Refused('There is no table in this spreadsheet.');
        }
        $sheet = is_string($said['sheet'] ?? null) && in_array($said['sheet'], $tables, true) ? $said['sheet'] : $tables[0];
        if (count($tables) > 1 && ! isset($said['sheet'])) {
            throw new NeedsAnswer($words, [new Question('sheet', 'Which of its sheets is read?', array_combine($tables, $tables), $sheet)]);
        }
        if (str_starts_with($sheet, '-') || str_starts_with($sheet, '@')) {
            throw new Refused("The spreadsheet has a sheet called \"{$sheet}\". Rename it so that it begins with a letter.");
        }
        $words[] = ['sheet', $sheet];
        $tool->run('ogr2ogr', ['-f', 'CSV', ...$options, './made.csv', $file, $sheet]);
        // The first line names the columns by their number: nothing that the sheet says.
        $lines = (string) file_get_contents("{$folder}/made.csv");
        file_put_contents("{$folder}/lines.csv", (string) substr($lines, (int) strpos($lines, "\n") + 1));

        return "{$folder}/lines.csv";
    }
}
