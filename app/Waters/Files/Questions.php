<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;

/** The questions that files leave open, in the same words for every form of file. */
final class Questions
{
    /** Numbers that are all over this, and not called depths, may be heights of the ground. */
    private const HIGH = 150.0;

    /** Wrong places of a file are at most this share of them. */
    private const FEW = 0.02;

    public static function unit(string $what, string $likely): Question
    {
        return new Question('unit', "{$what}: in which unit?", ['ft' => 'feet', 'm' => 'metres', 'fathom' => 'fathoms'], $likely);
    }

    /**
     * Which of two coordinates is the latitude.
     *
     * @param  list<array{float, float}>  $pairs
     * @param  bool  $named  whether the file names them, as longitude and latitude
     * @return array{string, list<Question>}
     */
    public static function order(array $pairs, Home $home, bool $named): array
    {
        $fits = static fn (bool $latFirst): bool => $pairs !== [] && array_reduce(
            $pairs,
            static fn (bool $all, array $p): bool => $all && ($latFirst ? $home->takes($p[0], $p[1]) : $home->takes($p[1], $p[0])),
            true,
        );
        [$lonFirst, $latFirst] = [$fits(false), $fits(true)];
        if ($lonFirst && ($named || ! $latFirst)) {
            return ['lonlat', []];
        }
        if ($lonFirst === $latFirst) {
            // Neither fits: a wrong file says so when it is read. Both fit and nothing names them: ask.
            return ['lonlat', $lonFirst ? [self::which($pairs[0], 'lonlat')] : []];
        }

        // Only the other order fits. A lake that is known decides it; without one, or against the file's own names, ask.
        return ['latlon', $home->isKnown() && ! $named ? [] : [self::which($pairs[0], 'latlon')]];
    }

    /** @param  array{float, float}  $pair */
    public static function which(array $pair, string $likely): Question
    {
        return new Question(
            'order',
            sprintf('Which of %s and %s is the latitude (north, south)?', ...$pair),
            ['lonlat' => "the second: {$pair[1]}", 'latlon' => "the first: {$pair[0]}"],
            $likely,
        );
    }

    /**
     * Places without the few that lie far from all others.
     *
     * @param  list<array{float, float}>  $pairs
     * @return list<array{float, float}>
     */
    public static function withoutFew(array $pairs): array
    {
        if ($pairs === []) {
            return [];
        }
        [$a, $b] = [array_column($pairs, 0), array_column($pairs, 1)];
        sort($a);
        sort($b);
        [$first, $second] = [$a[intdiv(count($a), 2)], $b[intdiv(count($b), 2)]];
        $near = array_values(array_filter($pairs, static fn (array $p): bool => max(abs($p[0] - $first), abs($p[1] - $second)) <= 2 * Home::FAR_DEG));

        return count($pairs) - count($near) <= max(1, self::FEW * count($pairs)) ? $near : $pairs;
    }

    /**
     * Whether longitudes lack the minus of the west.
     *
     * @param  list<array{float, float}>  $pairs  longitude, latitude
     * @param  bool  $isSaid  whether the file says west
     * @return list<Question>
     */
    public static function west(array $pairs, Home $home, bool $isSaid): array
    {
        $all = static fn (int $side): bool => $pairs !== []
            && array_filter($pairs, static fn (array $p): bool => $p[0] <= 0 || ! $home->takes($p[1], $side * $p[0])) === [];

        return $all(-1) && ($isSaid || ! $all(1)) ? [new Question(
            'west', sprintf('Longitudes such as %s have no minus. Do they lie in the west?', $pairs[0][0]), ['yes' => 'yes, west', 'no' => 'no, east'], 'yes',
        )] : [];
    }

    /**
     * What is deeper than any lake is no depth, or in another unit.
     *
     * @param  list<float>  $depths  as they are written
     * @return list<Question>
     */
    public static function deep(array $depths, Understanding $u): array
    {
        $deep = array_filter(array_map($u->feet(...), $depths), static fn (?float $feet): bool => $feet !== null && Understanding::isTooDeep($feet));

        return $u->sign === Understanding::ELEVATION && $u->surface === null || count($deep) <= max(1, self::FEW * count($depths)) ? [] : [new Question(
            'deep', sprintf('Depths run to %s ft, deeper than any lake. Say the unit or how depths are written above, or leave those out.', number_format(max($deep))),
            ['leave' => 'leave out what is deeper than 2,000 ft'],
        )];
    }

    public static function datum(Datum $datum): Question
    {
        return new Question('srs', "The file names {$datum->value}, whose degrees differ from those of WGS 84. The EPSG number of its system: {$datum->epsg()} for {$datum->value}, 4326 to take them as they are", [], (string) $datum->epsg());
    }

    /**
     * How depths are written.
     *
     * @param  list<float>  $depths
     * @param  bool  $named  whether the file calls them heights
     * @param  bool  $areDepths  whether the file calls them depths
     * @return array{string, list<Question>}
     */
    public static function sign(array $depths, bool $named, bool $areDepths = true): array
    {
        // Nothing but large numbers of little difference look like the ground above the sea.
        $named = $named || (! $areDepths && $depths !== [] && min($depths) > self::HIGH && max($depths) - min($depths) < 0.9 * max($depths));
        $below = count(array_filter($depths, static fn (float $d): bool => $d < 0));
        $above = count(array_filter($depths, static fn (float $d): bool => $d > 0));
        if ($below === 0 && ! $named) {
            return [Understanding::DEPTH, []];
        }
        $likely = $named && $below === 0 ? Understanding::ELEVATION : ($below >= $above ? Understanding::MINUS : Understanding::DEPTH);
        $questions = [new Question('sign', sprintf(
            'The depths run from %s to %s. How are they written?',
            $depths === [] ? 0 : min($depths),
            $depths === [] ? 0 : max($depths),
        ), [
            Understanding::DEPTH => 'as depths; what has a minus is land', Understanding::MINUS => 'under water with a minus',
            Understanding::ELEVATION => 'as heights of the ground above the sea',
        ], $likely)];
        if ($likely === Understanding::ELEVATION) {
            $questions[] = new Question('surface', 'Where heights are written: how high does the water stand, in the same unit?', []);
        }

        return [$likely, $questions];
    }

    /**
     * In which coordinate system places are that are no degrees.
     *
     * @param  array{float, float}  $pair
     */
    public static function system(array $pair): Question
    {
        return new Question('srs', sprintf('Places such as %s, %s are no degrees. In which coordinate system are they? Its EPSG number', ...$pair), []);
    }

    /** Why two numbers are no place. */
    public static function noPlace(float $lon, float $lat): string
    {
        return abs($lon) <= 90 && abs($lat) <= 180 ? 'longitude comes first, the two seem to be exchanged.' : 'these are no degrees; only WGS 84 is read.';
    }
}
