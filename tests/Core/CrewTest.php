<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Evidence\CrewMember;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Plan\HandsAboard;
use PHPUnit\Framework\TestCase;

/** Anglers of one boat (G1, G3, G4; M4): common practice, no source; what is a shared stretch and a handful of casts is our own. */
final class CrewTest extends TestCase
{
    public function test_only_the_water_they_shared_counts(): void
    {
        $crew = $this->crew([
            $this->stint('08:00', 'Wren', 'A', 20, 2, 'jerkbait'), $this->stint('08:05', 'Marlo', 'A', 40, 1, 'spinnerbait'),
            $this->stint('09:30', 'Marlo', 'Best of all', 30, 5, 'popper'),
        ]);
        self::assertSame([['Marlo', 40, 1, 'spinnerbait'], ['Wren', 20, 2, 'jerkbait']], $this->told($crew));
        self::assertEqualsWithDelta(1.0, $crew->members[0]->pBetter + $crew->members[1]->pBetter, 1e-9);
        self::assertSame([], $this->crew([$this->stint('08:00', 'Wren', 'A', 20, 2)])->members);
    }

    public function test_one_place_at_two_times_of_the_day_is_not_shared(): void
    {
        $apart = $this->crew([$this->stint('06:00', 'Wren', 'A', 40, 4), $this->stint('13:00', 'Marlo', 'A', 40)]);
        self::assertSame([[], []], [$apart->members, $apart->stretches]);
        // 40 casts at 45 s each are half an hour: a quarter of an hour later the fish still feel the same.
        $near = $this->crew([$this->stint('06:00', 'Wren', 'A', 40, 4), $this->stint('06:44', 'Marlo', 'A', 40)]);
        self::assertSame(['A', '2026-05-02T06:00', '2026-05-02T07:14', ['Wren' => 40, 'Marlo' => 40]],
            [$near->stretches[0]->spot, $near->stretches[0]->from, $near->stretches[0]->to, $near->stretches[0]->castsBy()]);
        self::assertCount(0, $this->crew([$this->stint('06:00', 'Wren', 'A', 40, 4), $this->stint('06:46', 'Marlo', 'A', 40)])->stretches);
    }

    public function test_nobody_is_put_first_from_a_handful_of_casts(): void
    {
        $few = $this->crew([$this->stint('08:00', 'Wren', 'A', 39, 2), $this->stint('08:00', 'Marlo', 'A', 60, 2)]);
        self::assertSame([false, ['Marlo', 'Wren'], null], [$few->ranked, array_column($few->members, 'angler'), $few->winner()]);
        self::assertStringContainsString('Too few casts', (string) $few->says());
        $many = $this->crew([$this->stint('08:00', 'Marlo', 'A', 60, 2), $this->stint('08:00', 'Wren', 'A', 40, 2)]);
        self::assertSame([true, ['Wren', 'Marlo']], [$many->ranked, array_column($many->members, 'angler')]);
        self::assertStringContainsString('more than luck', (string) $many->says());
    }

    public function test_a_span_holds_the_rate_and_shrinks_with_casts(): void
    {
        $of = fn (int $casts, int $fish): CrewMember => $this->crew([$this->stint('08:00', 'Marlo', 'A', $casts, $fish), $this->stint('08:00', 'Wren', 'A', 40)])->members[0];
        [$low, $high] = $of(50, 4)->span();
        self::assertTrue($low < $of(50, 4)->rate->mean() && $of(50, 4)->rate->mean() < $high);
        [$less, $more] = $of(500, 40)->span();
        self::assertLessThan($high - $low, $more - $less);
    }

    public function test_what_wins_is_taken_over_by_all(): void
    {
        $crew = $this->crew([$this->stint('08:00', 'Wren', 'A', 60, 7, 'jerkbait'), $this->stint('08:00', 'Marlo', 'A', 60, 0, 'popper')]);
        self::assertSame('jerkbait', $crew->winner()?->lure);
        self::assertMatchesRegularExpression('/^The jerkbait of Wren is winning on the same water \(\d\d % sure\): all change over to it\.$/', (string) $crew->says());
    }

    public function test_a_fish_on_has_a_job_for_everybody_aboard(): void
    {
        self::assertSame([], HandsAboard::jobs(['Marlo']));
        $two = HandsAboard::jobs(['Marlo', 'Wren']);
        self::assertSame(['Wren plays it.', 'Marlo reels in, then nets; pliers in the pocket.'], $two['Wren']);
        $three = HandsAboard::jobs(['Marlo', 'Wren', 'Ash']);
        self::assertSame(['Marlo plays it.', 'Wren nets.', 'Ash reels in all other lines and holds pliers and scale.'], $three['Marlo']);
        self::assertSame(['Marlo', 'Wren', 'Ash'], array_keys($three));
    }

    /** @param  list<Stint>  $stints */
    private function crew(array $stints): Crew
    {
        return Crew::of(Evidence::weigh($stints));
    }

    private function stint(string $at, string $angler, string $spot, int $casts, int $fish = 0, string $lure = 'tube'): Stint
    {
        $caught = array_map(static fn (int $n): Contact => new Contact(ContactKind::Caught, atCast: $n), range(1, max(1, $fish)));

        return new Stint("2026-05-02T{$at}", ['spot' => $spot, 'angler' => $angler, 'lure' => $lure], 3.0, $casts, null, $fish === 0 ? [] : $caught);
    }

    /** @return list<array{string, int, int, ?string}> */
    private function told(Crew $crew): array
    {
        return array_map(static fn (CrewMember $m): array => [$m->angler, $m->casts, $m->contactCount, $m->lure], $crew->members);
    }
}
