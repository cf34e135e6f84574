<?php

declare(strict_types=1);

namespace Tests\Core;

use Illuminate\Support\Arr;
use InvalidArgumentException;

/** One thing that an experienced angler expects of a plan, in the words of references/worked-days.json. */
final readonly class Expectation
{
    /**
     * @param  array<string, mixed>  $said
     * @param  array<string, mixed>  $plan  as the plan command answers
     */
    public function __construct(private array $said, private array $plan)
    {
    }

    /** What is wrong, or null where the plan does as expected. */
    public function missed(): ?string
    {
        $key = array_values(array_diff(array_keys($this->said), ['lure', 'lures', 'reading']))[0];
        $found = match (true) {
            isset($this->said['lures']) => $this->lures($key),
            isset($this->said['reading']) => $this->reading($key),
            isset($this->said['lure']) => $this->lure($key),
            $key === 'caution_says' => $this->says($this->plan['cautions'], [$this->said[$key]]),
            default => throw new InvalidArgumentException("No expectation is called {$key}."),
        };

        return $found === true ? null : json_encode($this->said, JSON_THROW_ON_ERROR)." — the plan: {$found}";
    }

    /** Where lures of a list stand in the lineup. */
    private function lures(string $key): bool|string
    {
        $most = $this->said[$key];
        $entries = match ($key) {
            'one_within_search' => array_values(array_filter($this->plan['lineup'], static fn (array $e): bool => $e['role'] === 'search')),
            default => $this->plan['lineup'],
        };
        $first = array_slice($entries, 0, $most);
        if ($key === 'one_not_search_within') {
            $first = array_filter($first, static fn (array $e): bool => $e['role'] !== 'search');
        }
        $hit = array_intersect($this->said['lures'], array_column($first, 'lure')) !== [];
        $fine = match ($key) {
            'one_within', 'one_within_search', 'one_not_search_within' => $hit,
            'none_within' => ! $hit,
            default => throw new InvalidArgumentException("No expectation of lures is called {$key}."),
        };

        return $fine ?: implode(', ', array_map(static fn (array $e): string => "{$e['lure']} {$e['score']}", array_slice($entries, 0, max(6, $most))));
    }

    private function reading(string $key): bool|string
    {
        $value = Arr::get($this->plan['reading'], $this->said['reading']);
        $wanted = $this->said[$key];
        $fine = match ($key) {
            'one_of' => in_array($value, $wanted, true),
            'not_one_of' => ! in_array($value, $wanted, true),
            'contains' => in_array($wanted, $value, true),
            'contains_like' => $this->says($value, [$wanted]) === true,
            'first_in' => in_array($value[0] ?? null, $wanted, true),
            'at_most' => $value <= $wanted,
            'overlaps' => $value[0] <= $wanted[1] && $value[1] >= $wanted[0],
            default => throw new InvalidArgumentException("No expectation of a reading is called {$key}."),
        };

        return $fine ?: json_encode($value, JSON_THROW_ON_ERROR);
    }

    private function lure(string $key): bool|string
    {
        $wanted = $this->said[$key];
        $at = array_search($this->said['lure'], array_column($this->plan['lineup'], 'lure'), true);
        if ($at === false) {
            return 'it is ruled out: '.json_encode(array_column($this->plan['ruled_out'], 'why', 'lure')[$this->said['lure']] ?? '?', JSON_UNESCAPED_UNICODE);
        }
        $entry = $this->plan['lineup'][$at];
        $colors = array_column($entry['colors'], 'family');
        $within = static fn (?float $value): bool => $value !== null && $value >= $wanted[0] && $value <= $wanted[1];
        [$fine, $value] = match ($key) {
            'possible' => [$wanted === true, null],
            'first_color_in' => [in_array($colors[0], $wanted, true), $colors],
            'first_color_not_in' => [! in_array($colors[0], $wanted, true), $colors],
            'offers_color_in' => [array_intersect($colors, $wanted) !== [], $colors],
            'weight_oz' => [$within($entry['spec']['weight_oz']), $entry['spec']['weight_oz']],
            'speed_ft_s' => [$within($entry['retrieve']['speed_ft_s']), $entry['retrieve']['speed_ft_s']],
            'pause_s' => [$within($entry['retrieve']['pause_s']), $entry['retrieve']['pause_s']],
            'rattle' => [$entry['spec']['rattle'] === $wanted, $entry['spec']['rattle']],
            'retrieve_step' => [in_array($wanted, array_column($entry['retrieve']['steps'], 'do'), true), $entry['retrieve']['steps']],
            'retrieve_says' => [$this->says([$entry['retrieve']['text'], ...$entry['handling']], [$wanted]) === true, $entry['retrieve']['text']],
            'line_or_caution_says' => [$this->says([$entry['line'], ...$this->plan['cautions']], $wanted) === true, $entry['line']],
            'before' => [$at < (array_search($wanted, array_column($this->plan['lineup'], 'lure'), true) ?: PHP_INT_MAX), array_column(array_slice($this->plan['lineup'], 0, 8), 'lure')],
            default => throw new InvalidArgumentException("No expectation of a lure is called {$key}."),
        };

        return $fine ?: json_encode($value, JSON_THROW_ON_ERROR);
    }

    /**
     * Whether one of the words stands anywhere in what was said.
     *
     * @param  list<string>  $words
     */
    private function says(mixed $said, array $words): bool|string
    {
        $text = strtolower(json_encode($said, JSON_THROW_ON_ERROR));

        return array_filter($words, static fn (string $w): bool => str_contains($text, strtolower($w))) !== [] ?: $text;
    }
}
