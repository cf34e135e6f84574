<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Amount;
use OldEddy\Basics\Said;
use PHPUnit\Framework\TestCase;

/** A sentence knows its quantities: it speaks the contract's units by itself, and hands out its pieces to whoever shows it. */
final class SaidTest extends TestCase
{
    public function test_as_a_string_it_speaks_feet(): void
    {
        self::assertSame(
            '3.4 ft of visibility where 2.0 is usual, 8-12 ft close by; 90 % of it.',
            (string) Said::of('{%.1f ft} of visibility where {%.1f ft~} is usual, {8-12 ft} close by; %d %% of it.', 3.44, 2, 90),
        );
        self::assertSame('At 50 % it stands as it is.', (string) Said::of('At 50 % it stands as it is.'));
        self::assertSame('"3/8 oz of lead"', json_encode(Said::of('{3/8 oz} of lead'), JSON_UNESCAPED_SLASHES));
    }

    public function test_its_pieces_are_words_and_amounts(): void
    {
        $pieces = Said::of('Stay {%d ft} off; %s.', 12, Said::of('cast {40 to 60 ft} at {1.5 ft/s}'))->pieces();
        $shown = array_map(static fn (string|Amount $p): string|array => $p instanceof Amount ? [$p->numbers, $p->between, $p->unit] : $p, $pieces);
        self::assertSame(['Stay ', [[12.0], '', 'ft'], ' off; ', 'cast ', [[40.0, 60.0], ' to ', 'ft'], ' at ', [[1.5], '', 'ft/s'], '.'], $shown);
        self::assertTrue(Said::of('{2 ft~}')->pieces()[0]->isBare);
        self::assertSame([0.375], Said::of('{3/8 oz}')->pieces()[0]->numbers);
    }

    /** Whatever it is made of: the words and the amounts together are what it says. */
    public function test_sentences_within_sentences_keep_their_order(): void
    {
        $row = Said::listed(', ', 'laydown', Said::of('{2-4 ft}'), 'slow at 100 %');
        $whole = Said::joined(Said::capital($row), Said::of(': %d of %d casts.', 3, 8));
        self::assertSame('Laydown, 2-4 ft, slow at 100 %: 3 of 8 casts.', (string) $whole);
        self::assertSame(
            (string) $whole,
            implode(
                '',
                array_map(
                    static fn (string|Amount $p): string => $p instanceof Amount ? implode($p->between, $p->numbers)." {$p->unit}" : $p,
                    $whole->pieces(),
                ),
            ),
        );
        self::assertSame('its floats: 9 ft here', (string) Said::joined('its floats: ', Said::small(Said::of('{9 ft} here'))));
        self::assertSame('suspended', (string) Said::small('Suspended'));
    }
}
