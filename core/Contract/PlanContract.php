<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use DateTimeImmutable;
use OldEddy\Basics\ClockTime;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\Handling;
use OldEddy\Choice\Lineup\Split;
use OldEddy\Choice\Retrieve\Step;
use OldEddy\Day\Conditions\Assumption;
use OldEddy\Plan\Ask;
use OldEddy\Plan\ByHour;
use OldEddy\Plan\Flip;
use OldEddy\Plan\HourPlan;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Plan\SectionPlan;
use OldEddy\Plan\SectionPlans;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Plan\WorthAsking;
use OldEddy\Reading\Clearing;
use OldEddy\Reading\Finding;
use OldEddy\Reading\MoodPart;
use OldEddy\Reading\Reading;
use OldEddy\Reading\StageOutlook;
use OldEddy\Rules\RuleBook;

/** The plan as plain arrays, as docs/schema/plan.out.json describes it. */
final class PlanContract
{
    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        $told = ConditionsReader::read($in);

        $plan = Planner::plan($told);
        $answer = [...self::ofPlan($plan), 'sections' => array_map(self::ofSection(...), SectionPlans::of($told)), 'ask' => self::asks($plan)];
        $answer += array_filter(['outlook' => self::ofOutlook($plan->reading, $told->date), 'clearing' => self::ofClearing($plan->reading, $told->date)]);
        if ($told->byHour) {
            $answer['by_hour'] = array_map(self::ofHour(...), ByHour::of($plan->reading->day, $told->forecast));
        }

        return $answer;
    }

    /** @return list<array<string, mixed>> the unknowns that are worth asking for */
    private static function asks(Plan $plan): array
    {
        return array_map(
            static fn (Ask $a): array => ['path' => $a->path, 'why' => (string) $a->why, 'worth' => $a->worth],
            WorthAsking::of($plan->reading->day),
        );
    }

    /** @return ?array<string, string> when the next stage begins, where a date says what a day is */
    private static function ofOutlook(Reading $reading, ?string $date): ?array
    {
        $outlook = $date === null ? null : StageOutlook::of($reading);

        return $outlook === null ? null : [
            'stage' => $outlook->stage->value, 'earliest' => self::after($date, $outlook->earliestDays), 'likely' => self::after($date, $outlook->likelyDays),
            'latest' => self::after($date, $outlook->latestDays),
        ];
    }

    /** @return ?array<string, ?string> when so much is visible again, where the water is dirtier than usual */
    private static function ofClearing(Reading $reading, ?string $date): ?array
    {
        $clearing = $date === null ? null : Clearing::of($reading->day);
        $when = static fn (float $feet): ?string => ($days = $clearing?->daysUntil($feet)) === null ? null : self::after($date, ceil($days));

        return $clearing === null ? null : ['passes_1_ft' => $when(1.0), 'passes_3_ft' => $when(3.0)];
    }

    private static function after(?string $date, float $days): string
    {
        return (new DateTimeImmutable((string) $date))->modify(sprintf('+%d days', (int) $days))->format('Y-m-d');
    }

    /** @return array<string, mixed> */
    private static function ofHour(HourPlan $hour): array
    {
        return [
            'time' => ClockTime::of($hour->minute), 'first' => $hour->first, 'mood' => round($hour->mood, 3),
            'why' => (string) $hour->why,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofPlan(Plan $plan): array
    {
        return [
            'reading' => self::ofReading($plan->reading),
            'lineup' => array_map(static fn (Entry $e): array => self::ofEntry($e, $plan->reading), $plan->lineup),
            'ruled_out' => array_map(static fn ($r): array => ['lure' => $r->lure, 'why' => (string) $r->why, 'id' => $r->ruleId], $plan->ruledOut),
            'rods' => array_map(
                static fn (int $i, Entry $e): array => ['slot' => $i + 1, 'lure' => $e->lure->key, 'role' => $e->lure->role->value],
                array_keys($plan->rods),
                $plan->rods,
            ),
            'two_anglers' => array_map(static fn (Entry $e): string => $e->lure->key, Split::between($plan->lineup)),
            'next_if_refused' => $plan->nextIfRefused,
            'what_would_change' => array_map(
                static fn (Flip $f): array => ['change' => (string) $f->change, 'first' => $f->first],
                WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key),
            ),
            'cautions' => array_map(static fn ($c): array => ['id' => $c->id, 'text' => (string) $c->text], $plan->cautions),
            'assumed' => array_map(static fn (Assumption $a): string => (string) $a->text, $plan->reading->day->assumed),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofSection(SectionPlan $section): array
    {
        return ['name' => $section->name, 'reading' => self::ofReading($section->reading), 'lures' => $section->lures];
    }

    /** @return array<string, mixed> */
    private static function ofReading(Reading $reading): array
    {
        $stand = $reading->stand;

        return [
            'stage' => $reading->stage->stage->value,
            'stage_why' => (string) $reading->stage->why,
            'clarity' => $reading->day->clarity->value,
            'clarity_shift' => $reading->day->clarityShift->value,
            'mood' => $reading->mood->value,
            'mood_word' => $reading->mood->word(),
            'mood_parts' => array_map(
                static fn (MoodPart $p): array => ['key' => $p->key, 'value' => $p->value, 'text' => (string) $p->text],
                $reading->mood->parts,
            ),
            'strike_radius_ft' => round($reading->strikeRadiusFt(), 2),
            'strike_radius_loud_ft' => round($reading->strikeRadiusFt(true), 2),
            'seen_from_ft' => round($reading->seenFromFt(), 2),
            'light_1pct_depth_ft' => round($reading->lightOnePercentFt(), 2),
            'fish' => [
                'depth_ft' => [round($stand->shallowFt, 1), round($stand->deepFt, 1)],
                'column' => $stand->column->value,
                'tightness' => $stand->tightness->value,
                'structures' => array_map(static fn ($s): string => $s->value, $stand->structures),
                'covers' => array_map(static fn ($c): string => $c->value, $stand->covers),
                'standing' => array_map(
                    static fn (array $c): array => ['share' => round($c['share'], 4)] + $c,
                    $reading->standing()->cells(
                        $reading->day->spot->shallowFt ?? max(0.0, $stand->shallowFt - 2),
                        $reading->day->spot->deepFt ?? $stand->deepFt + 4,
                    ),
                ),
            ],
            'leave' => $reading->leave,
            'findings' => array_map(self::ofFinding(...), $reading->findings()),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofFinding(Finding $finding): array
    {
        $rule = RuleBook::rule($finding->id);

        return [
            'id' => $finding->id, 'text' => (string) $finding->text, 'basis' => $rule->basis->value, 'source' => $rule->source,
            'school' => $finding->school,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofEntry(Entry $entry, Reading $reading): array
    {
        $setup = $entry->setup();

        return [
            'rank' => $entry->rank,
            'lure' => $entry->lure->key,
            'score' => round($entry->score, 4),
            'role' => $entry->lure->role->value,
            'spec' => [
                'weight_oz' => $setup->spec->weightOz,
                'length_in' => $setup->spec->lengthIn,
                'hook' => (string) $setup->spec->hook,
                'trailer' => $setup->spec->trailer,
                'blades' => $setup->spec->blades,
                'rattle' => $setup->spec->rattle,
                'rated_depth_ft' => $setup->ratedFt,
            ],
            'colors' => array_map(
                static fn (ColorChoice $c): array => [
                    'family' => $c->family->value, 'name' => $c->name, 'why' => $c->why, 'id' => $c->ruleId, 'school' => $c->school,
                ],
                $entry->colors(),
            ),
            'depth_ft' => $setup->depthFt,
            'countdown_s' => $setup->countdownSeconds() === null ? null : round($setup->countdownSeconds(), 1),
            'cast' => $setup->castKind,
            'retrieve' => [
                'key' => $setup->cadence->key,
                'speed_word' => $setup->cadence->speed->value,
                'speed_ft_s' => $setup->cadence->speedFtS,
                'pause_s' => $setup->cadence->pauseS,
                'steps' => array_map(self::ofStep(...), $setup->cadence->steps),
                'text' => (string) $setup->cadence->text,
                'id' => $setup->cadence->ruleId,
                'school' => $setup->cadence->school,
            ],
            'line' => (string) $entry->line(),
            'rod' => $entry->rod(),
            'seconds_in_zone' => round($setup->secondsInReach(), 1),
            'seconds_in_reach' => round($setup->secondsInReach(), 1),
            'cast_seconds' => round($setup->reach()->castSeconds(), 1),
            'reach_per_minute' => round($setup->reach()->perMinute(), 2),
            'calls_ft' => round($setup->callsFt(), 1),
            'seconds_near_cover' => round($setup->secondsNearCover(), 1),
            'seen_from_ft' => round($entry->seenFromFt(), 2),
            'seen_as' => $entry->seenAs(),
            'warnings' => array_map(strval(...), $setup->snagWarnings()),
            'handling' => array_map(
                static fn (string $id, string $text): array => ['id' => $id, 'text' => $text],
                array_keys($h = Handling::of($entry->lure, $reading)),
                $h,
            ),
            'reasons' => array_map(
                static fn (Effect $e): array => [
                    'factor' => $e->factor, 'effect' => $e->effect, 'text' => (string) $e->text, 'id' => $e->ruleId, 'school' => $e->school,
                ],
                $entry->effects(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofStep(Step $step): array
    {
        return ['do' => $step->do->value, 'seconds' => round($step->seconds, 1)]
            + ($step->times === null ? [] : ['times' => $step->times])
            + ($step->liftFt > 0 ? ['lift_ft' => $step->liftFt] : []);
    }
}
