<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Rules\Chapter;
use OldEddy\Rules\Printed;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** The rule book against the code that speaks in its name: a reader of either finds the other. */
final class RuleBookTest extends TestCase
{
    /** Rules that are only told, or computed by nothing yet. */
    private const TEXT_ONLY = [
        'CLARITY', 'ASSUME', 'C2', 'C9', 'D9', 'PATH', 'R7', 'S5', 'S9', 'S24', 'S30', 'M13', 'M17',
    ];

    public function test_every_rule_is_named_by_what_computes_it_or_listed_as_told_only(): void
    {
        $code = self::code('core').self::code('app').self::code('resources/views');
        $unnamed = [];
        foreach (RuleBook::all() as $rule) {
            if (preg_match('/(?<![A-Z0-9])'.preg_quote($rule->id, '/').'(?![A-Za-z0-9_])/', $code) !== 1) {
                $unnamed[] = $rule->id;
            }
        }
        self::assertEqualsCanonicalizing(self::TEXT_ONLY, $unnamed, 'a rule that is computed now leaves the list; a new one is named where it is computed');
    }

    public function test_every_rule_that_is_computed_is_named_by_a_test(): void
    {
        $tests = self::code('tests');
        foreach (RuleBook::all() as $rule) {
            if (! in_array($rule->id, self::TEXT_ONLY, true)) {
                self::assertSame(1, preg_match('/(?<![A-Z0-9])'.preg_quote($rule->id, '/').'(?![A-Za-z0-9_])/', $tests), "no test names {$rule->id}");
            }
        }
    }

    /** bin/rules writes it. */
    public function test_the_printed_book_is_that_of_the_program(): void
    {
        self::assertSame(Printed::book(), (string) file_get_contents(__DIR__.'/../../docs/rules.md'), 'run bin/rules');
        self::assertSame(
            count(RuleBook::all()),
            array_sum(array_map(static fn (Chapter $c): int => count($c->rules()), Chapter::cases())),
            'a rule of no chapter',
        );
    }

    public function test_every_id_that_the_core_speaks_in_the_name_of_stands_in_the_book(): void
    {
        preg_match_all('/\'([WFLCRDSMTKY]\d{1,2})\'/', self::code('core'), $found);
        self::assertGreaterThan(90, count(array_unique($found[1])));
        foreach (array_unique($found[1]) as $id) {
            self::assertTrue(RuleBook::has($id), "{$id} is no rule");
        }
    }

    public function test_a_rule_says_where_it_comes_from_and_carries_its_quantities_typed(): void
    {
        foreach (RuleBook::all() as $rule) {
            self::assertGreaterThan(20, strlen((string) $rule->text), $rule->id);
            self::assertGreaterThanOrEqual(1, $rule->chapter, $rule->id);
            self::assertStringNotContainsString('{', (string) $rule->text, "{$rule->id}: a quantity in braces that is none");
        }
    }

    /** All code below a folder but the book itself. */
    private static function code(string $folder): string
    {
        $code = '';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__."/../../{$folder}")) as $file) {
            if ($file->isFile() && $file->getExtension() === 'php' && $file->getFilename() !== 'rules.php') {
                $code .= file_get_contents($file->getPathname());
            }
        }

        return $code;
    }
}
