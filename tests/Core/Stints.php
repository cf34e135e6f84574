<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;

/** Builds stints one after the other, a minute apart, and asks what they say. */
trait Stints
{
    private int $minute = 0;

    /**
     * @param  array<string, ?string>  $levels
     * @param  list<string>|array<string, int>  $kinds  of the contacts in order, or the cast of each by its kind
     */
    private function stint(array $levels, int $casts, array $kinds = [], ?float $depthFt = 3.0, ?int $atCast = null): Stint
    {
        $contacts = array_is_list($kinds)
            ? array_map(static fn (string $kind): Contact => new Contact(ContactKind::from($kind), atCast: $atCast), $kinds)
            : array_map(static fn (string $kind, int $at): Contact => new Contact(ContactKind::from($kind), atCast: $at), array_keys($kinds), $kinds);

        return new Stint(sprintf('2026-05-02T08:%02d', $this->minute++ % 60), $levels, $depthFt, $casts, null, $contacts);
    }

    /** @param  list<Stint>  $stints */
    private function verdict(array $stints): ?Verdict
    {
        return Evidence::weigh($stints)->of('cover', 'reeds')?->verdict;
    }

    /** @return non-empty-list<Move> */
    private function nextAfter(Evidence $evidence, Schools $schools = new Schools, bool $winter = false): array
    {
        return NextMove::after($evidence, Pattern::in($evidence), new Choices, new Manner($schools, $winter));
    }
}
