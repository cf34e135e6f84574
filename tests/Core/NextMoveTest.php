<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Level;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Expectation;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;
use OldEddy\Log\Next\Presentation;
use PHPUnit\Framework\TestCase;

/** The next move where it is known what could be fished: M1-M9, common practice, no source. */
final class NextMoveTest extends TestCase
{
    use Stints;

    public function test_it_begins_with_the_first_spot_and_the_search_lure(): void
    {
        $first = $this->next([])[0];
        self::assertSame(['A', 'spinnerbait'], [$first->offer?->place->name, $first->offer?->presentation->lure]);
    }

    public function test_a_refusal_is_answered_slower_at_the_same_place(): void
    {
        $moves = array_column($this->next([$this->at('A', 'spinnerbait', 7, ['missed' => 6])]), null, 'ruleId');
        $move = $moves['M3'];
        self::assertSame(Action::SlowDown, $move->action);
        self::assertSame('A', $move->offer?->place->name);
        self::assertLessThan(2.6, $move->offer->presentation->paceFtS);
        self::assertSame(['A', 'spinnerbait'], [$moves['M7']->offer?->place->name, $moves['M7']->offer?->presentation->lure], 'or the very same cast');
    }

    public function test_while_spots_are_left_the_search_goes_on_quickly(): void
    {
        $moves = $this->next([$this->at('A', 'spinnerbait', 16)]);
        self::assertContains('M1', array_map(static fn (Move $m): string => $m->ruleId, $moves));
        self::assertSame(Action::Stay, $this->next([$this->at('A', 'spinnerbait', 4)])[0]->action, 'M14: what was begun gets its first five casts');
        $patient = $this->next([$this->at('A', 'spinnerbait', 9)], new Schools(['tempo' => 'pick_apart']));
        self::assertSame('S3', $patient[0]->ruleId);
    }

    /** M14, S3: common practice. What was begun gets its first five casts; a place that paid is not left before it had eight blank ones. */
    public function test_a_place_that_paid_is_given_its_casts(): void
    {
        $rods = [new Presentation('spinnerbait', 'bright', 'medium', 2.6), new Presentation('casting_jig', 'natural_craw', 'crawl_rest', 0.4)];
        $promises = array_fill_keys(['spinnerbait', 'casting_jig'], 9.0);
        $choices = new Choices([new Fishable('A', 'flat', 'reeds', travelMin: 1.0), new Fishable('B', 'main_point', 'rock', travelMin: 1.0, fits: $promises)], $rods);
        $levels = [...$choices->place('A')->levels(), ...$rods[0]->levels()];
        $next = static function (int $blank, bool $paid) use ($choices, $levels): array {
            $contacts = $paid ? [new Contact(ContactKind::Caught, atCast: 1)] : [];
            $best = (new Expectation([new Stint('2026-05-02T08:00', $levels, null, $blank + ($paid ? 1 : 0), null, $contacts)], [], new Prior, $choices))->best();

            return [$best?->place->name, $best?->presentation->lure];
        };
        self::assertSame(['A', 'spinnerbait'], $next(4, false), 'whatever promises more');
        self::assertSame('B', $next(6, false)[0]);
        self::assertSame('A', $next(6, true)[0], 'a fish was here six casts ago');
        self::assertSame('A', $next(7, true)[0]);
        self::assertSame('B', $next(9, true)[0]);
    }

    /** M2: of the places searched, back to the one that showed fish, with something slower. M11: too few casts say nothing. */
    public function test_after_the_search_one_goes_back_with_something_slower(): void
    {
        $searched = [
            $this->at('A', 'spinnerbait', 12, ['follow' => 6]), $this->at('C', 'spinnerbait', 12), $this->at('B', 'spinnerbait', 12),
            $this->at('D', 'spinnerbait', 20),
        ];
        $back = array_values(array_filter($this->next($searched), static fn (Move $m): bool => in_array($m->ruleId, ['M2', 'S29'], true)))[0] ?? null;
        self::assertSame(Action::Return, $back?->action);
        self::assertStringContainsString('back to what paid', (string) $back->text);
        self::assertSame('A', $back->offer?->place->name);
        self::assertLessThan(2.6, $back->offer?->presentation->paceFtS, 'slower than the spinnerbait');
        self::assertSame(Action::Stay, $this->next([$this->at('A', 'spinnerbait', 3)])[0]->action);
    }

    public function test_what_holds_is_carried_to_a_place_of_the_same_kind(): void
    {
        $moves = $this->next([
            $this->at('B', 'spinnerbait', 20), $this->at('A', 'spinnerbait', 15, ['caught' => 4]), $this->at('A', 'casting_jig', 10),
            $this->at('A', 'spinnerbait', 15, ['caught' => 3]),
            $this->at('B', 'spinnerbait', 30),
        ]);
        $places = array_values(array_filter($moves, static fn (Move $m): bool => $m->action === Action::ChangePlace));
        self::assertNotSame([], $places);
        self::assertContains($places[0]->offer?->place->name, ['A', 'C'], 'the reeds, not the rocks');
    }

    public function test_every_proposal_says_how_sure_it_is_or_what_would_change_it(): void
    {
        foreach ([
            [], [$this->at('A', 'spinnerbait', 9)], [$this->at('A', 'spinnerbait', 20, ['caught' => 2])],
            [$this->at('A', 'spinnerbait', 4, ['caught' => 3])],
        ] as $log) {
            foreach ($this->next($log) as $move) {
                self::assertNotNull($move->unless, (string) $move->text);
                self::assertTrue($move->pBetter === null || ($move->pBetter > 0 && $move->pBetter < 1));
                self::assertTrue($move->offer !== null || $log === []);
            }
        }
    }

    public function test_mixed_up_levels_are_taken_apart_by_an_offer_that_has_only_some_of_them(): void
    {
        $log = [
            $this->at('A', 'casting_jig', 20, ['caught' => 3, 'lost' => 9]), $this->at('C', 'casting_jig', 20, ['caught' => 8]),
            $this->at('B', 'spinnerbait', 40), $this->at('D', 'spinnerbait', 30),
        ];
        $evidence = Evidence::weigh($log);
        self::assertNotSame([], $evidence->together->groups());
        foreach ($this->next($log) as $move) {
            if ($move->action === Action::Separate) {
                $levels = $move->offer?->levels() ?? [];
                foreach ($evidence->together->groups() as $group) {
                    $has = count(array_filter($group, static fn (Level $l): bool => $l->isAmong($levels)));
                    if ($has > 0 && $has < count($group)) {
                        return;
                    }
                }
            }
        }
        self::fail('No offer separates what always came together.');
    }

    /** M8: a lure that hooked fish here is gone back to when its successor does not pay in ten casts or more. */
    public function test_what_paid_here_comes_back_when_its_successor_does_not_pay(): void
    {
        $log = [$this->at('A', 'spinnerbait', 12, ['caught' => 5]), $this->at('A', 'casting_jig', 9)];
        self::assertNotContains(Action::Return, array_map(static fn (Move $m): Action => $m->action, $this->next($log)), 'not yet: nine casts');
        $log[1] = $this->at('A', 'casting_jig', 15);
        $back = array_column($this->next($log), null, 'ruleId')['M8'];
        self::assertSame([Action::Return, 'spinnerbait', 'A'], [$back->action, $back->offer?->presentation->lure, $back->offer->place->name]);
        self::assertStringContainsString('15 casts with the casting jig', $back->text);
    }

    /** M8: a lure that only showed fish is followed down the ladder, and comes back when the ladder is through. */
    public function test_the_ladder_of_refusals_goes_down_and_back(): void
    {
        $shown = $this->at('A', 'spinnerbait', 20, ['follow' => 5]);
        $down = $this->next([$shown, $this->at('A', 'casting_jig', 14)]);
        $ladder = array_values(array_filter($down, static fn (Move $m): bool => $m->ruleId === 'M8'));
        self::assertSame([Action::Downsize, 'shaky_head', 'A'], [$ladder[0]->action, $ladder[0]->offer?->presentation->lure, $ladder[0]->offer->place->name]);
        $through = array_column($this->next([$shown, $this->at('A', 'casting_jig', 14), $this->at('A', 'shaky_head', 14)]), null, 'ruleId')['M8'];
        self::assertSame([Action::Return, 'spinnerbait'], [$through->action, $through->offer?->presentation->lure]);
        self::assertStringContainsString('showed fish', $through->text);
    }

    /** M9: a test that tells lure from place keeps one and leaves the other. */
    public function test_a_separating_offer_keeps_the_place_or_the_lure(): void
    {
        $log = [
            $this->at('A', 'casting_jig', 20, ['caught' => 3, 'lost' => 9]), $this->at('C', 'casting_jig', 20, ['caught' => 8]),
            $this->at('B', 'spinnerbait', 40), $this->at('D', 'spinnerbait', 30),
        ];
        $move = array_values(array_filter($this->next($log), static fn (Move $m): bool => $m->action === Action::Separate))[0];
        $reeds = $move->offer?->place->cover === 'reeds';
        self::assertNotSame($reeds, $move->offer?->presentation->lure === 'casting_jig', (string) $move->text);
        self::assertStringContainsString(' but not ', (string) $move->text);
    }

    /** M4: two throw different things until one wins. */
    public function test_two_anglers_change_over_to_what_wins(): void
    {
        $log = [];
        foreach (['A', 'B'] as $spot) {
            $log[] = $this->at($spot, 'casting_jig', 25, ['caught' => 3, 'missed' => 8], 'Wren');
            $log[] = $this->at($spot, 'spinnerbait', 25, [], 'Marlo');
        }
        $texts = implode(
            ' ',
            array_map(static fn (Move $m): string => (string) $m->text, NextMove::after($evidence = Evidence::weigh($log), Pattern::in($evidence))),
        );
        self::assertStringContainsString('Wren is winning with casting jig', $texts);
        $known = array_values(array_filter($this->next($log), static fn (Move $m): bool => $m->ruleId === 'M4'));
        self::assertSame(
            ['casting_jig', 'B'],
            [$known[0]->offer?->presentation->lure, $known[0]->offer?->place->name],
            'with the rods and places known it is an offer, one tap away',
        );
    }

    /** M16, S29: twenty minutes later a fish that only followed is shown something slower than it refused. */
    public function test_a_fish_that_followed_is_gone_back_to_after_a_rest(): void
    {
        $followed = $this->at('A', 'spinnerbait', 12, ['follow' => 6]);
        $soon = [$followed, self::later('B', 'casting_jig', 12, '2026-05-02T08:15:00')];
        self::assertArrayNotHasKey('M16', array_column($this->next($soon), null, 'ruleId'));
        $rested = [$followed, self::later('B', 'casting_jig', 12, '2026-05-02T08:40:00')];
        $all = NextMove::after($evidence = Evidence::weigh($rested), Pattern::in($evidence), new Choices(self::choices()->places, array_slice(self::choices()->presentations, 0, 2)));
        $back = array_column($all, null, 'ruleId')['M16'] ?? $all[0];
        self::assertSame(['A', 'casting_jig'], [$back->offer?->place->name, $back->offer?->presentation->lure]);
    }

    /** M19: color first, then depth. */
    public function test_when_light_has_changed_another_color_comes_first(): void
    {
        $rods = [new Presentation('spinnerbait', 'bright', 'medium', 2.6), new Presentation('spinnerbait', 'white', 'medium', 2.6)];
        $log = [new Stint('2026-05-02T08:00:00', ['spot' => 'A', ...$rods[0]->levels()], null, 6, null, [])];
        $told = static function (array $turns) use ($log, $rods): array {
            $evidence = Evidence::weigh($log, turns: $turns);

            return array_column(NextMove::after($evidence, Pattern::in($evidence), new Choices([new Fishable('A')], $rods)), null, 'ruleId');
        };
        $color = $told([new Turn('2026-05-02T08:05:00', TurnKind::Light)])['M19'] ?? null;
        self::assertSame([Action::ChangeColor, 'white'], [$color?->action, $color?->offer?->presentation->color]);
        self::assertArrayNotHasKey('M19', $told([new Turn('2026-05-02T07:00:00', TurnKind::Light)]), 'the light it was begun in');
        self::assertArrayNotHasKey('M19', $told([new Turn('2026-05-02T08:05:00', TurnKind::Level)]));
    }

    public function test_an_alternative_is_something_else_to_do(): void
    {
        foreach ([[], [$this->at('A', 'spinnerbait', 16)], [$this->at('A', 'spinnerbait', 20, ['caught' => 2]), $this->at('B', 'casting_jig', 30)]] as $log) {
            $offers = array_filter(array_map(static fn (Move $m): ?array => $m->offer?->levels(), $this->next($log)));
            self::assertCount(count($offers), array_unique(array_map(serialize(...), $offers)));
        }
    }

    private static function later(string $spot, string $lure, int $casts, string $at): Stint
    {
        $rod = array_values(array_filter(self::choices()->presentations, static fn (Presentation $p): bool => $p->lure === $lure))[0];

        return new Stint($at, [...(self::choices()->place($spot)?->levels() ?? []), ...$rod->levels()], null, $casts, null, []);
    }

    /**
     * @param  list<Stint>  $log
     * @return non-empty-list<Move>
     */
    private function next(array $log, Schools $schools = new Schools): array
    {
        $evidence = Evidence::weigh($log);

        return NextMove::after($evidence, Pattern::in($evidence), self::choices(), new Manner($schools));
    }

    private static function choices(): Choices
    {
        return new Choices(
            [
                new Fishable('A', 'flat', 'reeds', 'edge', 'sun', 3.0, 4.0), new Fishable('B', 'main_point', 'rock', 'edge', 'sun', 9.0, 4.0),
                new Fishable('C', 'flat', 'reeds', 'middle', 'shade', 3.0, 4.0), new Fishable('D', 'riprap', 'rock', 'edge', 'sun', 7.0, 4.0),
            ],
            [
                new Presentation('spinnerbait', 'bright', 'medium', 2.6),
                new Presentation('casting_jig', 'natural_craw', 'crawl_rest', 0.4),
                new Presentation('shaky_head', 'natural_craw', 'crawl_rest', 0.3, true),
            ],
        );
    }

    /** @param  list<string>|array<string, int>  $contacts */
    private function at(string $spot, string $lure, int $casts, array $contacts = [], ?string $angler = null): Stint
    {
        $choices = self::choices();
        $place = $choices->place($spot);
        foreach ($choices->presentations as $presentation) {
            if ($presentation->lure === $lure) {
                return $this->stint(['angler' => $angler, ...($place?->levels() ?? []), ...$presentation->levels()], $casts, $contacts, null);
            }
        }
        self::fail("No rod with {$lure}.");
    }
}
