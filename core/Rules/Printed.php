<?php

declare(strict_types=1);

namespace OldEddy\Rules;

/** The rule book as a page of plain text with headings, for those who read it beside the code. */
final class Printed
{
    /** The whole book, chapter by chapter. */
    public static function book(): string
    {
        $pages = ["# The rules\n\nMade by `bin/rules` from `core/Rules/rules.php`: the rules of the trade that the program goes by, each with its basis.\n"];
        foreach (Chapter::cases() as $chapter) {
            $pages[] = "## {$chapter->value}. {$chapter->words()}\n";
            foreach ($chapter->rules() as $rule) {
                $basis = $rule->basis->words().($rule->source === null ? '' : ": {$rule->source}");
                $pages[] = "- **{$rule->id}** ({$basis}) {$rule->text}";
            }
            $pages[] = '';
        }

        return implode("\n", $pages);
    }
}
