<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use Illuminate\Support\Arr;
use InvalidArgumentException;

/**
 * What an angler says of a plan in one sentence, as references/worked-days-2.json has it, made something that holds or does not. Where
 * two plans are compared, the other is the same day with some fields changed.
 */
final readonly class HeldWords
{
    private const NATURAL = ['natural_baitfish', 'natural_craw', 'natural_green', 'watermelon', 'green_pumpkin', 'brown', 'ghost', 'translucent', 'clear', 'silver', 'natural_bluegill', 'natural_perch'];

    private const BRIGHT = ['bright', 'chartreuse_shad', 'bright_banded', 'chartreuse', 'white', 'orange', 'gold'];

    /** The brightest first. */
    private const BY_BRIGHTNESS = ['bright', 'bright_banded', 'chartreuse', 'orange', 'gold', 'white', 'silver', 'natural_baitfish'];

    private const SLOW = ['football_jig', 'flipping_jig', 'creature_texas_rig', 'stick_worm', 'shaky_head', 'drop_shot', 'ned_rig', 'tube', 'hair_jig', 'wacky_rig', 'finesse_worm', 'swing_head'];

    /**
     * @param  array<string, mixed>  $plan
     * @param  array<string, mixed>|null  $other  the same day with some fields changed
     */
    public function __construct(private array $plan, private ?array $other = null)
    {
    }

    /** What the plan says against a sentence; null where it holds. */
    public function against(string $holds): ?string
    {
        $found = $this->form($holds) ?? $this->sentence($holds);

        return $found === true ? null : "{$holds} — the plan: {$found}";
    }

    /** Sentences of a form of their own; null for the others. */
    private function form(string $holds): bool|string|null
    {
        $words = static fn (string $list): array => preg_match_all('/[\w]+/', $list, $m) ? $m[0] : [];
        foreach ([
            '/^(one|none) of ([\w\/]+) in top (\d+)$/' => fn (string $which, string $lures, string $n): bool|string => $this->ranked(explode('/', $lures), (int) $n) === ($which === 'one') ?: $this->top(max(6, (int) $n)),
            '/^([\w\/]+) in first (\d+) of search$/' => fn (string $lures, string $n): bool|string => array_intersect(explode('/', $lures), array_slice($this->lures('search'), 0, (int) $n)) !== [] ?: implode(', ', array_slice($this->lures('search'), 0, 6)),
            '/^([\w\/]+) in first (\d+) if refused$/' => fn (string $lures, string $n): bool|string => array_intersect(explode('/', $lures), array_slice($this->plan['next_if_refused'], 0, (int) $n)) !== [] ?: implode(', ', $this->plan['next_if_refused']),
            '/^(\w+) (?:color first|first color) in (\(.*\))$/' => fn (string $lure, string $list): bool|string => in_array($this->colors($lure)[0] ?? '', $words($list), true) ?: implode(', ', $this->colors($lure)),
            '/^(\w+) (?:color first|first color) not (?:in )?(\(.*\))$/' => fn (string $lure, string $list): bool|string => ! in_array($this->colors($lure)[0] ?? '', $words($list), true) ?: implode(', ', $this->colors($lure)),
            '/^(\w+) offers a color of (\(.*\))$/' => fn (string $lure, string $list): bool|string => array_intersect($this->colors($lure), $words($list)) !== [] ?: implode(', ', $this->colors($lure)),
            '/^(\w+) weight ([\d.]+)-([\d.]+) ?oz$/' => fn (string $lure, string $from, string $to): bool|string => $this->between($this->spec($lure)['weight_oz'] ?? null, $from, $to),
            '/^(\w+) length ([\d.]+)-([\d.]+) in$/' => fn (string $lure, string $from, string $to): bool|string => $this->between($this->spec($lure)['length_in'] ?? null, $from, $to),
            '/^(\w+) rated ([\d.]+)-([\d.]+) ft$/' => fn (string $lure, string $from, string $to): bool|string => $this->between($this->spec($lure)['rated_depth_ft'] ?? null, $from, $to),
            '/^(\w+) pause ([\d.]+)-([\d.]+) ?s$/' => fn (string $lure, string $from, string $to): bool|string => $this->between($this->retrieve($lure)['pause_s'], $from, $to),
            '/^(\w+) speed ([\d.]+)-([\d.]+) ft\/s$/' => fn (string $lure, string $from, string $to): bool|string => $this->between($this->retrieve($lure)['speed_ft_s'], $from, $to),
            '/^(\w+) rattle is (True|False)$/' => fn (string $lure, string $is): bool|string => $this->spec($lure)['rattle'] === ($is === 'True') ?: json_encode($this->spec($lure)),
            '/^(\w+) cast in (\(.*\))$/' => fn (string $lure, string $list): bool|string => in_array($this->entry($lure)['cast'] ?? '', $words($list), true) ?: (string) ($this->entry($lure)['cast'] ?? '?'),
            '/^(\w+) (line|rod) like (.+)$/' => fn (string $lure, string $what, string $like): bool|string => preg_match("~{$like}~i", (string) $this->entry($lure)[$what]) === 1 ?: (string) $this->entry($lure)[$what],
            '/^(\w+) blades like (.+)$/' => fn (string $lure, string $like): bool|string => preg_match("~{$like}~i", (string) $this->spec($lure)['blades']) === 1 ?: (string) $this->spec($lure)['blades'],
            '/^(\w+) before (\w+)$/' => fn (string $first, string $second): bool|string => $this->rank($first) < $this->rank($second) ?: $this->top(10),
            '/^(\w+) possible, not after (\d+)$/' => fn (string $lure, string $n): bool|string => $this->rank($lure) <= (int) $n ?: "{$this->rank($lure)}",
            '/^a rod for ([\w\/]+)$/' => fn (string $lures): bool|string => array_intersect(explode('/', $lures), $this->rods()) !== [] ?: implode(', ', $this->rods()),
            '/^ruled out: (.+)$/' => fn (string $lures): bool|string => array_diff(explode(', ', $lures), array_column($this->plan['ruled_out'], 'lure')) === [] ?: $this->top(6),
            '/^finding (\w+)$/' => fn (string $id): bool|string => in_array($id, array_column($this->plan['reading']['findings'], 'id'), true) ?: json_encode(array_column($this->plan['reading']['findings'], 'id')),
            '/^caution names (.+)$/' => fn (string $list): bool|string => array_filter(explode('/', $list), fn (string $w): bool => stripos(json_encode($this->plan['cautions']), $w) !== false) !== [] ?: json_encode($this->plan['cautions']),
            '/^reading ([\w.]+) (in|is|<=|overlaps|names one of|names none of) (.+)$/' => $this->reading(...),
            '/^rods hold the roles (\(.*\))$/' => fn (string $list): bool|string => array_diff($words($list), array_map(fn (string $l): string => $this->entry($l)['role'], $this->rods())) === [] ?: implode(', ', $this->rods()),
        ] as $form => $holdsIf) {
            if (preg_match($form, $holds, $m) === 1) {
                return $holdsIf(...array_slice($m, 1));
            }
        }

        return null;
    }

    private function reading(string $path, string $how, string $wanted): bool|string
    {
        $value = Arr::get($this->plan['reading'], $path);
        preg_match_all("/'([^']+)'/", $wanted, $list);
        $numbers = array_map(floatval(...), explode('-', $wanted));
        $is = match ($how) {
            'in' => in_array($value, $list[1], true),
            'is' => (is_bool($value) ? ($value ? 'True' : 'False') : (string) $value) === trim($wanted, "'"),
            '<=' => $value <= (float) $wanted,
            'overlaps' => $value[0] <= $numbers[1] && $value[1] >= $numbers[0],
            'names one of' => array_intersect($value, $list[1]) !== [],
            default => array_intersect($value, $list[1]) === [],
        };

        return $is ?: json_encode($value);
    }

    /** Sentences that stand for one thing each. */
    private function sentence(string $holds): bool|string
    {
        $p = $this;
        $q = $this->other === null ? null : new self($this->other);
        $says = static fn (mixed $of, string $like): bool => preg_match("~{$like}~i", (string) json_encode($of, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)) === 1;
        $handled = static fn (self $of, string $lure, string $like): bool|string => $says([$of->retrieve($lure), $of->entry($lure)['handling'] ?? [], $of->spec($lure)], $like) ?: (string) json_encode([$of->retrieve($lure)['text'], $of->entry($lure)['handling'] ?? []]);
        $ranks = static fn (self $a, self $b, array $lures, Closure $ok): bool|string => array_filter(array_map(
            static fn (string $l): ?string => $ok($a->rank($l), $b->rank($l)) ? null : "{$l} {$a->rank($l)} and {$b->rank($l)}", $lures,
        )) === [] ?: implode(', ', array_filter(array_map(static fn (string $l): ?string => $ok($a->rank($l), $b->rank($l)) ? null : "{$l} {$a->rank($l)} and {$b->rank($l)}", $lures)));
        $higher = static fn (self $then, array $lures): bool|string => $ranks($p, $then, $lures, static fn (int $now, int $there): bool => $there <= $now);
        $noHigher = static fn (self $then, array $lures): bool|string => $ranks($p, $then, $lures, static fn (int $now, int $there): bool => $there >= $now);
        $mood = static fn (self $of): float => (float) $of->plan['reading']['mood'];
        $radius = static fn (self $of): float => (float) $of->plan['reading']['strike_radius_ft'];
        $band = static fn (self $of): array => $of->plan['reading']['fish']['depth_ft'];
        $speed = static fn (self $of, string $lure): float => (float) $of->retrieve($lure)['speed_ft_s'];
        $pause = static fn (self $of, string $lure): float => (float) $of->retrieve($lure)['pause_s'];
        $weight = static fn (self $of, string $lure): float => (float) $of->spec($lure)['weight_oz'];
        $column = static fn (self $of): string => $of->plan['reading']['fish']['column'];
        $tight = static fn (self $of): string => $of->plan['reading']['fish']['tightness'];
        $holdsIf = static fn (bool $is, mixed ...$saw): bool|string => $is ?: (string) json_encode($saw, JSON_UNESCAPED_UNICODE);
        $firstColor = static fn (self $of, string $lure): string => $of->colors($lure)[0] ?? '';
        $naturalRank = static function (self $of, string $lure): int {
            foreach ($of->colors($lure) as $i => $color) {
                if (in_array($color, self::NATURAL, true)) {
                    return $i;
                }
            }

            return 99;
        };
        $topLures = array_slice($this->lures(), 0, 4);
        $slowTop = static fn (self $of, int $n): bool => array_filter(array_slice($of->plan['lineup'], 0, $n), static fn (array $e): bool => $e['role'] !== 'search') !== [];
        $natural = static fn (): bool|string => $holdsIf(array_filter($topLures, static fn (string $l): bool => $naturalRank($q, $l) < $naturalRank($p, $l)) === [], $topLures);

        return match ($holds) {
            'under cloud with no bait seen the frog is black' => $holdsIf(str_contains($firstColor($q, 'hollow_frog'), 'black'), $q?->colors('hollow_frog')),
            'bluegills and frogs eaten, ordinary light: a natural frog' => $holdsIf(preg_match('/natural|green|brown|watermelon/', $firstColor($q, 'hollow_frog')) === 1, $q?->colors('hollow_frog')),
            'toad: killed beside the hole' => $handled($p, 'toad', 'kill|pause|stop'),
            'six rods' => $holdsIf(count($this->rods()) === 6, $this->rods()),
            'creature_texas_rig: weight pegged' => $handled($p, 'creature_texas_rig', 'peg'),
            'creature_texas_rig: rod tip follows the fall' => $handled($p, 'creature_texas_rig', 'tip|follow|lower'),
            'a stable day widens the strike radius' => $holdsIf($radius($q) > $radius($p), $radius($p), $radius($q)),
            'the front does not make the bait bigger' => $holdsIf($this->spec('creature_texas_rig')['length_in'] <= $q->spec('creature_texas_rig')['length_in']),
            'a slow worm is kept for when all that fails' => $holdsIf($says($this->plan['next_if_refused'], 'worm|stick|shaky|ned|drop_shot|wacky'), $this->plan['next_if_refused']),
            'murk does not lower the spinnerbait' => $higher($q, ['spinnerbait']),
            'murk moves no natural color up', 'dirtier water moves no natural color up', 'muddier again: no natural color higher' => $natural(),
            'a follow does not lower the slow lures' => $ranks($p, $q, array_values(array_filter($this->lures(), fn (string $l): bool => $this->entry($l)['role'] !== 'search')), static fn (int $with, int $without): bool => $with <= $without + 2),
            'without a follow the search spinner is in the first two' => $holdsIf($q->ranked(['inline_spinner', 'bucktail_spinner', 'spinnerbait', 'musky_spinner'], 2), $q->top(5)),
            'at noon the mood is no better', 'at bright noon the mood is no better', 'midday is no better than the last hour', 'noon is no better than dusk' => $holdsIf($mood($q) <= $mood($p), $mood($p), $mood($q)),
            'the spinner is not faster than in summer' => $holdsIf($speed($p, 'inline_spinner') <= $speed($q, 'inline_spinner'), $speed($p, 'inline_spinner'), $speed($q, 'inline_spinner')),
            'paddletail_swimbait: sink and draw with the rod' => $handled($p, 'paddletail_swimbait', 'sink|draw|lift'),
            'colored water: the soft lure turns bright' => $holdsIf(in_array($firstColor($q, 'paddletail_swimbait'), self::BRIGHT, true), $q?->colors('paddletail_swimbait')),
            'colored water lifts the rattling plug' => $ranks($p, $q, ['lipless_crankbait'], static fn (int $now, int $there): bool => $there <= $now),
            'jig_plastic_minnow: worked back against the current' => $handled($p, 'jig_plastic_minnow', 'current|up ?stream'),
            'slack water needs no heavier jig' => $holdsIf($weight($q, 'jig_plastic_minnow') <= $weight($p, 'jig_plastic_minnow')),
            'colder by ten degrees does not hurry the jig' => $holdsIf($speed($q, 'jig_plastic_minnow') <= $speed($p, 'jig_plastic_minnow')),
            'in a strong river they lie on the bottom' => $holdsIf($column($q) === 'bottom', $column($q)),
            'rain and low light: black with chartreuse spots' => $holdsIf($says($q?->entry('banana_plug')['colors'] ?? [], 'black.*chartreuse|chartreuse.*black|dark'), $q?->entry('banana_plug')['colors']),
            'spoons run no slower than the plug' => $holdsIf($speed($p, 'trolling_spoon') >= $speed($p, 'banana_plug'), $speed($p, 'trolling_spoon'), $speed($p, 'banana_plug')),
            'clear water turns the spoon no brighter' => $holdsIf(array_search($firstColor($q, 'trolling_spoon'), self::BY_BRIGHTNESS, true) >= array_search($firstColor($p, 'trolling_spoon'), self::BY_BRIGHTNESS, true), $p->colors('trolling_spoon'), $q?->colors('trolling_spoon')),
            'football_jig: bulky trailer' => $holdsIf($says($this->spec('football_jig'), 'bulk|craw|chunk|big'), $this->spec('football_jig')),
            'football_jig: little-kick trailer' => $holdsIf($says($this->spec('football_jig'), 'little|still|quiet|chunk|no kick|subtle|low'), $this->spec('football_jig')),
            'lighter fishing does not shrink the radius' => $holdsIf($radius($q) >= $radius($p)),
            "ten degrees colder does not shorten the jerkbait's pause", 'ten degrees colder does not shorten the pause' => $holdsIf($pause($q, 'jerkbait') >= $pause($p, 'jerkbait'), $pause($p, 'jerkbait'), $pause($q, 'jerkbait')),
            'three degrees warmer: the pause is no longer' => $holdsIf($pause($q, 'jerkbait') <= $pause($p, 'jerkbait'), $pause($p, 'jerkbait'), $pause($q, 'jerkbait')),
            'ten degrees colder does not speed the spinnerbait', 'after the front: slower spinnerbait' => $holdsIf($speed($q, 'spinnerbait') <= $speed($p, 'spinnerbait'), $speed($p, 'spinnerbait'), $speed($q, 'spinnerbait')),
            'strike radius wide' => $holdsIf($radius($p) >= 2, $radius($p)),
            'after the front: smaller radius' => $holdsIf($radius($q) < $radius($p)),
            'after the front the slow lures stand no lower', 'without wind the slow lures stand no lower' => $holdsIf(self::mean($q) <= self::mean($p), self::mean($p), self::mean($q)),
            'stick_worm: slack line' => $handled($p, 'stick_worm', 'slack'),
            'the rattling school rattles' => $holdsIf(array_filter(array_slice($q->plan['lineup'], 0, 8), static fn (array $e): bool => $e['spec']['rattle'] === true) !== [] || array_filter($q->plan['lineup'], fn (array $e): bool => $e['spec']['rattle'] === true && ($this->entry($e['lure'])['spec']['rattle'] ?? null) === false) !== []),
            'at 49 F the buzzbait is no faster' => $holdsIf(! $q->has('buzzbait') || $speed($q, 'buzzbait') <= $speed($p, 'buzzbait')),
            'three of the winter five rigged' => $holdsIf(count(array_intersect($this->rods(), ['jerkbait', 'blade_bait', 'jigging_spoon', 'football_jig', 'hair_jig', 'lipless_crankbait', 'flat_crankbait', 'ned_rig', 'finesse_jig', 'damiki_rig', 'drop_shot'])) >= 3, $this->rods()),
            'three jerks' => $holdsIf($says($this->retrieve('jerkbait'), 'three jerks|"times":3'), $this->retrieve('jerkbait')),
            'minnows instead of crawfish do not lower the jerkbait' => $higher($q, ['jerkbait']),
            'minnows instead of crawfish do not raise the jigs' => $noHigher($q, ['football_jig', 'flipping_jig']),
            'back at 6 ft the spinnerbait is natural again' => $holdsIf(in_array($firstColor($q, 'spinnerbait'), [...self::NATURAL, 'white'], true) && $firstColor($q, 'spinnerbait') !== 'bright', $q?->colors('spinnerbait')),
            'muddier water does not send the fish deeper' => $holdsIf($band($q)[1] <= $band($p)[1], $band($p), $band($q)),
            'the dark school darkens the spinnerbait' => $holdsIf($says($firstColor($q, 'spinnerbait'), 'dark|black'), $q?->colors('spinnerbait')),
            'the bright school brightens the flipping jig' => $holdsIf(in_array($firstColor($q, 'flipping_jig'), self::BRIGHT, true), $q?->colors('flipping_jig')),
            'the staying school stays' => $holdsIf($q?->plan['reading']['leave'] === false),
            'staying: tight to the cover' => $holdsIf($tight($q) === 'tight'),
            'staying: something loud or dark and slow in the cover comes first' => $holdsIf($q->ranked(['flipping_jig', 'creature_texas_rig', 'squarebill_crankbait', 'spinnerbait', 'bladed_jig', 'big_worm', 'tube'], 2), $q->top(5)),
            'staying: the spinnerbait is slow-rolled' => $holdsIf($q->retrieve('spinnerbait')['key'] === 'slow_roll'),
            'warm instead of cold mud: stay, and a better mood' => $holdsIf($q?->plan['reading']['leave'] === false && $mood($q) >= $mood($p)),
            'the same water as usual: no worse mood' => $holdsIf($mood($q) >= $mood($p)),
            'the same mud in clear water is worse' => $holdsIf($mood($q) <= $mood($p)),
            'steady water: fish no deeper' => $holdsIf($band($q)[1] <= $band($p)[1] + 0.01, $band($p), $band($q)),
            'steady water: fish no shallower' => $holdsIf($band($q)[0] >= $band($p)[0] - 0.01, $band($p), $band($q)),
            'as the sun climbs they go no higher' => $holdsIf($band($q)[0] >= $band($p)[0] - 0.01, $band($p), $band($q)),
            'clouds send them no deeper' => $holdsIf($band($q)[1] <= $band($p)[1] + 0.01, $band($p), $band($q)),
            'bright sun lifts nobody' => $holdsIf($band($q)[0] >= $band($p)[0] - 0.01, $band($p), $band($q)),
            'at bright noon the topwater stands no higher' => $noHigher($q, ['walking_topwater', 'popper']),
            'no rattle among the first four' => $holdsIf(array_filter(array_slice($this->plan['lineup'], 0, 4), static fn (array $e): bool => $e['spec']['rattle'] === true) === [], $this->top(4)),
            'little fished: lures no smaller' => $holdsIf(array_filter($topLures, static fn (string $l): bool => $q->has($l) && $q->spec($l)['length_in'] !== null && $q->spec($l)['length_in'] < $p->spec($l)['length_in']) === []),
            'wind does not raise the slowest lures' => $noHigher($q, ['ned_rig', 'drop_shot', 'shaky_head']),
            'no word of bright sun' => $holdsIf(! $says([$this->plan['reading'], $this->plan['cautions']], 'bright sun|high sun|shade line'), array_column($this->plan['reading']['findings'], 'text')),
            'clear instead of stained: still suspended' => $holdsIf($column($q) === 'suspended', $column($q)),
            'the same ladder over four feet: on the bottom' => $holdsIf($column($q) === 'bottom', $column($q)),
            'in July they hang' => $holdsIf($column($q) === 'suspended', $column($q)),
            'says what it assumed', 'five assumptions and more' => $holdsIf(count($this->plan['assumed']) >= ($holds === 'says what it assumed' ? 1 : 5), $this->plan['assumed']),
            'the bank in the sun is no worse' => $holdsIf($mood($q) >= $mood($p) - 1e-9),
            'the school of fifty counts it at 52 F' => $holdsIf($says($q?->plan['reading'], 'shade'), $q?->plan['reading']['findings']),
            'at 80 F the same shade is cover' => $holdsIf($says($q?->plan['reading'], 'shade'), $q?->plan['reading']['findings']),
            'without wind something slow comes among the first four' => $holdsIf($slowTop($q, 4), $q->top(5)),
            'in a foot of visibility they stand no deeper' => $holdsIf($band($q)[1] <= $band($p)[1] + 0.01),
            'in a foot of visibility a shallow mover leads' => $holdsIf($q->plan['lineup'][0]['role'] === 'search', $q->top(4)),
            'at 8 ft of visibility: a small swimbait or topwater' => $holdsIf($q->ranked(['paddletail_swimbait', 'walking_topwater', 'popper', 'underspin_swimbait', 'wakebait', 'finesse_swimbait', 'damiki_rig', 'jig_plastic_minnow'], 4), $q->top(6)),
            'at 8 ft of visibility they hang at the edge' => $holdsIf($column($q) === 'suspended', $column($q)),
            'at 1 ft they are tight to the bank' => $holdsIf($tight($q) === 'tight', $tight($q)),
            'stronger current: the swim jig is no lighter' => $holdsIf($weight($q, 'swim_jig') >= $weight($p, 'swim_jig')),
            'just steady in the current' => $holdsIf($says(array_map(static fn (array $e): string => $e['retrieve']['text'], array_slice($this->plan['lineup'], 0, 6)), 'just steady'), $this->top(6)),
            'first down to the roots' => $holdsIf($says(array_slice($this->plan['lineup'], 0, 6), 'root'), $this->top(4)),
            'then popped up' => $holdsIf($says(array_slice($this->plan['lineup'], 0, 6), 'pop'), $this->top(4)),
            'a mover leads the search' => $holdsIf(($this->lures('search')[0] ?? null) !== null && $this->rank($this->lures('search')[0]) <= 2, $this->top(4)),
            'not faster than at 64 F in early October' => $holdsIf($speed($p, $this->lures()[0]) <= $speed($q, $this->lures()[0]) + 1e-9 || ! $q->has($this->lures()[0])),
            'the underspin goes down when the water is in the thirties' => $holdsIf($q->rank('underspin_swimbait') > $p->rank('underspin_swimbait'), $p->rank('underspin_swimbait'), $q->rank('underspin_swimbait')),
            'tube: barely shaken' => $handled($p, 'tube', 'barely|shake'),
            'upper arm spawns', 'lower end is past it' => $holdsIf($says($this->plan, $holds === 'upper arm spawns' ? 'spawn' : 'postspawn|post-spawn|spawn')),
            'in 2-3.5 ft the swimbait head is an eighth or less' => $holdsIf($weight($q, 'paddletail_swimbait') <= 0.126, $weight($q, 'paddletail_swimbait')),
            'in 2-3.5 ft the tiny jig stands no lower' => $higher($q, ['micro_jig']),
            'the other school brings the worms no lower' => $higher($q, ['stick_worm']),
            'the subtle school is no faster' => $holdsIf($speed($q, $this->lures()[0]) <= $speed($p, $this->lures()[0]) + 1e-9),
            'spawning fish named in a caution' => $holdsIf($says($this->plan['cautions'], 'spawn|bed'), $this->plan['cautions']),
            'lineup only from the box', 'rods only from the box', 'refusals only from the box' => true,
            'the order of the box is that of the whole list' => $holdsIf($this->lures() === array_values(array_intersect($q->lures(), $this->lures())), $this->lures()),
            'something to throw' => $this->plan['lineup'] !== [],
            'ranks count up' => array_column($this->plan['lineup'], 'rank') === range(1, count($this->plan['lineup'])),
            'scores fall' => (static function (array $scores): bool {
                $sorted = $scores;
                rsort($sorted);

                return $sorted === $scores;
            })(array_column($this->plan['lineup'], 'score')),
            'the same numbers north of it are fall' => $holdsIf(str_contains($q?->plan['reading']['stage'] ?? '', 'fall'), $q?->plan['reading']['stage']),
            default => throw new InvalidArgumentException("Nobody knows what \"{$holds}\" means."),
        };
    }

    private static function mean(self $of): float
    {
        $ranks = array_map($of->rank(...), array_filter(self::SLOW, $of->has(...)));

        return array_sum($ranks) / max(1, count($ranks));
    }

    /** @param  list<string>  $lures */
    private function ranked(array $lures, int $within): bool
    {
        return array_intersect($lures, array_slice($this->lures(), 0, $within)) !== [];
    }

    private function between(?float $value, string $from, string $to): bool|string
    {
        return ($value !== null && $value >= (float) $from - 1e-9 && $value <= (float) $to + 1e-9) ?: json_encode($value);
    }

    /** @return list<string> */
    private function lures(?string $role = null): array
    {
        return array_column(array_filter($this->plan['lineup'], static fn (array $e): bool => $role === null || $e['role'] === $role), 'lure');
    }

    /** @return list<string> */
    private function rods(): array
    {
        return array_column($this->plan['rods'], 'lure');
    }

    private function has(string $lure): bool
    {
        return in_array($lure, $this->lures(), true);
    }

    private function rank(string $lure): int
    {
        $at = array_search($lure, $this->lures(), true);

        return $at === false ? 999 : $at + 1;
    }

    private function top(int $n): string
    {
        return implode(', ', array_map(static fn (array $e): string => "{$e['lure']} {$e['score']}", array_slice($this->plan['lineup'], 0, $n)));
    }

    /** @return array<string, mixed> */
    private function entry(string $lure): array
    {
        return $this->plan['lineup'][array_search($lure, $this->lures(), true)] ?? [];
    }

    /** @return array<string, mixed> */
    private function spec(string $lure): array
    {
        return $this->has($lure) ? $this->entry($lure)['spec'] : ['weight_oz' => null, 'length_in' => null, 'rattle' => null, 'blades' => null, 'rated_ft' => null];
    }

    /** @return array<string, mixed> */
    private function retrieve(string $lure): array
    {
        return $this->has($lure) ? $this->entry($lure)['retrieve'] : ['key' => null, 'speed_ft_s' => null, 'pause_s' => null, 'text' => 'ruled out', 'steps' => []];
    }

    /** @return list<string> */
    private function colors(string $lure): array
    {
        return $this->has($lure) ? array_column($this->entry($lure)['colors'], 'family') : [];
    }
}
