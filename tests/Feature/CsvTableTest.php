<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\CsvColumns;
use App\Archive\CsvTable;
use Tests\TestCase;

/** Tables as other programs write them (G6): common practice, no source. */
final class CsvTableTest extends TestCase
{
    public function test_whatever_divides_the_columns_the_table_is_the_same(): void
    {
        $same = [2 => ['2026-05-14', 'Tube', '12'], 3 => ['2026-05-15', 'Jig, heavy', '7']];
        foreach ([',' => "date,lure,casts\n2026-05-14,Tube,12\n2026-05-15,\"Jig, heavy\",7", ';' => "date;lure;casts\r\n2026-05-14;Tube;12\r\n2026-05-15;Jig, heavy;7\r\n",
            "\t" => "date\tlure\tcasts\n2026-05-14\tTube\t12\n2026-05-15\tJig, heavy\t7\n"] as $divider => $text) {
            $table = CsvTable::of($text);
            self::assertSame([['date', 'lure', 'casts'], $same], [$table->head, $table->rows], "divided by {$divider}");
        }
    }

    public function test_letters_of_an_old_spreadsheet_and_the_mark_of_a_new_one_are_read(): void
    {
        self::assertSame('Forêt', CsvTable::of("date,lake\n2026-05-14,For\xEAt\n")->rows[2][1]);
        self::assertSame(['date', 'lake'], CsvTable::of("\xEF\xBB\xBFdate,lake\n2026-05-14,Pond\n")->head);
    }

    public function test_a_cell_over_two_lines_is_one_and_an_empty_line_none(): void
    {
        $table = CsvTable::of("date,notes\n2026-05-14,\"first\nsecond\"\n\n2026-05-15,x\n");
        self::assertSame([['2026-05-14', "first\nsecond"], ['2026-05-15', 'x']], array_values($table->rows));
    }

    public function test_columns_are_known_by_what_others_call_them_each_once(): void
    {
        self::assertSame(
            ['date' => 0, 'water' => 2, 'lure' => 3, 'species' => 4, 'length' => 5, 'weight' => 6],
            CsvColumns::guessed(['Date', 'Moon', 'Lake', 'BAIT', 'Fish', 'Length (in)', 'weight_lb']),
        );
        self::assertSame([], CsvColumns::guessed(['one', 'two']));
        // "depth" alone is what the lure ran at; with a fish's depth beside it, both are known.
        self::assertSame(['depth' => 0, 'fish_depth' => 1], CsvColumns::guessed(['Depth', 'Fish depth']));
    }
}
