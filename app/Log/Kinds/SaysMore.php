<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Disputes;
use App\Log\Wanted;
use App\Models\Contact;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Show\Units;

/**
 * Fields of a stint or contact said or corrected later. Each field comes with what the device believed it was: when
 * another device has said something else meanwhile, both facts are kept and the angler is told.
 */
abstract class SaysMore extends Kind
{
    /** @return array<string, Wanted> what can be said */
    abstract protected function sayable(): array;

    /** @param  array<array-key, mixed>  $event */
    abstract protected function subject(array $event): Stint|Contact;

    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        return ['fields' => Wanted::some($this->sayable()), 'was' => Wanted::plain()->orNothing(), 'units' => Wanted::units()];
    }

    public function apply(array $event): array
    {
        $subject = $this->subject($event);
        $before = [];
        foreach ($event['fields'] as $field => $value) {
            [$column, $value] = $this->stored($field, $value, $event['units'] ?? 'us');
            [, $was] = $this->stored($field, $event['was'][$field] ?? null, $event['units'] ?? 'us');
            $current = $subject->getAttribute($column);
            $before[$column] = $current;
            if (array_key_exists($field, $event['was'] ?? []) && ! self::same($current, $was) && ! self::same($current, $value)) {
                Disputes::note($this->trip, $subject, $column, $value, $current);
            }
            $subject->setAttribute($column, $value);
            $this->set[$column] = $subject->getAttribute($column);
        }
        $subject->save();

        return $before;
    }

    public function takeBack(LogEvent $event): void
    {
        $subject = $this->subject(['stint' => $event->stint_id, 'contact' => $event->contact_id]);
        foreach ($event->before ?? [] as $column => $before) {
            $set = $event->after[$column] ?? null;
            if ($column === 'cast_count') {
                // Casts that others counted since are theirs.
                $subject->setAttribute($column, max(0, (int) $subject->getAttribute($column) + (int) $before - (int) $set));
            } elseif ($event->after === null || self::same($subject->getAttribute($column), $set)) {
                // Only what this entry set is taken back: what another device said since stays.
                $subject->setAttribute($column, $before);
            }
        }
        $subject->save();
    }

    public function set(): array
    {
        return $this->set;
    }

    /**
     * The column of a field and its value in the core's units; lengths and depths come in the angler's.
     *
     * @return array{string, mixed}
     */
    private function stored(string $field, mixed $value, string $units): array
    {
        $shown = new Units($units === 'metric');

        return match ($field) {
            'length' => ['length_in', $value === null ? null : round($shown->takeSize((float) $value), 2)],
            'girth' => ['girth_in', $value === null ? null : round($shown->takeSize((float) $value), 2)],
            'depth' => ['depth_ft', $value === null ? null : round($shown->take('depth', (float) $value), 1)],
            'weight' => ['weight_lb', $value === null ? null : round($shown->takeWeight((float) $value), 2)],
            'casts' => ['cast_count', $value],
            default => [$field, $value === '' ? null : $value],
        };
    }

    private static function same(mixed $a, mixed $b): bool
    {
        return is_numeric($a) && is_numeric($b) ? abs((float) $a - (float) $b) < 0.06 : $a === $b;
    }
}
