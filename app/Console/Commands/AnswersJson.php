<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Closure;
use JsonException;
use OldEddy\Basics\Problem\InvalidInput;
use Symfony\Component\Console\Output\OutputInterface;

/** JSON in on standard input or from --in=FILE, JSON out on standard output; bad input: exit 2, the errors on standard error. */
trait AnswersJson
{
    /** @param  Closure(array<array-key, mixed>): array<string, mixed>  $answer */
    private function answerJson(Closure $answer): int
    {
        $file = $this->option('in');
        $text = is_string($file) ? (is_dir($file) ? false : @file_get_contents($file)) : stream_get_contents(STDIN);
        if ($text === false) {
            return $this->refuse(
                [[
                    'path' => '--in',
                    'message' => is_string($file) && file_exists($file) ? 'is no file that can be read.' : "names no file: there is no {$file}.",
                ]],
            );
        }
        // Some editors put a mark of the coding in front.
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text;
        try {
            $in = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            return $this->refuse([['path' => '', 'message' => 'is not valid JSON: '.$e->getMessage().'.']]);
        }
        if (! is_array($in) || ($in !== [] && array_is_list($in))) {
            return $this->refuse([['path' => '', 'message' => 'must be a JSON object.']]);
        }
        try {
            $out = $answer($in);
        } catch (InvalidInput $e) {
            return $this->refuse($e->toArray());
        }
        $this->output->getOutput()->writeln(
            json_encode($out, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT),
            OutputInterface::OUTPUT_RAW,
        );

        return 0;
    }

    /** @param  list<array{path: string, message: string}>  $errors */
    private function refuse(array $errors): int
    {
        fwrite(STDERR, json_encode(['errors' => $errors], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).PHP_EOL);

        return 2;
    }
}
