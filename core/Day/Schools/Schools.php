<?php

declare(strict_types=1);

namespace OldEddy\Day\Schools;

use InvalidArgumentException;
use OldEddy\Basics\Said;

/**
 * The schools an angler follows where practitioners disagree. A key left out follows the default of rule SCHOOLS,
 * which for some keys depends on the day; the methods that need it decide there and say which school spoke.
 */
final readonly class Schools
{
    /** Every key with its schools. */
    public const CHOICES = [
        'tempo' => ['search_then_slow', 'cover_water', 'pick_apart'],
        'change_first' => ['place', 'lure'],
        'mud_color' => ['bright', 'dark_contrast'],
        'clear_speed' => ['fast', 'subtle'],
        'shade_from_f' => ['50', '55'],
        'spring_worms' => ['yes', 'no'],
        'cold_mud' => ['leave', 'stay_slow'],
        'loudness' => ['rattle', 'silent'],
        'early_buzz' => ['upper_40s', 'from_58'],
        'spring_frog' => ['all_spring', 'warm'],
        'dock_jig' => ['green_pumpkin', 'black_and_blue'],
        'swim_jig_wood' => ['yes', 'grass_only'],
    ];

    private const WORDS = [
        'tempo' => 'Tempo: search then return slowly (default), keep moving, or pick one target apart',
        'change_first' => 'What to change first: the place (default in winter) or the lure (default otherwise)',
        'mud_color' => 'Color in mud: bright (default for moving lures) or dark contrast (default for bottom lures)',
        'clear_speed' => 'Speed in clear water: fast (default while willing and {50 °F} or more) or subtle',
        'shade_from_f' => 'Water temperature from which shade matters: {50 °F~} or {55 °F} (default)',
        'spring_worms' => 'Soft stick worms all spring: yes (default), or no (default where goby or minnow alone are eaten)',
        'cold_mud' => 'Cold muddy inflow: leave (default) or stay, tight, loud and slow',
        'loudness' => 'Sound: rattle (default under {1.5 ft} visibility) or silent (default for wary shallow or pressured fish)',
        'early_buzz' => 'Buzzbait in spring: from the upper {40s °F~} with a big blade, slow (default, as a possible lure), or from {58 °F~}',
        'spring_frog' => 'Frog in spring: all spring, resting long in holes (default, as a possible lure), or from {62 °F~}',
        'dock_jig' => 'Color of a jig at docks: green pumpkin and browns (default; black and blue in mud), or black and blue',
        'swim_jig_wood' => 'Swim jig in wood: yes (default), or in grass only',
    ];

    /** What a key is about, with the default of rule SCHOOLS. */
    public static function about(string $key): Said
    {
        return Said::of(self::WORDS[$key]);
    }

    /**
     * @param  array<string, string>  $chosen  school by key
     *
     * @throws InvalidArgumentException for an unknown key or school
     */
    public function __construct(private array $chosen = [])
    {
        foreach ($chosen as $key => $school) {
            if (! in_array($school, self::CHOICES[$key] ?? [], true)) {
                throw new InvalidArgumentException("There is no school \"{$school}\" for \"{$key}\".");
            }
        }
    }

    /** The chosen school, or null when the default of rule SCHOOLS holds. */
    public function chosen(string $key): ?string
    {
        return $this->chosen[$key] ?? null;
    }

    /** The same schools with one of them changed; null goes back to the default. */
    public function with(string $key, ?string $school): self
    {
        return new self(array_filter([...$this->chosen, $key => $school], static fn (?string $s): bool => $s !== null));
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return $this->chosen;
    }
}
