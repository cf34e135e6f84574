<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;

/** Turns decoded JSON into stints and prior, or says by field what is wrong. */
final class StintsReader
{
    private const MOST_STINTS = 5000;

    private const MOST_CONTACTS = 500;

    private const MOST_TURNS = 100;

    /** Words of one's own may come from elsewhere and be longer than the deck takes them. */
    private const LONGEST_WORD = 120;

    /**
     * @param  array<array-key, mixed>  $values  as in the contract of the pattern
     *
     * @throws InvalidInput with every problem found
     */
    public static function read(array $values): ReadLog
    {
        $in = Fields::of($values);
        if (! $in->sent('stints')) {
            $in->problem('stints', 'is required; it may be an empty list.');
        }
        $stints = [];
        foreach ($in->objects('stints', self::MOST_STINTS) as $one) {
            $stints[] = self::stint($one);
        }
        $prior = self::prior($in);
        $turns = [];
        foreach ($in->objects('turns', self::MOST_TURNS) as $one) {
            $turns[] = self::turn($one);
        }
        $schools = ConditionsReader::schools($in);
        $stage = $in->oneOf('stage', Stage::class);
        $day = self::conditions($in);
        $atHand = ChoicesReader::read($in, $day);
        $in->finish();

        return new ReadLog($stints, $prior, array_values(array_filter($turns)), $schools, $stage, $atHand, $day);
    }

    /** The day the log is of, where it was said, as for a plan; what is wrong with it is told under its own path. */
    private static function conditions(Fields $in): ?Settled
    {
        $said = $in->take('conditions');
        if ($said === null) {
            return null;
        }
        if (! is_array($said) || array_is_list($said)) {
            $in->problem('conditions', 'must be an object.');

            return null;
        }
        try {
            return Settler::settle(ConditionsReader::read($said));
        } catch (InvalidInput $wrong) {
            foreach ($wrong->problems as $problem) {
                $in->problem("conditions.{$problem->path}", $problem->message);
            }

            return null;
        }
    }

    private static function stint(Fields $in): Stint
    {
        $at = self::moment($in);
        $levels = ['lure' => LureField::read($in, false), 'color' => $in->oneOf('color', ColorFamily::class)?->value];
        foreach (['spot', 'retrieve', 'structure', 'cover', 'angler'] as $factor) {
            $levels[$factor] = $in->text($factor, self::LONGEST_WORD);
        }
        $levels['cover_part'] = self::word($in, 'cover_part');
        $levels['light'] = self::word($in, 'light');
        $levels['cast'] = self::word($in, 'cast');
        $casts = self::whole($in, 'stint', 'casts');
        if ($casts === null && ! $in->sent('casts')) {
            $in->problem('casts', 'is required: the number of casts, 0 or more.');
        }
        $contacts = [];
        foreach ($in->objects('contacts', self::MOST_CONTACTS) as $one) {
            $contacts[] = self::contact($one);
        }
        $stint = new Stint(
            $at,
            $levels,
            self::number($in, 'stint', 'depth_ft'),
            $casts ?? 0,
            self::number($in, 'stint', 'minutes'),
            array_values(array_filter($contacts)),
            self::number($in, 'stint', 'water_depth_ft'),
            self::number($in, 'stint', 'weight_oz'),
            self::number($in, 'stint', 'length_in'),
        );
        $in->refuseOthers();

        return $stint;
    }

    private static function moment(Fields $in): string
    {
        $at = $in->text('at', 40);
        if ($at === null || preg_match(
            '/^(\d{4})-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d/',
            $at,
            $m,
        ) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            $in->problem('at', 'must be a date and time, written YYYY-MM-DDTHH:MM.');
        }

        return (string) $at;
    }

    private static function turn(Fields $in): ?Turn
    {
        $at = self::moment($in);
        $kind = $in->oneOf('what', TurnKind::class);
        if ($kind === null && $in->take('what') === null) {
            $in->problem('what', 'is required.');
        }
        $in->refuseOthers();

        return $kind === null ? null : new Turn($at, $kind);
    }

    private static function contact(Fields $in): ?Contact
    {
        $kind = $in->oneOf('kind', ContactKind::class);
        if ($kind === null && $in->take('kind') === null) {
            $in->problem('kind', 'is required.');
        }
        $species = $in->text('species', 60);
        $length = self::number($in, 'contact', 'length_in');
        $hooked = $in->oneOf('hooked', Hooked::class);
        $atCast = self::whole($in, 'contact', 'at_cast');
        $depth = self::number($in, 'contact', 'depth_ft');
        $weight = self::number($in, 'contact', 'weight_lb');
        $lostBy = $in->oneOf('lost_by', LostBy::class);
        $in->refuseOthers();

        return $kind === null ? null : new Contact($kind, $species, $length, $hooked, $atCast, $depth, $weight, $lostBy);
    }

    private static function prior(Fields $in): Prior
    {
        $prior = $in->object('prior');
        if ($prior === null) {
            return new Prior;
        }
        $default = new Prior;
        $made = [$prior->number('per_cast', 0.0001, 1) ?? $default->perCast, $prior->number('casts', 1, 100000) ?? $default->casts];
        $prior->refuseOthers();

        return new Prior(...$made);
    }

    /** One of the words that a stint has for a field, or null with the problem noted. */
    public static function word(Fields $in, string $key): ?string
    {
        $word = $in->text($key, 20);
        $words = FieldTable::one('stint', $key)->options;
        if ($word !== null && ! in_array($word, $words, true)) {
            $in->problem($key, 'must be one of: '.implode(', ', $words).'.');

            return null;
        }

        return $word;
    }

    /** A number within the limits of its field, or null with the problem noted. */
    public static function number(Fields $in, string $thing, string $path): ?float
    {
        $field = FieldTable::one($thing, $path);

        return $in->number($field->key(), $field->least, $field->most, $field->unit);
    }

    private static function whole(Fields $in, string $thing, string $path): ?int
    {
        $field = FieldTable::one($thing, $path);

        return $in->integer($field->key(), (int) $field->least, (int) $field->most);
    }
}
