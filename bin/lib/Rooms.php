<?php

declare(strict_types=1);

/** The rooms of the house in the order of the work, what each holds, and the arrows between them as the code has them. */
final class Rooms
{
    /** @var array<string, array{string, array<string, array{string, string}>}> namespace, and by room what it holds and the letters of its rules */
    public const ALL = [
        'core' => ['OldEddy', [
            'Basics' => ['numbers with units, curves, chances, problems of input', ''],
            'Rules' => ['the rule book: every rule with its basis and source', 'all'],
            'Day' => ['what was said of a day, settled; season, sun, water, schools', 'W'],
            'Reading' => ['what the water says: stage, mood, where fish stand', 'F'],
            'Choice' => ['lures, colors, retrieves, paths, tackle and box; the lineup', 'L C R D K'],
            'Log' => ['what was fished: evidence, next move, weights', 'M'],
            'Where' => ['places ranked, the lake, shade, docks, current, the route', 'S'],
            'Year' => ['what other days teach: the same time, days alike, seasons', 'Y'],
            'Plan' => ['the whole of it: plans laid side by side, cautions', 'cautions'],
            'Troll' => ['a spread behind the boat: speed, depth of each line, tangles, a fish on', 'T'],
            'Contract' => ['readers and writers of JSON, what fired a rule', ''],
            'Boat' => ['instruments', ''],
            'Pictures' => ['slice and ribbon in feet and minutes', ''],
            'Drill' => ['hidden days to practise and to check the advice', ''],
        ]],
        'app' => ['App', [
            'Show' => ['units, words and links, as the angler sees them', ''],
            'Models' => ['what is kept', ''],
            'Policies' => ['who may do what', ''],
            'Boat' => ['a boat heard into a day', ''],
            'Day' => ['the state of the day and its form', ''],
            'Waters' => ['lakes, their files, the day on them', ''],
            'Drill' => ['the hidden day answers', ''],
            'Log' => ['events taken, the deck', ''],
            'Year' => ['looking back: logbook, seasons, box, reports', ''],
            'Archive' => ['all of an angler, out and in', ''],
            'Drawing' => ['feet and metres into points', ''],
            'Jobs' => ['long work', ''],
            'Http' => ['requests', ''],
            'Console' => ['commands', ''],
            'Providers' => ['what the framework is told', ''],
        ]],
    ];

    /** @return list<string> the rooms that a file names */
    public static function arrows(string $file, string $namespace): array
    {
        $code = '';
        foreach (token_get_all((string) file_get_contents($file)) as $token) {
            $code .= is_array($token) && in_array(
                $token[0],
                [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING],
                true,
            ) ? '' : (is_array($token) ? $token[1] : $token);
        }
        preg_match_all('/(?<![\w\\\\])\\\\?'.$namespace.'\\\\([A-Z]\w+)\\\\/', $code, $found);

        return array_values(array_unique($found[1]));
    }

    /** Rooms and arrows of a root as a drawing. */
    public static function drawing(string $root): string
    {
        [$namespace, $rooms] = self::ALL[$root];
        $order = array_flip(array_keys($rooms));
        $weight = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$root}", RecursiveDirectoryIterator::SKIP_DOTS),
        ) as $file) {
            $from = explode('/', substr($file->getPathname(), strlen(dirname(__DIR__, 2)."/{$root}/")))[0];
            foreach (self::arrows($file->getPathname(), $namespace) as $to) {
                if ($to !== $from) {
                    $weight["{$from}>{$to}"] = ($weight["{$from}>{$to}"] ?? 0) + 1;
                }
            }
        }
        ksort($weight);
        [$step, $left] = [44, 320];
        $height = $step * count($rooms) + 20;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 640 %d" font-family="Georgia, serif" font-size="14"><rect width="640" height="%d" fill="#f5f0e4"/><defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerUnits="userSpaceOnUse" markerWidth="8" markerHeight="8" orient="auto"><path d="M0 0 8 4 0 8z" fill="#1b262b"/></marker></defs>',
            $height,
            $height,
        );
        foreach ($rooms as $room => [$holds, $rules]) {
            $y = 20 + $step * $order[$room];
            $svg .= sprintf(
                "\n<rect x=\"8\" y=\"%d\" width=\"%d\" height=\"34\" fill=\"none\" stroke=\"#1b262b\"/><text x=\"16\" y=\"%d\" font-weight=\"bold\">%s/%s</text><text x=\"16\" y=\"%d\" font-size=\"10\">%s</text>",
                $y - 8,
                $left - 8,
                $y + 7,
                $room,
                $rules === '' ? '' : " <tspan font-weight=\"normal\">{$rules}</tspan>",
                $y + 21,
                $holds,
            );
        }
        foreach ($weight as $arrow => $n) {
            [$from, $to] = explode('>', $arrow);
            [$y0, $y1] = [20 + $step * $order[$from] + 5, 20 + $step * $order[$to] + 13];
            $out = $left + 26 + 32 * abs($order[$from] - $order[$to]);
            $svg .= sprintf(
                "\n<path d=\"M%d %d C%d %d %d %d %d %d\" fill=\"none\" stroke=\"#1b262b\" stroke-width=\"%.1f\" marker-end=\"url(#tip)\"><title>%s leans on %s in %d files</title></path>",
                $left,
                $y0,
                $out,
                $y0,
                $out,
                $y1,
                $left + 2,
                $y1,
                min(3.0, 0.5 + $n / 12),
                $from,
                $to,
                $n,
            );
        }

        return $svg."\n</svg>\n";
    }
}
