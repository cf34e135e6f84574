<?php

declare(strict_types=1);

namespace OldEddy\Boat;

/** One sound sentence of a boat's instruments: its type, such as RMC, and its fields. Basis: published, NMEA 0183 (from memory). */
final readonly class Sentence
{
    /** A sentence is at most 82 characters long; some instruments send a little more. */
    private const LONGEST = 100;

    /** @param  list<string>  $fields  without talker and type */
    private function __construct(public string $type, public array $fields)
    {
    }

    /** Reads one line; what is broken says why. What recorders put in front, a tag block or a time, is passed over. */
    public static function read(string $line): self|Broken
    {
        $line = self::bare(trim($line));
        if ($line === '' || strlen($line) > self::LONGEST || preg_match('/^[\x20-\x7e]+$/', $line) !== 1) {
            return Broken::Garbled;
        }
        if (preg_match('/^[$!]([A-Z0-9]{4,6})((?:,[^*]*)*)(?:\*([0-9A-Fa-f]{0,2}))?$/', $line, $m) !== 1) {
            return Broken::Garbled;
        }
        if (! isset($m[3]) || strlen($m[3]) < 2) {
            return Broken::CutShort;
        }
        if (strtoupper($m[3]) !== self::checksum($m[1].$m[2])) {
            return Broken::Checksum;
        }

        return new self(substr($m[1], -3), explode(',', substr($m[2], 1)));
    }

    /**
     * A line with its checksum, without the line end.
     *
     * @param  list<string>  $fields
     */
    public static function write(string $talkerAndType, array $fields): string
    {
        $body = implode(',', [$talkerAndType, ...$fields]);

        return "\${$body}*".self::checksum($body);
    }

    /** A number field, or null when it is empty or no number. */
    public function number(int $field): ?float
    {
        $text = $this->fields[$field] ?? '';

        return is_numeric($text) ? (float) $text : null;
    }

    /** A text field, empty when it is missing. */
    public function text(int $field): string
    {
        return $this->fields[$field] ?? '';
    }

    /** The sentence in a line: from its last sign of a beginning on, where something else stands before it. */
    private static function bare(string $line): string
    {
        if ($line === '' || $line[0] === '$' || $line[0] === '!') {
            return $line;
        }

        return preg_match('/(?<![A-Z0-9])[$!][A-Z0-9]{4,6},[^$!]*$/', $line, $m) === 1 ? $m[0] : $line;
    }

    private static function checksum(string $body): string
    {
        $sum = 0;
        foreach (str_split($body) as $char) {
            $sum ^= ord($char);
        }

        return sprintf('%02X', $sum);
    }
}
