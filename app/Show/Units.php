<?php

declare(strict_types=1);

namespace App\Show;

use OldEddy\Basics\Amount;
use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Basics\Units\Speed;
use OldEddy\Basics\Units\Temperature;
use OldEddy\Contract\Field;
use OldEddy\Log\Evidence\Stint;

/** Shows the core's numbers in the angler's units and takes typed numbers back. All conversions are the core's. */
final readonly class Units
{
    /** Each quantity: the word for its unit in the two systems. */
    private const WORDS = [
        'temp' => ['°F', '°C'],
        'temp_change' => ['°F', '°C'],
        'depth' => ['ft', 'm'],
        'speed' => ['mph', 'km/h'],
        'plain' => ['', ''],
    ];

    /** The quantity of a field by its unit; what has no other unit elsewhere is plain. */
    private const QUANTITIES = ['°F' => 'temp', '°F a day' => 'temp_change', 'ft' => 'depth', 'ft a week' => 'depth', 'mph' => 'speed'];

    /** What the core's units are called in the other system. */
    private const SAID = [
        'ft' => 'm', 'ft/s' => 'm/s', '°F' => '°C', '°F a day' => '°C a day', 'mph' => 'km/h', 'oz' => 'g', 'lb' => 'kg', 'in' => 'cm',
        'feet' => 'm', 'inches' => 'cm',
    ];

    private const TENTHS_MPH = 3.5;

    public function __construct(public bool $metric)
    {
    }

    /** The word for a quantity's unit. */
    public function word(string $quantity): string
    {
        return self::WORDS[$quantity][(int) $this->metric];
    }

    /** The quantity as which a field of the core's table is shown and taken. */
    public static function quantityOf(Field $field): string
    {
        return self::QUANTITIES[$field->unit] ?? 'plain';
    }

    /** @return array{float, float} how far a field's numbers go, in these units */
    public function span(Field $field): array
    {
        return [$this->show(self::quantityOf($field), $field->least), $this->show(self::quantityOf($field), $field->most)];
    }

    /** A number in the contract's unit, as a number in the angler's. */
    public function show(string $quantity, float $value): float
    {
        if (! $this->metric) {
            return round($value, 2);
        }

        return round(match ($quantity) {
            'temp' => Temperature::fromFahrenheit($value)->celsius(),
            'temp_change' => $value / 1.8,
            'depth' => Length::fromFeet($value)->metres(),
            'speed' => Speed::fromMph($value)->metresPerSecond() * 3.6,
            default => $value,
        }, 2);
    }

    /** A number in the angler's unit, as a number in the contract's. */
    public function take(string $quantity, float $value): float
    {
        if (! $this->metric) {
            return $value;
        }

        return round(match ($quantity) {
            'temp' => Temperature::fromCelsius($value)->fahrenheit(),
            'temp_change' => $value * 1.8,
            'depth' => Length::fromMetres($value)->feet(),
            'speed' => Speed::fromMetresPerSecond($value / 3.6)->mph(),
            default => $value,
        }, 3);
    }

    /** A fish's length as a number in the angler's unit: inches or centimetres. */
    public function showSize(float $inches): float
    {
        return $this->metric ? round(Length::fromInches($inches)->metres() * 100, 1) : round($inches, 2);
    }

    /** A length of a fish in the angler's unit, in inches. */
    public function takeSize(float $size): float
    {
        return $this->metric ? Length::fromMetres($size / 100)->inches() : $size;
    }

    /** The weight of a fish in the angler's unit. */
    public function showWeight(float $pounds): float
    {
        return $this->metric ? round(Mass::fromPounds($pounds)->grams() / 1000, 2) : round($pounds, 2);
    }

    /** The weight of a fish in the angler's unit, in pounds. */
    public function takeWeight(float $weight): float
    {
        return $this->metric ? Mass::fromGrams($weight * 1000)->pounds() : $weight;
    }

    /** The weight of a lure as a number in the angler's unit: ounces or grams. */
    public function showLure(float $ounces): float
    {
        return $this->metric ? round(Mass::fromOunces($ounces)->grams(), 1) : round($ounces, 4);
    }

    /** The weight of a lure in the angler's unit, in ounces. */
    public function takeLure(float $weight): float
    {
        return $this->metric ? Mass::fromGrams($weight)->ounces() : $weight;
    }

    /** The word for the unit of a lure's weight. */
    public function lureWord(): string
    {
        return $this->metric ? 'g' : 'oz';
    }

    /** The word for the unit of a fish's weight. */
    public function weightWord(): string
    {
        return $this->metric ? 'kg' : 'lb';
    }

    /** The word for the unit of a fish's length. */
    public function sizeWord(): string
    {
        return $this->metric ? 'cm' : 'in';
    }

    public function depth(float $feet): string
    {
        return $this->metric
            ? self::short(Length::fromFeet($feet)->metres(), 1).' m'
            : self::short($feet, $feet < 10 ? 1 : 0).' ft';
    }

    /** A number of a scale of feet, without its unit, which stands beside the scale once. */
    public function mark(float $feet): string
    {
        return self::short($this->metric ? Length::fromFeet($feet)->metres() : $feet, 1);
    }

    public function band(float $fromFt, float $toFt): string
    {
        $word = $this->word('depth');

        [$from, $to] = [$this->depth($fromFt), $this->depth($toFt)];

        // What is said alike is one depth.
        return $from === $to ? $to : str_replace(" {$word}", '', $from).'–'.$to;
    }

    /** A way over water. */
    public function way(float $miles): string
    {
        return $this->metric ? self::short(Speed::fromMph($miles)->metresPerSecond() * 3.6, 1).' km' : self::short($miles, 1).' mi';
    }

    public function temp(float $fahrenheit): string
    {
        return $this->metric ? self::short(Temperature::fromFahrenheit($fahrenheit)->celsius(), 1).' °C' : self::short($fahrenheit, 0).' °F';
    }

    /** The speed of a boat. */
    public function boat(float $mph): string
    {
        return self::short($this->show('speed', $mph), 1)." {$this->word('speed')}";
    }

    public function pace(float $feetPerSecond): string
    {
        return $this->metric ? self::short(Speed::fromFeetPerSecond($feetPerSecond)->metresPerSecond(), 1).' m/s' : self::short($feetPerSecond, 1).' ft/s';
    }

    /** A lure's weight: fractions of an ounce as they are stamped on the lead, or grams. */
    public function weight(float $ounces): string
    {
        if ($ounces <= 0) {
            return 'unweighted';
        }
        if ($this->metric) {
            return self::short(Mass::fromOunces($ounces)->grams(), 0).' g';
        }
        foreach ([2, 4, 8, 16, 32] as $parts) {
            $count = $ounces * $parts;
            if (abs($count - round($count)) < 1e-6 && $count < $parts) {
                return round($count).'/'.$parts.' oz';
            }
        }

        return self::short($ounces, 2).' oz';
    }

    /** A fish's weight. */
    public function fish(Mass $weight): string
    {
        return $this->metric ? self::short($weight->grams() / 1000, 2).' kg' : self::short($weight->pounds(), 1).' lb';
    }

    public function size(float $inches): string
    {
        return $this->metric ? self::short(Length::fromInches($inches)->metres() * 100, 1).' cm' : self::short($inches, 2).' in';
    }

    public static function seconds(float $seconds): string
    {
        return $seconds >= 100 ? sprintf('%d min %02d s', intdiv((int) $seconds, 60), (int) $seconds % 60) : self::short($seconds, $seconds < 10 ? 1 : 0).' s';
    }

    /** A sentence of the core in the angler's units. */
    public function say(string|Said $sentence): string
    {
        return is_string($sentence) || ! $this->metric ? (string) $sentence
            : implode('', array_map(fn (string|Amount $piece): string => is_string($piece) ? $piece : $this->amount($piece), $sentence->pieces()));
    }

    /** A level of the evidence in words: depth, weight and length in the angler's units, a weight as it is stamped on the lead. */
    public function level(string $level): string
    {
        return preg_match('/^([\d.]+) oz$/', $level, $m) === 1 ? $this->weight((float) $m[1]) : $this->say(Stint::said($level));
    }

    private function amount(Amount $amount): string
    {
        return implode(
            $amount->between,
            array_map(fn (float $number): string => $this->in($amount->unit, $number), $amount->numbers),
        ).' '.self::SAID[$amount->unit];
    }

    private function in(string $unit, float $value): string
    {
        return match ($unit) {
            'ft', 'feet' => self::short(Length::fromFeet($value)->metres(), 1),
            'ft/s' => self::short(Speed::fromFeetPerSecond($value)->metresPerSecond(), 2),
            '°F' => self::short(Temperature::fromFahrenheit($value)->celsius(), 0),
            '°F a day' => self::short($this->show('temp_change', $value), 1),
            'oz' => self::short(Mass::fromOunces($value)->grams(), 0),
            'lb' => self::short(Mass::fromOunces($value * 16)->grams() / 1000, 1),
            'in', 'inches' => self::short(Length::fromInches($value)->metres() * 100, 0),
            // What is towed is slow, and tenths of it tell.
            default => self::short($this->show('speed', $value), $value < self::TENTHS_MPH ? 1 : 0),
        };
    }

    private static function short(float $number, int $digits): string
    {
        $text = number_format($number, $digits, '.', '');

        return $digits > 0 ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
