<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Closure;
use JsonException;
use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * JSON in on standard input or from --in=FILE, JSON out on standard output; bad input: exit 2, the errors on standard error. With
 * --lines one document a line in and one a line out, errors as a line too, until the input ends.
 */
trait AnswersJson
{
    /** @param  Closure(array<array-key, mixed>): array<string, mixed>  $answer */
    private function answerJson(Closure $answer): int
    {
        $file = $this->option('in');
        $stream = ! is_string($file) ? STDIN : (is_dir($file) ? false : @fopen($file, 'r'));
        if ($stream === false) {
            return $this->refuse(new InvalidInput([new InputProblem(
                '--in', file_exists((string) $file) ? 'is no file that can be read.' : "names no file: there is no {$file}.",
            )]));
        }
        if ($this->option('lines')) {
            while (($line = fgets($stream)) !== false) {
                if (trim($line) !== '') {
                    $this->answerLine($line, $answer);
                }
            }

            return 0;
        }
        try {
            $this->say($answer(self::decoded((string) stream_get_contents($stream))), JSON_PRETTY_PRINT);
        } catch (InvalidInput $wrong) {
            return $this->refuse($wrong);
        }

        return 0;
    }

    /** @param  Closure(array<array-key, mixed>): array<string, mixed>  $answer */
    private function answerLine(string $line, Closure $answer): void
    {
        try {
            $this->say($answer(self::decoded($line)));
        } catch (InvalidInput $wrong) {
            $this->say(['errors' => $wrong->toArray()]);
        }
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidInput
     */
    private static function decoded(string $text): array
    {
        // Some editors put a mark of the coding in front.
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text;
        try {
            $in = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw new InvalidInput([new InputProblem('', 'is not valid JSON: '.$e->getMessage().'.')]);
        }
        if (! is_array($in) || ($in !== [] && array_is_list($in))) {
            throw new InvalidInput([new InputProblem('', 'must be a JSON object.')]);
        }

        return $in;
    }

    /** @param  array<string, mixed>  $out */
    private function say(array $out, int $how = 0): void
    {
        $this->output->getOutput()->writeln(
            json_encode($out, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | $how), OutputInterface::OUTPUT_RAW,
        );
    }

    private function refuse(InvalidInput $wrong): int
    {
        fwrite(STDERR, json_encode(['errors' => $wrong->toArray()], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).PHP_EOL);

        return 2;
    }
}
