<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\BoxItem;
use App\Models\User;
use App\Show\Units;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use OldEddy\Contract\BoxReader;
use RuntimeException;

/** The box as a table that any other program reads (CSV), out and in; feet, ounces and inches. */
final class BoxFile
{
    /** How a box begins its file on every system. */
    private const MARK = "\xEF\xBB\xBF";

    /** @param  iterable<BoxItem>  $items */
    public static function write(iterable $items): string
    {
        $file = fopen('php://temp', 'w+b') ?: throw new RuntimeException('No memory for a file.');
        fputcsv($file, BoxItem::SAID, escape: '');
        foreach ($items as $item) {
            fputcsv($file, array_map(static fn (string $c): string => match (true) {
                in_array($c, ['cleaned_on', 'sharpened_on'], true) => $item->{$c}?->toDateString() ?? '',
                default => self::plain((string) ($item->{$c} ?? '')),
            }, BoxItem::SAID), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * Takes a file in: all of it, or nothing with what is wrong by line. An item that is there already is not doubled.
     *
     * @return array{taken: int, problems: list<string>}
     */
    public static function take(User $angler, string $text): array
    {
        $file = fopen('php://temp', 'w+b') ?: throw new RuntimeException('No memory for a file.');
        fwrite($file, str_starts_with($text, self::MARK) ? substr($text, strlen(self::MARK)) : $text);
        rewind($file);
        $head = fgetcsv($file, escape: '');
        $head = array_map(static fn (?string $h): string => strtolower(trim((string) $h)), is_array($head) ? $head : []);
        if (! in_array('lure', $head, true)) {
            return ['taken' => 0, 'problems' => ['Line 1: the file has no column "lure". Its columns can be: '.implode(', ', BoxItem::SAID).'.']];
        }
        [$rows, $problems] = self::rows($file, $head);
        if ($problems !== []) {
            return ['taken' => 0, 'problems' => $problems];
        }

        return ['taken' => DB::transaction(static fn (): int => self::keep($angler, $rows)), 'problems' => []];
    }

    /**
     * @param  resource  $file
     * @param  list<string>  $head
     * @return array{list<array<string, mixed>>, list<string>}
     */
    private static function rows($file, array $head): array
    {
        [$rows, $problems] = [[], []];
        $rules = BoxForm::rules(new Units(false));
        for ($line = 2; ($values = fgetcsv($file, escape: '')) !== false; $line++) {
            if ($values === [null]) {
                continue;
            }
            if (count($rows) >= BoxReader::MOST) {
                $problems[] = sprintf('Line %d: more than %d lures are in the file.', $line, BoxReader::MOST);
                break;
            }
            $row = [];
            foreach ($head as $i => $column) {
                if (in_array($column, BoxItem::SAID, true) && trim((string) ($values[$i] ?? '')) !== '') {
                    $row[$column] = (string) preg_replace('/^\'(?=[=+\-@])/', '', trim((string) $values[$i]));
                }
            }
            foreach (['lure', 'color'] as $key) {
                $row = isset($row[$key]) ? [$key => str_replace(' ', '_', strtolower($row[$key]))] + $row : $row;
            }
            if (! mb_check_encoding(implode('', $row), 'UTF-8')) {
                $problems[] = "Line {$line}: its letters are not UTF-8.";

                continue;
            }
            $checked = Validator::make($row, $rules, [], BoxForm::NAMES);
            foreach ($checked->errors()->all() as $problem) {
                $problems[] = "Line {$line}: {$problem}";
            }
            $rows[] = BoxForm::read($row, new Units(false));
        }

        return [$rows, array_slice($problems, 0, 12)];
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function keep(User $angler, array $rows): int
    {
        $there = array_fill_keys($angler->items()->get()->map(static fn (BoxItem $i): string => self::what($i->only(BoxItem::FIELDS)))->all(), true);
        $taken = 0;
        foreach ($rows as $row) {
            if (! isset($there[self::what($row)])) {
                BoxItem::withoutEvents(static fn () => $angler->items()->create($row));
                $there[self::what($row)] = true;
                $taken++;
            }
        }
        BoxItem::keepFor($angler);

        return $taken;
    }

    /**
     * What tells an item from another, however its numbers are written.
     *
     * @param  array<string, mixed>  $item
     */
    private static function what(array $item): string
    {
        $plain = static fn (mixed $v): ?string => $v === null || $v === '' ? null : (is_numeric($v) ? (string) (float) $v : (string) $v);

        return json_encode(array_map(static fn (string $f): ?string => $plain($item[$f] ?? null), array_diff(BoxItem::FIELDS, ['number'])), JSON_THROW_ON_ERROR);
    }

    /** A word that a table program would take for a formula is led by a mark that it takes for a word. */
    public static function plain(string $value): string
    {
        return preg_match('/^[=+\-@\t\r]/', $value) === 1 && ! is_numeric($value) ? "'{$value}" : $value;
    }
}
