<?php

declare(strict_types=1);

namespace OldEddy\Basics;

use JsonSerializable;
use Stringable;

/**
 * A sentence whose quantities know what they are, put into words only when somebody asks. In its template a quantity stands
 * in braces with its unit, as a number or as a printf place: "{%.1f ft} of water, {8-12 ft} close by". As a string it speaks
 * the units of the contract (feet, °F, mph); whoever shows it to an angler takes its pieces. Basis: our own choice.
 */
final readonly class Said implements JsonSerializable, Stringable
{
    /** A quantity: a number or place, perhaps a second one, the unit; "~" where the number stands without its unit. */
    private const QUANTITY = '/\{((?:[+-]?\d[\d.\/]*|%[-+.\d]*[fds])(?:(?:-|–| to )(?:\d[\d.\/]*|%[-+.\d]*[fds]))?) (ft\/s|°F a day|ft|feet|°F|mph|oz|lb|inches|in)(~?)\}/u';

    /** @param  list<float|int|string|self>  $values */
    private function __construct(private string $template, private array $values)
    {
    }

    /**
     * A sentence from its template and what stands at its places, in order; a sentence may stand in another. Without any
     * values the template stands as it is.
     */
    public static function of(string $template, float|int|string|self ...$values): self
    {
        return new self($template, array_values($values));
    }

    /** Sentences one after the other. */
    public static function joined(string|self ...$parts): self
    {
        return new self(str_repeat('%s', count($parts)), array_values($parts));
    }

    /** Several of them in a row, with what stands between. */
    public static function listed(string $between, string|self ...$parts): self
    {
        return self::joined(
            ...array_map(
                static fn (string|self $one, int $i): self => self::of($i === 0 ? '%s' : str_replace('%', '%%', $between).'%s', $one),
                $parts,
                array_keys($parts),
            ),
        );
    }

    /** The same with a capital letter in front. */
    public static function capital(string|self $sentence): self
    {
        return $sentence instanceof self ? new self(
            ucfirst($sentence->template),
            self::firstTurned($sentence, self::capital(...)),
        ) : new self('%s', [ucfirst($sentence)]);
    }

    /** The same with a small letter in front, as where it goes on behind a colon. */
    public static function small(string|self $sentence): self
    {
        return $sentence instanceof self ? new self(
            lcfirst($sentence->template),
            self::firstTurned($sentence, self::small(...)),
        ) : new self('%s', [lcfirst($sentence)]);
    }

    /**
     * @param  callable(string|self): self  $turn
     * @return list<float|int|string|self> the values, the first one turned where the sentence begins with it
     */
    private static function firstTurned(self $sentence, callable $turn): array
    {
        $first = $sentence->values[0] ?? null;

        return str_starts_with($sentence->template, '%s') && (is_string($first) || $first instanceof self) ? [
            $turn($first),
            ...array_slice($sentence->values, 1),
        ] : $sentence->values;
    }

    /** In the units of the contract. */
    public function __toString(): string
    {
        $plain = ! str_contains($this->template, '{') ? $this->template : (string) preg_replace_callback(
            self::QUANTITY,
            static fn (array $m): string => $m[3] === '~' ? $m[1] : "{$m[1]} {$m[2]}",
            $this->template,
        );

        return $this->values === [] ? $plain : sprintf($plain, ...$this->values);
    }

    /** As a string in JSON. */
    public function jsonSerialize(): string
    {
        return (string) $this;
    }

    /** @return list<string|Amount> words and quantities in their order */
    public function pieces(): array
    {
        $values = $this->values;
        $pieces = [];
        foreach (preg_split('/(\{[^{}]*\})/u', $this->template, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $part) {
            if (preg_match(self::QUANTITY, $part, $m) === 1) {
                $pieces[] = Amount::read($this->filled($m[1], $values), $m[2], $m[3] === '~');

                continue;
            }
            foreach (preg_split('/(%s)/', $part, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $words) {
                $first = $values[0] ?? null;
                if ($words === '%s' && $first instanceof self) {
                    array_shift($values);
                    array_push($pieces, ...$first->pieces());
                } elseif ($words !== '') {
                    $pieces[] = $this->filled($words, $values);
                }
            }
        }

        return $pieces;
    }

    /** @param  list<float|int|string|self>  $values  taken from as places are filled */
    private function filled(string $template, array &$values): string
    {
        $places = preg_match_all('/%[-+.\d]*[fds]/', str_replace('%%', '', $template));
        $own = array_splice($values, 0, (int) $places);

        return $this->values === [] ? $template : sprintf($template, ...$own);
    }
}
