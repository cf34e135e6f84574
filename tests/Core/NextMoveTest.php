<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Level;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
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
        $move = $this->next([$this->at('A', 'spinnerbait', 7, ['missed' => 6])])[0];
        self::assertSame([Action::SlowDown, 'M3'], [$move->action, $move->ruleId]);
        self::assertSame('A', $move->offer?->place->name);
        self::assertLessThan(2.6, $move->offer->presentation->paceFtS);
    }

    public function test_while_spots_are_left_the_search_goes_on_quickly(): void
    {
        $moves = $this->next([$this->at('A', 'spinnerbait', 8)]);
        self::assertContains('M1', array_map(static fn (Move $m): string => $m->ruleId, $moves));
        self::assertSame(Action::Stay, $this->next([$this->at('A', 'spinnerbait', 7)])[0]->action);
        $patient = $this->next([$this->at('A', 'spinnerbait', 9)], new Schools(['tempo' => 'pick_apart']));
        self::assertSame('S3', $patient[0]->ruleId);
    }

    /** M2: of the places searched, back to the one that showed fish, with something slower. M11: too few casts say nothing. */
    public function test_after_the_search_one_goes_back_with_something_slower(): void
    {
        $searched = [
            $this->at('A', 'spinnerbait', 12, ['follow' => 6]), $this->at('C', 'spinnerbait', 12), $this->at('B', 'spinnerbait', 12),
            $this->at('D', 'spinnerbait', 20),
        ];
        $back = array_values(array_filter($this->next($searched), static fn (Move $m): bool => $m->ruleId === 'M2'))[0] ?? null;
        self::assertSame(Action::Return, $back?->action);
        self::assertStringContainsString('Back to A', (string) $back->text);
        self::assertLessThan(2.6, $back->offer?->presentation->paceFtS, 'slower than the spinnerbait');
        self::assertSame('M11', $this->next([$this->at('A', 'spinnerbait', 3)])[0]->ruleId);
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
                self::assertNotNull($move->unless, $move->text);
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
        self::assertNotSame([], $evidence->confounded);
        foreach ($this->next($log) as $move) {
            if ($move->action === Action::Separate) {
                $levels = $move->offer?->levels() ?? [];
                foreach ($evidence->confounded as $group) {
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
        $back = $this->next($log)[0];
        self::assertSame(
            [Action::Return, 'M8', 'spinnerbait', 'A'],
            [$back->action, $back->ruleId, $back->offer?->presentation->lure, $back->offer->place->name],
        );
        self::assertStringContainsString('15 casts with the casting jig', $back->text);
    }

    /** M8: a lure that only showed fish is followed down the ladder, and comes back when the ladder is through. */
    public function test_the_ladder_of_refusals_goes_down_and_back(): void
    {
        $shown = $this->at('A', 'spinnerbait', 20, ['follow' => 5]);
        $down = $this->next([$shown, $this->at('A', 'casting_jig', 14)]);
        self::assertSame([Action::Downsize, 'M8', 'shaky_head'], [$down[0]->action, $down[0]->ruleId, $down[0]->offer?->presentation->lure]);
        self::assertSame([Action::Return, 'spinnerbait'], [$down[1]->action, $down[1]->offer?->presentation->lure]);
        $through = $this->next([$shown, $this->at('A', 'casting_jig', 14), $this->at('A', 'shaky_head', 14)])[0];
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

    /**
     * @param  list<Stint>  $log
     * @return non-empty-list<Move>
     */
    private function next(array $log, Schools $schools = new Schools): array
    {
        $evidence = Evidence::weigh($log);

        return NextMove::after($evidence, Pattern::in($evidence), $schools, false, self::choices());
    }

    private static function choices(): Choices
    {
        return new Choices(
            [
                new Fishable('A', 'flat', 'reeds', 'edge', 'sun', 3.0), new Fishable('B', 'main_point', 'rock', 'edge', 'sun', 9.0),
                new Fishable('C', 'flat', 'reeds', 'middle', 'shade', 3.0), new Fishable('D', 'riprap', 'rock', 'edge', 'sun', 7.0),
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
                return $this->stint(['angler' => $angler, ...($place?->levels() ?? []), ...$presentation->levels()], $casts, $contacts, $place?->depthFt);
            }
        }
        self::fail("No rod with {$lure}.");
    }
}
