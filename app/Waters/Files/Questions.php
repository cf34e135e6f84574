<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;

/** The questions that files leave open, in the same words for every form of file. */
final class Questions
{
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
    private static function which(array $pair, string $likely): Question
    {
        return new Question(
            'order',
            sprintf('Which of %s and %s is the latitude (north, south)?', ...$pair),
            ['lonlat' => "the second: {$pair[1]}", 'latlon' => "the first: {$pair[0]}"],
            $likely,
        );
    }

    /**
     * How depths are written.
     *
     * @param  list<float>  $depths
     * @param  bool  $named  whether the file calls them heights
     * @return array{string, list<Question>}
     */
    public static function sign(array $depths, bool $named): array
    {
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
