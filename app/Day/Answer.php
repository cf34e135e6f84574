<?php

declare(strict_types=1);

namespace App\Day;

use App\Show\Units;

/** A plausible answer to what is asked, as a key of the page says it: its words with the number meant, and the fields in the angler's units. */
final class Answer
{
    /**
     * @param  array{string, array<string, mixed>}  $answer  in words, and what it says by paths of the contract
     * @return array{words: string, says: array<string, mixed>}
     */
    public static function of(array $answer, Units $units): array
    {
        [$words, $said] = $answer;
        $says = [];
        foreach ($said as $path => $value) {
            $field = FieldSheet::field($path);
            $says[$path] = $field !== null && is_float($value) ? $units->show($field->quantity, $value) : $value;
            if ($field !== null && is_float($value) && count($said) === 1) {
                $words .= ' · '.$says[$path].' '.$units->word($field->quantity);
            }
        }

        return ['words' => $words, 'says' => $says];
    }
}
