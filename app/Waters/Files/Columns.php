<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;

/** Which columns of a file hold longitude, latitude and depth: by their names, by being the only ones, or asked. */
final readonly class Columns
{
    /** Names of the columns of a place, without units and marks. */
    private const PLACES = [
        'lon' => '/^((gps|pos|point|nav|utm|coord(inate)?|map)_?)?(lon|lng|long|longitude|longitud|longitudine|lange|laenge|langengrad|lengte|x|e|east|easting|eastings|rechtswert)(_?(dd|deg|degrees?|decimal|wgs84|coord(inate)?|pos|utm|w))?$/',
        'lat' => '/^((gps|pos|point|nav|utm|coord(inate)?|map)_?)?(lat|latitude|latitud|latitudine|breite|breitengrad|breedte|y|n|north|northing|northings|hochwert)(_?(dd|deg|degrees?|decimal|wgs84|coord(inate)?|pos|utm))?$/',
    ];

    /** Columns of these names hold no depth. */
    private const NO_DEPTH = '/(^|_)(id|no|nr|num|number|index|fid|gid|point_?id|pointid|line|time|date|day|month|year|hour|speed|sog|cog|heading|course|temp|temperature|sats?|satellites|hdop|fix|quality)($|_)/';

    /**
     * @param  array{int, int, int}  $at  of longitude, latitude and depth
     * @param  ?string  $depthName  what the file calls the depth
     * @param  bool  $areNamed  whether the file itself says which is which
     * @param  ?Question  $question  what has to be asked
     */
    private function __construct(public array $at, public ?string $depthName, public bool $areNamed, public ?Question $question)
    {
    }

    /** @param  array<string, mixed>  $said */
    public static function of(CsvSample $sample, array $said): self
    {
        $numeric = $sample->numericColumns();
        if (count($numeric) < 3) {
            throw new Refused($sample->head === null
                ? 'There is no line of longitude, latitude and depth in the file.'
                : 'The file has no column depth_ft, depth_m or depth with numbers in it beside longitude and latitude; its head line says: '.implode(', ', $sample->head).'.');
        }
        $chosen = (new Understanding('csv'))->with($said)->columns;
        if ($chosen !== null) {
            return new self($chosen, $sample->head[$chosen[2]] ?? null, true, null);
        }
        [$lon, $lat, $depth, $isSure] = $sample->head === null ? [null, null, null, false] : self::named($sample->head, $numeric);
        if ($lon !== null && $lat !== null && $depth === null) {
            throw new Refused('The file has places, and no column that can be a depth. Its head line says: '.implode(', ', $sample->head ?? []).'.');
        }
        if ($lon !== null && $lat !== null && $depth !== null && $isSure) {
            return new self([$lon, $lat, $depth], $sample->head[$depth] ?? null, true, null);
        }
        if ($sample->head === null && count($numeric) === 3) {
            return new self([$numeric[0], $numeric[1], $numeric[2]], null, false, null);
        }
        $free = array_values(array_diff($numeric, array_filter([$lon, $lat, $depth], is_int(...))));
        $likely = [$lon ?? array_shift($free) ?? 0, $lat ?? array_shift($free) ?? 1, $depth ?? array_shift($free) ?? 2];
        $options = [];
        foreach ($numeric as $at) {
            $options["{$at}"] = ($sample->head[$at] ?? 'column '.($at + 1)).', such as '.($sample->rows[0][$at] ?? '');
        }

        return new self(
            $likely, $sample->head !== null && $depth !== null ? $sample->head[$depth] : null, false,
            new Question('columns', 'Which columns hold longitude, latitude and depth?', $options, implode(',', $likely)),
        );
    }

    /**
     * @param  list<string>  $head
     * @param  list<int>  $numeric
     * @return array{?int, ?int, ?int, bool} of longitude, latitude and depth, null where no name says so; and whether the depth is sure
     */
    private static function named(array $head, array $numeric): array
    {
        $names = array_map(self::plain(...), $head);
        $find = static function (string $pattern) use ($names, $numeric): ?int {
            foreach ($numeric as $at) {
                if (preg_match($pattern, $names[$at] ?? '') === 1) {
                    return $at;
                }
            }

            return null;
        };
        [$lon, $lat] = [$find(self::PLACES['lon']), $find(self::PLACES['lat'])];
        [$depth, $best] = [null, null];
        foreach ($numeric as $at) {
            $kind = $at === $lon || $at === $lat || preg_match(self::NO_DEPTH, $names[$at] ?? '') === 1 ? null : DepthName::read($head[$at] ?? '');
            // A depth before a height, and both before what only might be one.
            $rank = $kind === null ? 9 : ($kind->isSure ? ($kind->isHeight ? 1 : 0) : 2);
            if ($rank < 9 && ($best === null || $rank < $best)) {
                [$depth, $best] = [$at, $rank];
            }
        }

        return [$lon, $lat, $depth, $best !== null && $best < 2];
    }

    /** A name without its unit and marks. */
    private static function plain(string $name): string
    {
        $bare = (string) preg_replace('/[\(\[].*?[\)\]]/', '', Latin::small($name));

        return trim((string) preg_replace('/[^a-z0-9]+/', '_', trim($bare)), '_');
    }
}
