<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Models\Question;

/** In which coordinate system a file is: as the angler says, as the file says, as its numbers allow, or asked. */
final class Systems
{
    /**
     * @param  ?string  $name  of the system, where the file names one
     * @param  list<float>  $box  of its coordinates as they are written
     * @param  array<string, mixed>  $said
     * @param  list<array{string, string}>  $words  what was understood so far; this is added
     * @return list<string> what the tool has to be told
     *
     * @throws NeedsAnswer
     */
    public static function of(?string $name, array $box, array $said, array &$words): array
    {
        if (isset($said['srs'])) {
            $words[] = ['coordinates', "EPSG:{$said['srs']}, as you said"];

            return ['-s_srs', "EPSG:{$said['srs']}"];
        }
        if ($name !== null) {
            $words[] = ['coordinates', $name];

            return [];
        }
        if ($box !== [] && max(abs($box[0]), abs($box[2] ?? 0.0)) <= 180 && max(abs($box[1] ?? 0.0), abs($box[3] ?? 0.0)) <= 90) {
            $words[] = ['coordinates', 'taken as degrees (WGS 84): the file does not say'];

            return ['-s_srs', 'EPSG:4326'];
        }
        throw new NeedsAnswer($words, [new Question('srs', sprintf(
            'The file does not say in which coordinate system it is; its places run from %s to %s. Its EPSG number?', implode(', ', array_slice($box, 0, 2)), implode(', ', array_slice($box, 2)),
        ), [])]);
    }
}
