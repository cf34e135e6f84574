<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

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
 */
final class Archive extends Model
{
    public const OUT = 'out';

    public const IN = 'in';

    /** A table of a log, whose columns are being told. */
    public const CSV = 'csv';

    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const REFUSED = 'refused';

    private const HOURS = 24;

    private const PIECE = 1_000_000;

    protected $fillable = ['user_id', 'way', 'state', 'done', 'total', 'bytes', 'said'];

    protected $attributes = ['state' => self::WAITING, 'done' => 0, 'total' => 0, 'bytes' => 0, 'said' => null];

    /** Throws away what lay for longer than a day. */
    public static function tidy(): void
    {
        DB::table('archives')->where('created_at', '<', now()->subHours(self::HOURS))->delete();
    }

    /** Puts a file away as its body. */
    public function keep(string $path): void
    {
        DB::table('archive_parts')->where('archive_id', $this->id)->delete();
        $file = fopen($path, 'rb');
        $bytes = 0;
        for ($part = 0; $file !== false && ($piece = (string) stream_get_contents($file, self::PIECE)) !== ''; $part++) {
            DB::table('archive_parts')->insert(['archive_id' => $this->id, 'part' => $part, 'body' => $piece]);
            $bytes += strlen($piece);
        }
        $this->update(['bytes' => $bytes]);
    }

    /** @param  Closure(string): void  $piece  hands its body over, piece by piece */
    public function pieces(Closure $piece): void
    {
        $parts = DB::table('archive_parts')->where('archive_id', $this->id);
        for ($part = 0; ($body = $parts->clone()->where('part', $part)->value('body')) !== null; $part++) {
            $piece($body);
        }
    }

    /** Its body is needed no longer. */
    public function emptied(): void
    {
        DB::table('archive_parts')->where('archive_id', $this->id)->delete();
    }

    /** How far it is, told in passing: past the transaction in which the work is done, and nobody waits for it. */
    public function tell(int $done, int $total): void
    {
        $beside = Beside::way();
        $beside->transaction(function () use ($beside, $done, $total): void {
            $free = $beside->table('archives')->where('id', $this->id)->lock('for update skip locked');
            if ($free->value('id') !== null) {
                $beside->table('archives')->where('id', $this->id)->update(['done' => $done, 'total' => $total]);
            }
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done' => 'integer', 'total' => 'integer', 'bytes' => 'integer'];
    }
}
