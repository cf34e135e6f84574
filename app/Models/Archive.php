<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * An archive that is made for an angler, or that he brought. It lies in the database until it is fetched or taken in, at most for a
 * day, so that any application server can hand it over.
 *
 * @property int $id
 * @property int $user_id
 * @property string $way out, in or csv
 * @property string $state
 * @property int $done rows
 * @property int $total rows
 * @property int $bytes
 * @property ?string $said what came of it, or what is wrong with it
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class Archive extends Model
{
    use AskedOnce;

    public const OUT = 'out';

    public const IN = 'in';

    /** A table of a log, whose columns are being told. */
    public const CSV = 'csv';

    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const REFUSED = 'refused';

    private const HOURS = 24;

    /** A worker that was not heard for so many seconds is not at work any more. */
    private const SILENT_S = 90;

    protected $table = 'archives';

    protected $fillable = ['user_id', 'way', 'state', 'done', 'total', 'bytes', 'said'];

    protected $attributes = ['state' => self::WAITING, 'done' => 0, 'total' => 0, 'bytes' => 0, 'said' => null];

    /** Throws away what lay for longer than a day. */
    public static function tidy(): void
    {
        DB::table('archives')->where('created_at', '<', now()->subHours(self::HOURS))->delete();
    }

    /**
     * One that an angler brings, with its file.
     *
     * @param  string  $way  in or csv
     */
    public static function brought(User $angler, string $way, string $path): self
    {
        $one = $angler->archives()->create(['way' => $way]);
        $one->keep($path);

        return $one;
    }

    /** Puts a file away as its body. */
    public function keep(string $path): void
    {
        $file = fopen($path, 'rb') ?: throw new RuntimeException("The file {$path} cannot be read.");
        $this->body()->drop();
        $this->update(['bytes' => $this->body()->keep($file)]);
    }

    public function body(): Pieces
    {
        return Pieces::ofArchive($this->id);
    }

    /** How far it is, told in passing: past the transaction in which the work is done, and nobody waits for it. */
    public function tell(int $done, int $total): void
    {
        $beside = Beside::way();
        $beside->transaction(function () use ($beside, $done, $total): void {
            $free = $beside->table('archives')->where('id', $this->id)->lock('for update skip locked');
            if ($free->value('id') !== null) {
                $beside->table('archives')->where('id', $this->id)->update(['done' => $done, 'total' => $total, 'updated_at' => now()]);
            }
        });
    }

    /** Whether whoever worked on it was not heard for so long that it must be done again. */
    public function isCutOff(): bool
    {
        return $this->state === self::WAITING && $this->updated_at->lt(Carbon::now()->subSeconds(self::SILENT_S));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done' => 'integer', 'total' => 'integer', 'bytes' => 'integer'];
    }
}
