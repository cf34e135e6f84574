<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * What a password may be: 8 characters or more, 72 bytes at most (what is beyond would not count), and none that everybody
 * tries first. The list is our own, from memory; it holds beginnings, so that "password123" falls with "password".
 */
final class Passwords implements DataAwareRule, ValidationRule
{
    public const LEAST = 8;

    /** The hash reads no more bytes than this. Source: published, bcrypt. */
    public const MOST_BYTES = 72;

    private const COMMON = [
        'password', 'passwort', 'passw0rd', 'p@ssw0rd', 'letmein', 'welcome', 'qwerty', 'qwertz', 'azerty', 'asdfgh', 'zxcvbn', '1q2w3e', 'q1w2e3',
        'abc123', 'abcdef', 'iloveyou', 'sunshine',
        'princess', 'football', 'baseball', 'basketball', 'superman', 'batman', 'trustno1', 'monkey', 'dragon', 'master', 'shadow', 'michael',
        'jordan', 'jennifer', 'charlie', 'computer', 'internet',
        'whatever', 'starwars', 'freedom', 'secret', 'changeme', 'default', 'admin', 'administrator', 'guest', 'login', 'access', 'hello', 'summer',
        'winter', 'spring', 'autumn', 'january', 'december',
        'fishing', 'fisherman', 'bassfish', 'largemouth', 'smallmouth', 'oldeddy', 'old-eddy', 'mustang', 'maverick', 'phoenix', 'samsung', 'google',
        'liverpool', 'chelsea', 'arsenal', 'chocolate', 'cookie', 'pokemon', 'naruto',
    ];

    /** @var array<string, mixed> */
    private array $data = [];

    /** @param  array<string, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            $fail('The password must be text.');

            return;
        }
        $bare = mb_strtolower($value);
        $core = rtrim($bare, '0123456789!?.*#@$-_ ');
        match (true) {
            mb_strlen($value) < self::LEAST => $fail(sprintf('The password must have %d characters or more.', self::LEAST)),
            strlen($value) > self::MOST_BYTES => $fail(sprintf('The password is longer than %d bytes: what is beyond would not count.', self::MOST_BYTES)),
            $core === '' || in_array($core, self::COMMON, true) || count(array_unique(mb_str_split($bare))) < 4 || $this->isRun($bare) => $fail(
                'This password is one that everybody tries first. Take several words that do not belong together.',
            ),
            $this->isOwnName($core) => $fail('The password is your own name or address.'),
            default => null,
        };
    }

    /** Characters one after the other, such as 12345678 or abcdefgh. */
    private function isRun(string $text): bool
    {
        $steps = [];
        for ($i = 1; $i < strlen($text); $i++) {
            $steps[ord($text[$i]) - ord($text[$i - 1])] = true;
        }

        return count($steps) === 1 && abs((int) array_key_first($steps)) <= 1;
    }

    private function isOwnName(string $core): bool
    {
        $own = array_filter(
            [$this->data['name'] ?? null, $this->data['email'] ?? null, strstr(is_string($this->data['email'] ?? null) ? $this->data['email'] : '', '@', true)],
            is_string(...),
        );

        return in_array($core, array_map(mb_strtolower(...), $own), true) || in_array(rtrim($core, ' '), array_map(mb_strtolower(...), $own), true);
    }
}
