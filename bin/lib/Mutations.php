<?php

declare(strict_types=1);

/** What can be changed in a piece of PHP, one thing at a time: a number, a comparison, a sign. */
final class Mutations
{
    private const COMPARED = ['<' => '>', '>' => '<', T_IS_SMALLER_OR_EQUAL => '>=', T_IS_GREATER_OR_EQUAL => '<=', T_IS_IDENTICAL => '!==', T_IS_NOT_IDENTICAL => '==='];

    private const SIGNS = ['+' => '-', '-' => '+', '*' => '/', '/' => '*'];

    /** A number grows by a quarter, a whole one by at least one. */
    private const GROWS = 1.25;

    /** @return list<array{line: int, was: string, is: string, code: string}> each with the whole code as it is then */
    public static function of(string $code): array
    {
        $tokens = PhpToken::tokenize($code);
        $found = [];
        foreach ($tokens as $i => $token) {
            $is = self::changed($token, self::beside($tokens, $i, -1), self::beside($tokens, $i, 1));
            if ($is !== null) {
                $found[] = [
                    'line' => $token->line, 'was' => $token->text, 'is' => $is,
                    'code' => substr($code, 0, $token->pos).$is.substr($code, $token->pos + strlen($token->text)),
                ];
            }
        }

        return $found;
    }

    private static function changed(PhpToken $token, ?PhpToken $before, ?PhpToken $after): ?string
    {
        if ($token->is([T_LNUMBER, T_DNUMBER])) {
            // The place in a list is no number of the trade, nor is strict_types=1.
            $place = $before?->text === '[' && $after?->text === ']';
            $declared = $before?->text === '=' && $after?->text === ')' && $token->text === '1';

            return $place || $declared ? null : self::grown($token->text);
        }
        $operator = self::COMPARED[$token->id] ?? self::COMPARED[$token->text] ?? null;
        if ($operator !== null) {
            return $operator;
        }
        // A sign before a number is no difference.
        $binary = $before !== null && ($before->text === ')' || $before->text === ']' || $before->is([T_LNUMBER, T_DNUMBER, T_VARIABLE, T_STRING]));

        return $binary ? self::SIGNS[$token->text] ?? null : null;
    }

    private static function grown(string $number): string
    {
        $value = (float) str_replace('_', '', $number);
        if ($value === 0.0) {
            return str_contains($number, '.') ? '0.5' : '1';
        }

        return str_contains($number, '.') ? sprintf('%.10F', $value * self::GROWS) : (string) (int) max($value + 1, round($value * self::GROWS));
    }

    /** @param  list<PhpToken>  $tokens */
    private static function beside(array $tokens, int $at, int $step): ?PhpToken
    {
        do {
            $at += $step;
        } while (isset($tokens[$at]) && $tokens[$at]->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT]));

        return $tokens[$at] ?? null;
    }
}
