<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * What the fish like today, in many guesses: each says of every factor which one level is liked, or that it does not matter, and how
 * many contacts a cast then brings. Guesses are drawn as often as the log makes them likely, so that what came together is held apart
 * only as far as the log can. Basis: standard statistics, Gibbs sampling over a Poisson rate with a gamma prior; how much a liked level
 * brings and how often a factor matters is our own choice, set by the simulated lake. The same log makes the same guesses.
 */
final readonly class Liked
{
    /** So many times the contacts of any other level a liked one brings. */
    private const TIMES = 2.3;

    /** A factor that does not matter is so likely, against one that does. */
    private const NO_MATTER = 0.4;

    private const GUESSES = 64;

    /** Guesses that are thrown away, since the first ones still hang on where the drawing began. */
    private const BEGIN = 10;

    /** Factors that say who fished, not what was fished. */
    private const NOT_THE_FISH = ['angler'];

    /**
     * @param  list<array<string, string>>  $guesses  the liked level by factor; factors that do not matter are left out
     * @param  list<float>  $perCast  contacts per cast over all levels, guess by guess
     * @param  array<string, float>  $scales  by factor, what a level multiplies where another one is liked
     */
    private function __construct(private array $guesses, public array $perCast, private array $scales)
    {
    }

    /**
     * The guesses that a log makes likely.
     *
     * @param  list<Stint>  $stints
     * @param  list<float>  $freshness  how much each stint still says, 0 to 1
     * @param  list<float>  $worth  what the casts of each stint were worth, in casts
     * @param  array<string, list<string>>  $atHand  levels by factor that could be fished, tried or not
     * @param  Goal  $goal  what the contacts count for
     * @param  int  $guesses  how many are drawn, over 0
     */
    public static function in(
        array $stints, array $freshness, Prior $prior, array $worth, array $atHand, Goal $goal = Goal::Numbers, int $guesses = self::GUESSES,
    ): self {
        $casts = $contacts = [];
        foreach ($stints as $i => $stint) {
            $casts[$i] = $freshness[$i] * $worth[$i];
            $contacts[$i] = $freshness[$i] * $goal->weigh($stint);
        }
        // An empty log has no opinion: what is fished first is a matter of the lineup.
        $factors = $stints === [] ? [] : self::factors($stints, $contacts, $atHand);
        $scales = array_column($factors, 'scale', 'name');
        // Blank casts alone make no new luck: what is advised does not jump from cast to cast.
        $seen = [array_map(static fn (Stint $s): array => $s->levels, $stints), $contacts, array_keys($scales)];
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', serialize($seen), true)));
        $drawing = new LikedDrawing($factors, $casts, array_sum($contacts), $prior, self::TIMES, self::NO_MATTER, $luck);
        $drawn = $perCast = [];
        for ($n = 0; $n < self::BEGIN + $guesses; $n++) {
            $drawing->sweep();
            if ($n >= self::BEGIN) {
                $drawn[] = $drawing->liked();
                $perCast[] = $drawing->perCast();
            }
        }

        return new self($drawn, $perCast, $scales);
    }

    /**
     * What these levels together multiply contacts per cast by, guess by guess.
     *
     * @param  array<string, string>  $levels  by factor
     * @param  ?list<float>  $of  what is multiplied, guess by guess; 1 where it is not said
     * @return list<float>
     */
    public function shares(array $levels, ?array $of = null): array
    {
        $shares = $of ?? array_fill(0, count($this->guesses), 1.0);
        foreach (array_intersect_key($levels, $this->scales) as $factor => $level) {
            [$other, $liked] = [$this->scales[$factor], $this->scales[$factor] * self::TIMES];
            foreach ($this->guesses as $n => $guess) {
                if (isset($guess[$factor])) {
                    $shares[$n] *= $guess[$factor] === $level ? $liked : $other;
                }
            }
        }

        return array_values($shares);
    }

    /**
     * The factors with more than one level, tried or at hand.
     *
     * @param  list<Stint>  $stints
     * @param  list<float>  $contacts  weighted, of each stint
     * @param  array<string, list<string>>  $atHand
     * @return list<LikedFactor>
     */
    private static function factors(array $stints, array $contacts, array $atHand): array
    {
        $tried = $got = [];
        foreach ($stints as $i => $stint) {
            foreach (array_diff_key($stint->levels, array_flip(self::NOT_THE_FISH)) as $factor => $level) {
                $tried[$factor][$level][] = $i;
                $got[$factor][$level] = ($got[$factor][$level] ?? 0.0) + $contacts[$i];
            }
        }
        $factors = [];
        foreach (array_keys($tried + array_diff_key($atHand, array_flip(self::NOT_THE_FISH))) as $name) {
            $fished = array_map(strval(...), array_keys($tried[$name] ?? []));
            $levels = array_values(array_unique([...$fished, ...$atHand[$name] ?? []]));
            if (count($levels) > 1) {
                $factors[] = new LikedFactor((string) $name, $levels, array_values($tried[$name] ?? []), array_values($got[$name] ?? []), self::TIMES);
            }
        }

        return $factors;
    }
}
