<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Show\Units;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Stood;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use PHPUnit\Framework\TestCase;

/** What the contacts share, how far it reaches, and what a day leaves (rules M6, M11). */
final class PatternTest extends TestCase
{
    use Stints;

    public function test_levels_that_always_came_together_are_reported_as_one(): void
    {
        $evidence = Evidence::weigh([
            $this->stint(['cover' => 'reeds', 'lure' => 'hollow_frog', 'light' => 'sun', 'spot' => 'A'], 20, ['caught']),
            $this->stint(['cover' => 'reeds', 'lure' => 'hollow_frog', 'light' => 'shade', 'spot' => 'B'], 20, ['caught']),
            $this->stint(['cover' => 'rock', 'lure' => 'jerkbait', 'light' => 'sun', 'spot' => 'C'], 30),
        ]);
        $groups = array_map(static fn (array $group): array => array_map(strval(...), $group), $evidence->together->always);
        self::assertContains(['cover:reeds', 'lure:hollow_frog'], $groups);
        foreach ($groups as $group) {
            self::assertNotContains('light:sun', $group);
        }
        $next = $this->nextAfter($evidence);
        self::assertContains(Action::Separate, array_map(static fn (Move $m): Action => $m->action, $next));
    }

    /** R22, D12: what is in the hand and the water under it are parts of a pattern, and say their units. */
    public function test_water_weight_length_and_cast_are_part_of_a_pattern(): void
    {
        $of = static fn (string $spot, string $at, float $waterFt, float $oz, float $in, string $cast, int $casts, int $caught): Stint => new Stint(
            $at, ['spot' => $spot, 'cast' => $cast], null, $casts, null, array_fill(0, $caught, new Contact(ContactKind::Caught, atCast: 1)), $waterFt, $oz, $in,
        );
        $pattern = Pattern::in(Evidence::weigh([
            $of('A', '2026-05-02T08:00', 9.0, 0.25, 3.0, 'parallel', 20, 4), $of('B', '2026-05-02T08:30', 9.0, 0.25, 3.0, 'parallel', 20, 3),
            $of('C', '2026-05-02T09:00', 4.0, 0.5, 5.0, 'long', 60, 0), $of('D', '2026-05-02T10:00', 4.0, 0.5, 5.0, 'long', 60, 0),
        ]));
        self::assertTrue($pattern->verdict->stands());
        self::assertEqualsCanonicalizing(['water_depth', 'cast', 'size', 'weight'], array_map(static fn (LevelEvidence $l): string => $l->factor, $pattern->levels));
        self::assertStringContainsString('Over 8-10 ft of water, parallel cast, 3 in, 0.25 oz', ucfirst((string) $pattern->text));
        self::assertStringContainsString('over 2.4-3 m of water', (new Units(true))->say($pattern->text));
    }

    public function test_the_pattern_is_a_sentence_of_what_the_contacts_share(): void
    {
        $pattern = Pattern::in(Evidence::weigh([
            $this->stint(['cover' => 'flooded_bushes', 'light' => 'shade', 'spot' => 'A'], 20, ['caught', 'caught'], 3),
            $this->stint(['cover' => 'flooded_bushes', 'light' => 'shade', 'spot' => 'B'], 20, ['caught', 'caught', 'caught'], 3),
            $this->stint(['cover' => 'flooded_bushes', 'light' => 'shade', 'spot' => 'E'], 20, ['caught', 'caught'], 3),
            $this->stint(['cover' => 'rock', 'light' => 'sun', 'spot' => 'C'], 50, [], 9),
            $this->stint(['cover' => 'rock', 'light' => 'shade', 'spot' => 'D'], 40, [], 12),
        ]));
        self::assertSame(Verdict::Confirmed, $pattern->verdict);
        self::assertStringContainsString('flooded bushes', (string) $pattern->text);
        self::assertStringContainsString('2-4 ft', (string) $pattern->text);
        self::assertSame('Nothing logged yet.', Pattern::in(Evidence::weigh([]))->text);
        self::assertStringContainsString('one fish is not a pattern', Pattern::in(Evidence::weigh([$this->stint(['spot' => 'A'], 30, ['caught'])]))->text);
    }

    public function test_a_day_leaves_what_held_and_when_it_faded(): void
    {
        $at = static fn (string $clock, string $cover, string $spot, int $casts, array $contacts): Stint => new Stint(
            "2026-04-12T{$clock}",
            ['cover' => $cover, 'spot' => $spot],
            3.0,
            $casts,
            null,
            array_map(static fn (int $c): Contact => new Contact(ContactKind::Caught, atCast: $c), $contacts),
        );
        $stints = [
            $at('07:00', 'rock', 'R', 60, []), $at('08:00', 'reeds', 'A', 15, [2, 9]), $at('09:00', 'reeds', 'B', 15, [5, 7]),
            $at('10:00', 'reeds', 'C', 30, []), $at('11:00', 'reeds', 'D', 90, []),
        ];
        $early = DaySummary::of(Evidence::weigh(array_slice($stints, 0, 3)));
        self::assertSame(['reeds', '2026-04-12T09:00'], [$early->held[0]->level->level, $early->held[0]->since]);
        $late = DaySummary::of(Evidence::weigh($stints));
        $reeds = array_values(array_filter($late->faded, static fn (Stood $f): bool => $f->level->level === 'reeds'));
        self::assertSame(['2026-04-12T09:00', '2026-04-12T11:00'], [$reeds[0]->since, $reeds[0]->until]);
    }

    public function test_among_many_levels_one_that_looks_good_is_not_claimed(): void
    {
        $stints = [
            $this->stint(['cover' => 'reeds', 'spot' => 'A'], 20, ['caught', 'caught', 'caught']),
            $this->stint(['cover' => 'reeds', 'spot' => 'B'], 20, ['caught', 'caught']),
            $this->stint(['cover' => 'rock', 'spot' => 'R'], 60),
        ];
        self::assertSame(
            [Verdict::Confirmed, Verdict::Confirmed],
            [Evidence::weigh($stints)->of('cover', 'reeds')?->verdict, Evidence::weigh($stints)->of('cover', 'reeds')?->claim],
        );
        $many = $stints;
        foreach (['jerkbait', 'popper', 'toad', 'tube', 'spinnerbait', 'shaky_head', 'stick_worm'] as $i => $lure) {
            $many[] = $this->stint(['cover' => 'rock', 'lure' => $lure, 'light' => $i % 2 ? 'sun' : 'shade', 'spot' => 'R'], 3, depthFt: 4.0 + 4 * $i);
        }
        self::assertSame(
            [Verdict::Confirmed, Verdict::Hint],
            [Evidence::weigh($many)->of('cover', 'reeds')?->verdict, Evidence::weigh($many)->of('cover', 'reeds')?->claim],
        );
        self::assertSame('rather more here', Evidence::weigh($many)->of('cover', 'reeds')?->says());
    }

    public function test_a_pattern_tells_its_limits(): void
    {
        $pattern = Pattern::in(Evidence::weigh([
            $this->stint(
                ['cover' => 'reeds', 'lure' => 'popper', 'spot' => 'A'],
                20,
                ['caught', 'caught'],
            ), $this->stint(['cover' => 'reeds', 'lure' => 'popper', 'spot' => 'B'], 20, ['caught']),
            $this->stint(['cover' => 'rock', 'lure' => 'popper', 'spot' => 'C'], 60, [], 12.0),
        ]));
        self::assertStringContainsString('seen at 2 spots', implode('; ', $pattern->limits));
        self::assertStringContainsString('12-15 ft', implode('; ', $pattern->limits));
    }
}
