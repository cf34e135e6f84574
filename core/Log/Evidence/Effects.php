<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * What each level does to the rate when all are weighed together: a factor it multiplies contacts per cast by, so that a
 * cover is not given credit for what the lure did. Each multiplier has a gamma distribution of mean 1 before the first
 * cast and is drawn to it where casts are few (partial pooling). Basis: standard statistics, a Poisson rate as a product
 * of gamma multipliers, each fitted in turn given the others; how much factors may differ is our own choice, set by the
 * simulated lake.
 */
final readonly class Effects
{
    /** Expected contacts that the prior of a multiplier is worth; a single spot is believed to differ less than its kind. */
    private const WORTH = 6.0;

    private const WORTH_OF = ['spot' => 8.0, 'angler' => 8.0];

    private const SWEEPS = 6;

    /**
     * @param  array<string, array<array-key, float>>  $multipliers  by factor and level
     * @param  array<string, array<array-key, float>>  $contacts  weighted, by factor and level
     */
    private function __construct(public float $perCast, private array $multipliers, private array $contacts, private float $dayContacts)
    {
    }

    /**
     * The effects in stints.
     *
     * @param  list<Stint>  $stints
     * @param  list<float>  $freshness  how much each stint still says, 0 to 1
     * @param  list<float>  $worth  what the casts of each stint were worth, in casts
     * @param  Goal  $goal  what the contacts count for
     */
    public static function of(array $stints, array $freshness, Prior $prior, array $worth, Goal $goal = Goal::Numbers): self
    {
        $casts = $contacts = $with = $got = [];
        foreach ($stints as $i => $stint) {
            $casts[$i] = $freshness[$i] * $worth[$i];
            $contacts[$i] = $freshness[$i] * $goal->weigh($stint);
            foreach ($stint->levels as $factor => $name) {
                $with[$factor][$name][] = $i;
                $got[$factor][$name] = ($got[$factor][$name] ?? 0.0) + $contacts[$i];
            }
        }
        $product = array_fill_keys(array_keys($casts), 1.0);
        $multipliers = [];
        $all = $prior->shape() + array_sum($contacts);
        $perCast = $all / ($prior->casts + array_sum($casts));
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            foreach ($with as $factor => $levels) {
                $drawn = self::worth($factor);
                foreach ($levels as $name => $in) {
                    $before = $multipliers[$factor][$name] ?? 1.0;
                    $expected = 0.0;
                    foreach ($in as $i) {
                        $expected += $perCast * $casts[$i] * $product[$i] / $before;
                    }
                    $multipliers[$factor][$name] = ($drawn + $got[$factor][$name]) / ($drawn + $expected);
                    foreach ($in as $i) {
                        $product[$i] *= $multipliers[$factor][$name] / $before;
                    }
                }
            }
            $expected = 0.0;
            foreach ($casts as $i => $made) {
                $expected += $made * $product[$i];
            }
            $perCast = $all / ($prior->casts + $expected);
        }

        return new self($perCast, $multipliers, $got, $all);
    }

    /**
     * What these levels together multiply contacts per cast by, and the part of the doubt that is theirs: one in so many contacts.
     *
     * @param  array<string, string>  $levels  by factor
     * @return array{float, float}
     */
    public function share(array $levels): array
    {
        $times = 1.0;
        $doubt = 0.0;
        foreach ($levels as $factor => $level) {
            $times *= $this->multipliers[$factor][$level] ?? 1.0;
            $doubt += 1 / (self::worth($factor) + ($this->contacts[$factor][$level] ?? 0.0));
        }

        return [$times, $doubt];
    }

    /** The doubt about the day as a whole: one in so many contacts. */
    public function doubt(): float
    {
        return 1 / $this->dayContacts;
    }

    /**
     * Contacts per cast with these levels together, and the doubt about it.
     *
     * @param  array<string, string>  $levels  by factor
     */
    public function rate(array $levels): Rate
    {
        [$times, $doubt] = $this->share($levels);
        $mean = $this->perCast * $times;
        $shape = 1 / ($doubt + $this->doubt());

        return Rate::after(new Prior($mean, $shape / $mean), 0, 0);
    }

    private static function worth(string $factor): float
    {
        return self::WORTH_OF[$factor] ?? self::WORTH;
    }
}
