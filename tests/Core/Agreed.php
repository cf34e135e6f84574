<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\Lack;
use OldEddy\Choice\Lineup\Variants;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Tackle\Tackle;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PatternContract;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Fish\StandardWeight;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Clearing;
use OldEddy\Reading\Finding;
use OldEddy\Reading\MoodPart;
use OldEddy\Reading\Reading;
use OldEddy\Reading\StageOutlook;
use OldEddy\Reading\WaterReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Plans and moves as they were last looked at and agreed to: a record, not a rule. Whoever changes a number of the heart sees in the
 * difference what it moves; bin/agreed writes it anew.
 */
final class Agreed
{
    use AnyDay;

    public const FILE = __DIR__.'/references/agreed.json';

    private const DAYS = 42;

    private const LURES = 8;

    private const LOGS = 40;

    private const READINGS = 300;

    /** @return array<string, mixed> what the program says today */
    public static function now(): array
    {
        $said = [];
        for ($seed = 1; $seed <= self::DAYS; $seed++) {
            $said["day {$seed}"] = self::ofDay(self::more($seed) + self::anyDay($seed));
        }
        foreach (Species::cases() as $species) {
            foreach (Stage::cases() as $stage) {
                $said["{$species->value} {$stage->value}"] = self::ofReading(self::read(['species' => $species->value, 'stage' => $stage->value]));
            }
        }
        $said['readings'] = array_map(static fn (int $seed): string => self::ofReading(self::read(self::anyDay($seed))), range(1001, 1000 + self::READINGS));
        foreach ([...Species::cases(), ...ColdwaterGuest::cases()] as $fish) {
            $said["weights of {$fish->value}"] = implode(' ', array_map(
                static fn (float $inches): string => sprintf('%.3f', StandardWeight::of($fish, Length::fromInches($inches))?->pounds() ?? -1), [4.0, 5.5, 7.0, 12.0, 20.0, 38.0],
            ));
        }
        $said['lines'] = array_map(static fn (LureFamily $l): string => sprintf('%.3f %s', Tackle::lineDiameterMm($l, Species::Walleye), Tackle::rod($l, Species::Walleye)), Catalog::all());
        foreach (['worked-days', 'worked-days-2'] as $file) {
            foreach (json_decode((string) file_get_contents(__DIR__."/references/{$file}.json"), true, flags: JSON_THROW_ON_ERROR) as $worked) {
                $said[$worked['name']] = self::ofLineup($worked['day']);
            }
        }
        for ($seed = 1; $seed <= self::LOGS; $seed++) {
            $said["log {$seed}"] = self::ofLog(self::anyLog($seed));
        }

        return $said;
    }

    /**
     * @param  array<string, mixed>  $day
     * @return array<string, mixed>
     */
    private static function ofDay(array $day): array
    {
        $told = ConditionsReader::read($day);
        $plan = Planner::plan($told);
        $reading = $plan->reading;
        [$outlook, $clearing] = [StageOutlook::of($reading), Clearing::of($reading->day)];
        $stand = $reading->stand;
        $keys = static fn (array $cases): string => implode(' ', array_map(static fn ($c): string => $c->value, $cases));

        return [
            'reading' => self::ofReading($reading),
            'all' => self::ofLineup($day)['lineup'],
            'look for' => $keys(array_slice($stand->structures, 0, 4)).' / '.$keys(array_slice($stand->covers, 0, 4)),
            'said' => array_map(static fn (Finding $f): string => "{$f->id} {$f->text}", $reading->findings()),
            'mood' => implode(' ', array_map(static fn (MoodPart $p): string => "{$p->key} {$p->value}", $reading->mood->parts)),
            'stands' => implode(' ', array_map(
                static fn (array $c): string => sprintf('%s/%s:%.3f', $c['water_ft'], $c['above_bottom_ft'], $c['share']), $reading->standing()->cells(1, $stand->deepFt + 5),
            )),
            'next' => $outlook === null ? '' : sprintf('%s %.1f %.1f %.1f', $outlook->stage->value, $outlook->earliestDays, $outlook->likelyDays, $outlook->latestDays),
            'clears' => $clearing === null ? '' : sprintf('%.2f %.2f', $clearing->daysUntil(1.0) ?? -1, $clearing->daysUntil(3.0) ?? -1),
            'ways' => self::ways($plan->lineup[0], $reading),
            'lacks' => array_map(static fn (Lack $l): string => (string) $l->text, array_merge(...array_map(static fn (Entry $e): array => $e->lacks(), array_slice($plan->lineup, 0, 4)))),
            'effects' => implode(' ', array_map(static fn (Effect $e): string => "{$e->factor} {$e->effect}", $plan->lineup[0]->effects())),
            'lineup' => array_map(self::ofEntry(...), array_slice($plan->lineup, 0, self::LURES)),
            'rods' => implode(' ', array_map(static fn (Entry $e): string => $e->lure->key, $plan->rods)),
            'refused' => implode(' ', $plan->nextIfRefused),
            'out' => implode(' ', array_map(static fn ($r): string => $r->lure.':'.$r->ruleId, $plan->ruledOut)),
        ];
    }

    /** @param  array<string, mixed>  $day */
    private static function read(array $day): Reading
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read($day)));
    }

    private static function ofReading(Reading $reading): string
    {
        $stand = $reading->stand;
        $first = static fn (array $of): string => implode(' ', array_map(static fn ($c): string => $c->value, array_slice($of, 0, 2)));

        return implode(' · ', [
            $reading->stage->stage->value, $reading->mood->value, round($stand->shallowFt, 2), round($stand->deepFt, 2), $stand->column->value,
            $stand->tightness->value, round($reading->strikeRadiusFt(), 3), $reading->leave ? 'leave' : 'stay', $first($stand->structures), $first($stand->covers),
            implode(' ', array_map(static fn (Finding $f): string => $f->id, $reading->findings())), $reading->shadowWarning() === null ? '' : 'shadow',
        ]);
    }

    /**
     * @param  array<string, mixed>  $day
     * @return array<string, string>
     */
    private static function ofLineup(array $day): array
    {
        $plan = Planner::plan(ConditionsReader::read($day));

        return [
            'lineup' => implode(' ', array_map(static fn (Entry $e): string => sprintf('%s:%.4f', $e->lure->key, $e->score), $plan->lineup)),
            'first' => self::ofEntry($plan->lineup[0]), 'warned' => implode(' ', array_map(
                static fn (Entry $e): string => $e->setup()->snagWarnings() === [] ? '' : $e->lure->key, array_slice($plan->lineup, 0, 8),
            )),
            'rods' => implode(' ', array_map(static fn (Entry $e): string => $e->lure->key, $plan->rods)),
        ];
    }

    /** How else the first lure could be shown. */
    private static function ways(Entry $entry, Reading $reading): string
    {
        $ways = Variants::of($entry->lure, $reading, $entry->setup());

        return (string) json_encode([$ways->weightsOz, $ways->lengthsIn, $ways->retrieves, $ways->depthsFt, $ways->casts, count($ways->colors)]);
    }

    /** @return array<string, mixed> on some days what most days lack: a box, own days, readings of days before, a school */
    private static function more(int $seed): array
    {
        $box = [
            ['lure' => 'spinnerbait', 'color' => 'bright', 'weight_oz' => 0.25], ['lure' => 'spinnerbait', 'weight_oz' => 0.75], ['lure' => 'jerkbait', 'color' => 'white', 'length_in' => 4.3],
            ['lure' => 'casting_jig', 'color' => 'brown', 'weight_oz' => 0.5], ['lure' => 'medium_crankbait', 'rated_ft' => 8], ['lure' => 'tube', 'color' => 'natural_craw'],
            ['lure' => 'paddletail_swimbait', 'weight_oz' => 0.125, 'length_in' => 3.5], ['lure' => 'micro_jig'], ['lure' => 'curly_tail_grub'], ['lure' => 'inline_spinner'],
        ];
        $before = static fn (string $key, array $values): array => array_map(
            static fn (int $i, float $v): array => ['date' => sprintf('2025-12-%02d', 20 + 3 * $i), $key => $v], array_keys($values), $values,
        );

        return match ($seed % 7) {
            1 => ['owned' => $box],
            2 => ['own_success' => [['lure' => 'spinnerbait', 'casts' => 200, 'contacts' => 9.0], ['lure' => 'jerkbait', 'casts' => 150, 'contacts' => 1.0]]],
            3 => ['date' => '2026-01-02', 'visibility_history' => $before('visibility_ft', [0.6, 1.0, 1.6]), 'day_temps' => $before('temp_f', [41.0, 43.0, 44.5])],
            4 => ['schools' => ['tempo' => 'pick_apart', 'mud_color' => 'bright', 'clear_speed' => 'subtle', 'loudness' => 'silent']],
            5 => ['sounder' => ['fish_ft' => 9], 'seen_prey' => [['prey' => 'crawfish', 'color' => 'red']]],
            default => [],
        };
    }

    private static function ofEntry(Entry $entry): string
    {
        $setup = $entry->setup();

        return implode(' ', [
            $entry->lure->key, sprintf('%.4f', $entry->score), $setup->depthFt.'ft', $setup->spec->weightOz.'oz', $setup->spec->lengthIn.'in', $setup->spec->trailer ?? '-',
            $setup->spec->blades ?? '-', $setup->spec->rattle ? 'rattle' : '-', $setup->cadence->key, $setup->cadence->speedFtS, $setup->cadence->pauseS ?? '-',
            $entry->colors()[0]->family->value, sprintf('%.2f', $entry->seenFromFt()), $entry->seenAs(), $entry->line(), sprintf('%.2f', $setup->secondsNearCover()), sprintf('%.2f', $setup->reach()->perMinute()), sprintf('%.1f', $setup->reach()->castSeconds()),
        ]);
    }

    /**
     * @param  array<string, mixed>  $log
     * @return array<string, mixed>
     */
    private static function ofLog(array $log): array
    {
        $answer = PatternContract::answer($log);
        $line = static fn (array $row): string => implode(' ', array_map(
            static fn (mixed $v): string => is_float($v) ? sprintf('%.3f', $v) : (is_scalar($v) ? (string) $v : (string) json_encode($v)), array_filter($row, static fn (mixed $v): bool => $v !== null),
        ));

        return [
            'factors' => array_map($line, $answer['factors']), 'pattern' => $line($answer['pattern']), 'next' => array_map($line, $answer['next']),
            'confounded' => (string) json_encode($answer['confounded']),
        ];
    }

    /** @return array<string, mixed> a morning that nobody fished, with what is at hand */
    private static function anyLog(int $seed): array
    {
        $random = new Randomizer(new Mt19937(1000 + $seed));
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $lures = ['spinnerbait', 'casting_jig', 'jerkbait', 'shaky_head', 'medium_crankbait'];
        [$spots, $at, $stints] = [['mill dock', 'north point', 'reeds'], 420, []];
        for ($i = 0, $n = $random->getInt(2, 9); $i < $n; $i++) {
            $casts = $random->getInt(4, 32);
            $contacts = [];
            for ($k = $one([0, 0, 0, 1, 1, 2, 4]); $k > 0; $k--) {
                $contacts[] = array_filter([
                    'kind' => $one(['caught', 'caught', 'lost', 'missed', 'bump', 'boil', 'follow']), 'at_cast' => $random->getInt(1, $casts),
                    'length_in' => $one([null, 11, 15, 18]), 'hooked' => $one([null, 'inside', 'lip', 'outside']), 'lost_by' => $one([null, null, 'pulled', 'bitten']),
                ], static fn (mixed $v): bool => $v !== null);
            }
            $stints[] = [
                'at' => sprintf('2026-05-10T%02d:%02d:00', intdiv($at, 60), $at % 60), 'spot' => $one($spots), 'lure' => $one($lures),
                'color' => $one(['bright', 'natural_craw', 'natural_baitfish']), 'depth_ft' => $one([2, 5, 9]), 'retrieve' => $one(['slow', 'medium', 'fast']),
                'structure' => $one(['point', 'dock', 'flat']), 'cover' => $one(['rock', 'wood', 'reeds']), 'cover_part' => $one(['edge', 'middle']), 'light' => $one(['sun', 'shade', 'low']),
                'water_depth_ft' => $one([4, 8, 12]), 'casts' => $casts, 'minutes' => round(0.75 * $casts, 2), 'contacts' => $contacts,
            ];
            $at += (int) ceil(0.75 * $casts) + $random->getInt(1, 9);
        }

        return ['stints' => $stints, 'choices' => [
            'places' => array_map(static fn (string $s): array => ['spot' => $s, 'structure' => 'point', 'cover' => 'rock', 'water_depth_ft' => 8, 'travel_min' => 6], $spots),
            'rods' => array_map(static fn (string $l): array => [
                'key' => $l, 'lure' => $l, 'colors' => ['bright', 'natural_craw'], 'weights_oz' => [0.25, 0.5], 'lengths_in' => [3.0, 4.0], 'retrieves' => ['slow_roll', 'medium'], 'depths_ft' => [2, 9],
            ], $lures),
            'minute' => $at, 'until_minute' => $at + $random->getInt(20, 300), 'goal' => $one(['numbers', 'big_fish']),
        ]];
    }
}
