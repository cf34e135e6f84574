<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One file that was given for a lake, as it came, with how it is understood. What is known of the lake is made of the
 * layers that are laid; one that is taken out can be put back.
 *
 * @property int $id
 * @property int $lake_id
 * @property string $name
 * @property string $state
 * @property array<string, mixed>|null $understood what the angler said of it
 * @property list<array{key: string, text: string, options: array<string, string>, likely: string}>|null $questions
 * @property array<string, mixed>|null $found
 * @property ?string $problem
 * @property int $bytes
 * @property int $things_read
 * @property ?Carbon $heard_at
 * @property Carbon $created_at
 * @property-read Lake $lake
 */
final class Layer extends Model
{
    use AskedOnce;

    /** Handed to the queue, not read to its end yet. */
    public const WAITING = 'waiting';

    /** Read, with something left open: nothing of it is kept yet. */
    public const ASKS = 'asks';

    public const LAID = 'laid';

    public const OUT = 'out';

    public const REFUSED = 'refused';

    /** No file of the water, but a picture that lies under the sheet it is drawn on. */
    public const PICTURE = 'picture';

    /** A reader that was not heard for so many seconds is not at work any more. */
    private const SILENT_S = 90;

    protected $table = 'layers';

    protected $fillable = ['lake_id', 'name', 'state', 'understood', 'questions', 'found', 'problem', 'bytes', 'things_read', 'heard_at'];

    protected $attributes = [
        'state' => self::WAITING, 'understood' => null, 'questions' => null, 'found' => null, 'problem' => null, 'bytes' => 0, 'things_read' => 0,
        'heard_at' => null,
    ];

    /** @return BelongsTo<Lake, $this> */
    public function lake(): BelongsTo
    {
        return $this->belongsTo(Lake::class);
    }

    /** @return list<Question> */
    public function asks(): array
    {
        return array_map(static fn (array $q): Question => new Question($q['key'], $q['text'], $q['options'], $q['likely']), $this->questions ?? []);
    }

    /** Whether it waits for a reader that seems to be gone. */
    public function isStuck(): bool
    {
        return $this->state === self::WAITING && ($this->heard_at ?? $this->created_at)->lt(Carbon::now()->subSeconds(self::SILENT_S));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'understood' => 'array', 'questions' => 'array', 'found' => 'array', 'heard_at' => 'datetime', 'bytes' => 'integer',
            'things_read' => 'integer',
        ];
    }
}
