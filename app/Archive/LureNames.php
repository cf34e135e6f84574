<?php

declare(strict_types=1);

namespace App\Archive;

use App\Show\Word;
use OldEddy\Choice\Lures\Catalog;

/** What lures are called in tables of others: ours by name, as the angler said before, or offered by likeness. */
final readonly class LureNames
{
    /** So many of ours are offered first for a name. */
    private const OFFERED = 3;

    /** @param  array<string, string>  $own  keys of ours by the angler's names */
    public function __construct(private array $own)
    {
    }

    /** The key of ours that a name stands for; null where it is not known. */
    public function key(string $name): ?string
    {
        $key = self::plain($name);

        return match (true) {
            isset($this->own[$key]) && Catalog::has($this->own[$key]) => $this->own[$key],
            Catalog::has($key) => $key,
            Catalog::has(rtrim($key, 's')) => rtrim($key, 's'),
            default => null,
        };
    }

    /**
     * Names of a table that are not known, each with those of ours that are most like it.
     *
     * @param  list<string>  $names
     * @return array<string, array{name: string, like: list<string>}> by the name as it is remembered
     */
    public function unknown(array $names): array
    {
        $unknown = [];
        foreach ($names as $name) {
            if (trim($name) !== '' && $this->key($name) === null) {
                $unknown[self::plain($name)] ??= ['name' => trim($name), 'like' => self::likest($name)];
            }
        }

        return $unknown;
    }

    /** A name as it is remembered. */
    public static function plain(string $name): string
    {
        return mb_strimwidth(trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '_', mb_strtolower($name)), '_'), 0, 60);
    }

    /** @return list<string> keys of ours, the likest first */
    private static function likest(string $name): array
    {
        // Weights and sizes say nothing of what it is.
        $plain = trim((string) preg_replace('/\b(\d+|oz|g|in|inch|cm)\b/', '', str_replace('_', ' ', self::plain($name))));
        $like = [];
        foreach (Catalog::keys() as $key) {
            $words = Word::of($key);
            similar_text(str_replace(' ', '', $plain), str_replace(' ', '', $words), $percent);
            $shared = count(array_intersect(explode(' ', $plain), explode(' ', $words)));
            $like[$key] = $percent + 40 * $shared;
        }
        arsort($like);

        return array_slice(array_keys($like), 0, self::OFFERED);
    }
}
