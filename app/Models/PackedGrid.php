<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use OldEddy\Where\Lake\DepthGrid;

/**
 * A depth grid as bytes: eight-byte head values and four-byte depths, deflated. What is not known is written as no number.
 *
 * @implements CastsAttributes<DepthGrid, DepthGrid>
 */
final class PackedGrid implements CastsAttributes
{
    /** Kept as an object, a grid would be packed anew at every save; the lake remembers what it unpacked. */
    public bool $withoutObjectCaching = true;

    private const HEAD_BYTES = 40;

    /** Grids of older versions had no latitude of square cells. */
    private const OLDER_HEAD_BYTES = 32;

    /** No packed grid is larger than this when it is unpacked. */
    private const MOST_BYTES = 64_000_000;

    public static function pack(DepthGrid $grid): string
    {
        $packed = pack('eeeVVe', $grid->north, $grid->west, $grid->cellM, $grid->cols, $grid->rows, $grid->squareAt ?? $grid->north);
        foreach (array_chunk($grid->depthsFt, 50_000) as $some) {
            $packed .= pack('g*', ...array_map(static fn (?float $depth): float => $depth ?? NAN, $some));
        }

        return (string) gzdeflate($packed, 3);
    }

    /**
     * Packed bytes for a script that draws them: where the grid lies, its cells, then tenths of feet as two-byte numbers; -32768 is unknown.
     * Piece by piece: a large grid as numbers would not fit beside itself.
     */
    public static function tenths(string $packed): string
    {
        [$bytes, $head, $first] = self::opened($packed);
        $told = pack('eeeVV', $head['north'], $head['west'], $head['cell'], $head['cols'], $head['rows']);
        $tenths = static fn (float $d): int => is_nan($d) ? 0x8000 : ((int) round(10 * max(-3000.0, min(3000.0, $d)))) & 0xFFFF;
        for ($at = $first; $at < strlen($bytes); $at += 100_000) {
            $told .= pack('v*', ...array_map($tenths, unpack('g*', substr($bytes, $at, 100_000)) ?: []));
        }

        return $told;
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): ?DepthGrid
    {
        return $value === null ? null : self::unpack($value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : self::pack($value);
    }

    /** @throws InvalidArgumentException for bytes that are no grid */
    public static function unpack(string $packed): DepthGrid
    {
        [$bytes, $head, $first] = self::opened($packed);
        $square = $first === self::HEAD_BYTES ? (unpack('e', $bytes, self::OLDER_HEAD_BYTES) ?: [1 => $head['north']])[1] : $head['north'];
        $depths = [];
        // In pieces: unpacked at once, the same numbers would stand in memory twice.
        for ($at = $first; $at < strlen($bytes); $at += 200_000) {
            foreach (unpack('g*', substr($bytes, $at, 200_000)) ?: [] as $depth) {
                $depths[] = is_nan($depth) ? null : $depth;
            }
        }

        return new DepthGrid($head['north'], $head['west'], $head['cell'], $head['cols'], $head['rows'], $depths, $square);
    }

    /**
     * @return array{string, array{north: float, west: float, cell: float, cols: int, rows: int}, int} the bytes, the head, where the depths begin
     *
     * @throws InvalidArgumentException for bytes that are no grid
     */
    private static function opened(string $packed): array
    {
        $bytes = @gzinflate($packed, self::MOST_BYTES);
        if ($bytes === false || strlen($bytes) <= self::OLDER_HEAD_BYTES) {
            throw new InvalidArgumentException('These bytes are no depth grid.');
        }
        /** @var array{north: float, west: float, cell: float, cols: int, rows: int} $head */
        $head = unpack('enorth/ewest/ecell/Vcols/Vrows', $bytes);
        $first = strlen($bytes) - 4 * $head['cols'] * $head['rows'];
        if (is_nan($head['north'] + $head['west'] + $head['cell']) || ($first !== self::HEAD_BYTES && $first !== self::OLDER_HEAD_BYTES)) {
            throw new InvalidArgumentException('These bytes are no depth grid.');
        }

        return [$bytes, $head, $first];
    }
}
