<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\NextMove;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** What each school would do differently on this water: each is given the day, and the answers are laid side by side. */
final class SchoolsCompared
{
    /**
     * @return array<string, list<SchoolView>> by school key
     */
    public static function on(Settled $day): array
    {
        $speaking = self::advice($day);
        $views = [];
        foreach (Schools::CHOICES as $key => $schools) {
            $advice = [];
            foreach ($schools as $school) {
                $advice[$school] = self::advice($day->with(['schools' => $day->schools->with($key, $school)]));
            }
            $differs = array_values(
                array_filter(
                    array_keys($speaking),
                    static fn (string $subject): bool => count(array_unique(array_map(strval(...), array_column($advice, $subject)))) > 1,
                ),
            );
            $views[$key] = array_map(
                static fn (string $school): SchoolView => new SchoolView(
                    $key,
                    $school,
                    array_map(strval(...), $advice[$school]) === array_map(strval(...), $speaking),
                    $advice[$school],
                    $differs,
                ),
                $schools,
            );
        }

        return $views;
    }

    /** @return array<string, string|Said> by subject */
    private static function advice(Settled $day): array
    {
        $reading = WaterReader::read($day);
        $plan = Planner::planFor($reading);
        $moving = self::first($plan, static fn (Entry $e): bool => $e->lure->isMoving());
        $bottom = self::first($plan, static fn (Entry $e): bool => in_array($e->lure->colorGroup, ['jig', 'worm', 'tube'], true));
        $rattling = self::first($plan, static fn (Entry $e): bool => $e->lure->appeal->rattles);

        return [
            'place' => $reading->leave
                ? 'leave the creek'
                : 'fish '.$reading->stand->structures[0]->words().', '.$reading->stand->tightness->words().' to cover',
            'shade' => self::onShade($reading),
            'first choice' => str_replace('_', ' ', $plan->lineup[0]->lure->key),
            'moving lure' => $moving === null ? 'none' : Said::of(
                '%s in %s at {%.1f ft/s}',
                $moving->lure->name(),
                $moving->colors()[0]->name,
                $moving->setup()->cadence->speedFtS,
            ),
            'bottom lure' => $bottom === null ? 'none' : sprintf('%s in %s', $bottom->lure->name(), $bottom->colors()[0]->name),
            'sound' => $rattling === null
                ? 'no rattling lure'
                : ($rattling->setup()->spec->rattle && ! SpecChooser::wantsSilence($reading) ? 'rattle' : 'silent'),
            'after 9 blank casts' => self::afterBlanks($reading, 9),
            'after 18 blank casts' => self::afterBlanks($reading, 18),
        ];
    }

    private static function onShade(Reading $reading): string|Said
    {
        foreach ($reading->findings() as $finding) {
            if ($finding->id === 'S20') {
                return $finding->text;
            }
        }

        return 'no word on shade';
    }

    private static function afterBlanks(Reading $reading, int $casts): string
    {
        /** @var list<Contact> $none */
        $none = [];
        $evidence = Evidence::weigh([new Stint('2000-01-01T08:00', ['spot' => 'here'], null, $casts, null, $none)]);

        $manner = new Manner($reading->day->schools, $reading->stage->stage === Stage::Winter);

        return NextMove::after($evidence, Pattern::in($evidence), new Choices, $manner)[0]->action->words();
    }

    /** @param  callable(Entry): bool  $is */
    private static function first(Plan $plan, callable $is): ?Entry
    {
        foreach ($plan->lineup as $entry) {
            if ($is($entry)) {
                return $entry;
            }
        }

        return null;
    }
}
