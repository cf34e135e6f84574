<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lures\Catalog;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Rooms;

require_once __DIR__.'/../../bin/lib/Rooms.php';

final class ArchitectureTest extends TestCase
{
    public function test_the_core_knows_no_framework_no_clock_and_no_io(): void
    {
        $forbidden = '/\b(Illuminate|Laravel|App|Symfony|Carbon|Database)\\\\|(?<!::)(?<!->)(?<!function )\b(time|microtime|hrtime|date|mktime|strtotime|rand|mt_rand|random_int|shuffle|uniqid|file_get_contents|fopen|file_put_contents|curl_init|getenv|env|config|app|now|echo|print|header|session)\(|\$GLOBALS|\$_(GET|POST|SERVER|ENV|COOKIE|SESSION)|new DateTimeImmutable\(\)|DateTimeImmutable\(\'now/';
        foreach (self::files('core') as $file) {
            $code = self::withoutComments($file);
            self::assertSame(0, preg_match($forbidden, $code, $found), "{$file}: ".($found[0] ?? ''));
        }
    }

    /** Arrows run one way: a room leans only on those before it. */
    public function test_the_rooms_stand_in_the_order_of_the_work(): void
    {
        foreach (Rooms::ALL as $root => [$namespace, $rooms]) {
            $order = array_flip(array_keys($rooms));
            foreach (self::files($root) as $file) {
                $path = explode('/', substr($file, strlen(dirname(__DIR__, 2)."/{$root}/")));
                self::assertGreaterThan(1, count($path), "{$file} stands in no room");
                self::assertArrayHasKey($path[0], $order, "{$path[0]} is no room of {$root}: name it in bin/lib/Rooms.php, with what it holds");
                foreach (Rooms::arrows($file, $namespace) as $to) {
                    self::assertArrayHasKey($to, $order, "{$file} leans on {$to}");
                    self::assertLessThanOrEqual($order[$path[0]], $order[$to], "{$file}: an arrow back, from {$path[0]} to {$to}");
                }
            }
        }
    }

    /** The drawing in the documentation is made from the code: bin/rooms makes it anew. */
    public function test_the_drawing_of_the_rooms_is_that_of_the_code(): void
    {
        foreach (['core', 'app'] as $root) {
            self::assertSame(Rooms::drawing($root), (string) file_get_contents(dirname(__DIR__, 2)."/docs/rooms-{$root}.svg"), 'run bin/rooms');
        }
    }

    public function test_one_name_has_one_meaning_in_the_core(): void
    {
        $files = [];
        foreach (self::files('core') as $file) {
            $files[basename($file)][] = $file;
        }
        self::assertSame([], array_filter($files, static fn (array $same): bool => count($same) > 1));
    }

    public function test_every_public_class_and_method_of_the_core_says_what_it_is(): void
    {
        foreach (self::files('core') as $file) {
            $code = (string) file_get_contents($file);
            if (preg_match('/^(?:final |abstract )?(?:readonly )?(?:class|interface|enum|trait) (\w+)/m', $code, $class, PREG_OFFSET_CAPTURE) !== 1) {
                continue;
            }
            self::assertStringEndsWith("*/\n", substr($code, 0, self::startOfLine($code, $class[0][1])), "{$file}: no docblock");
            // The methods of a factor or adviser are described by the interface it implements.
            if (str_contains($file, '/Factors/')) {
                continue;
            }
            preg_match_all('/^    public (?:static )?function (?!__construct|weigh|advise)(\w+)/m', $code, $methods, PREG_OFFSET_CAPTURE);
            foreach ($methods[0] as $i => $method) {
                $before = rtrim(substr($code, 0, self::startOfLine($code, $method[1])));
                self::assertStringEndsWith('*/', $before, "{$file}: {$methods[1][$i][0]}() has no docblock");
            }
        }
    }

    public function test_no_rule_of_the_trade_is_told_by_a_view_or_a_script(): void
    {
        foreach ([...self::files('resources/views'), ...self::files('resources/js')] as $file) {
            $code = (string) file_get_contents($file);
            self::assertSame(0, preg_match('/(temp_?[fF]|visibility|mood)\s*(<|>|<=|>=|===?)\s*-?\d/', $code, $found), "{$file}: ".($found[0] ?? ''));
        }
    }

    /**
     * "Not greater" is not "smaller or equal" where a number may be none, and an optimizer may take one for the other: a
     * comparison is said straight, and what may be unknown is null.
     */
    public function test_no_comparison_is_negated_and_no_unknown_is_a_number_that_is_none(): void
    {
        foreach ([...self::files('core'), ...self::files('app')] as $file) {
            $tokens = array_values(
                array_filter(
                    token_get_all((string) file_get_contents($file)),
                    static fn (array|string $t): bool => ! is_array($t) || ! in_array($t[0], [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT], true),
                ),
            );
            foreach ($tokens as $i => $token) {
                if ($token !== '!' || ($tokens[$i + 1] ?? '') !== '(') {
                    continue;
                }
                for ($depth = 1, $j = $i + 2; $depth > 0 && isset($tokens[$j]); $j++) {
                    $depth += ['(' => 1, ')' => -1][is_string($tokens[$j]) ? $tokens[$j] : ''] ?? 0;
                    $compares = in_array($tokens[$j], ['<', '>'], true) || (is_array($tokens[$j]) && in_array(
                        $tokens[$j][0],
                        [T_IS_SMALLER_OR_EQUAL, T_IS_GREATER_OR_EQUAL],
                        true,
                    ));
                    self::assertFalse(
                        $depth === 1 && $compares,
                        "{$file}: a comparison is negated near line ".(is_array($tokens[$j - 1]) ? $tokens[$j - 1][2] : '?'),
                    );
                }
            }
            // Where bytes and files know no other way to say "unknown", it is turned into null at once.
            if (! in_array(basename($file), ['PackedGrid.php'], true)) {
                self::assertSame(0, preg_match('/\bNAN\b/', self::withoutComments($file)), "{$file}: NAN");
            }
        }
    }

    /** What a page reckons stands in a class that a test can ask; a view may give a thing a shorter name. */
    public function test_no_view_reckons(): void
    {
        foreach (self::files('resources/views') as $file) {
            self::assertSame(0, preg_match('/@php\(.*(\bfn ?\(|\bfunction\b| \? |\[\.\.\.)/', (string) file_get_contents($file), $found), "{$file}: ".($found[0] ?? ''));
        }
    }

    /** Lures, cut points and orders of trial are the core's: nothing around it knows one by name. */
    public function test_no_lure_is_named_outside_the_core(): void
    {
        $lures = implode('|', array_keys(Catalog::all()));
        foreach ([...self::files('app'), ...self::files('resources/js'), ...self::files('resources/views')] as $file) {
            if (! str_ends_with($file, 'EddyMeasure.php')) {
                self::assertSame(0, preg_match("/'({$lures})'/", self::withoutComments($file), $found), "{$file}: ".($found[0] ?? ''));
            }
        }
    }

    /** Words may be as long as they are; code beside them may not. */
    public function test_no_line_of_code_is_too_long_to_be_read_at_once(): void
    {
        foreach ([...self::files('core'), ...self::files('app'), ...self::files('database/migrations'), ...self::files('database/seeders')] as $file) {
            if (str_ends_with($file, '.json')) {
                // Days as they were fished: written and read by machines.
                continue;
            }
            foreach (explode("\n", (string) file_get_contents($file)) as $n => $line) {
                $code = (string) preg_replace('/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"/', "''", $line);
                self::assertLessThanOrEqual(str_contains($code, ' * @') ? 220 : 160, mb_strlen($code), "{$file}:".($n + 1));
            }
        }
    }

    public function test_no_line_of_a_view_is_too_long_to_be_read_at_once(): void
    {
        foreach (self::files('resources/views') as $file) {
            foreach (explode("\n", (string) file_get_contents($file)) as $n => $line) {
                self::assertLessThanOrEqual(240, mb_strlen($line), "{$file}:".($n + 1));
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", RecursiveDirectoryIterator::SKIP_DOTS),
        ) as $file) {
            $files[] = $file->getPathname();
        }
        self::assertNotEmpty($files);

        return $files;
    }

    private static function withoutComments(string $file): string
    {
        $code = '';
        foreach (token_get_all((string) file_get_contents($file)) as $token) {
            if (! is_array($token) || ! in_array($token[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING], true)) {
                $code .= is_array($token) ? $token[1] : $token;
            }
        }

        return $code;
    }

    private static function startOfLine(string $code, int $offset): int
    {
        $newline = strrpos(substr($code, 0, $offset), "\n");

        return $newline === false ? 0 : $newline + 1;
    }
}
