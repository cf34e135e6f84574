<?php

declare(strict_types=1);

/*
 * What a page costs one device, held against the framework's bare page: request by request in turns, since the machine is not the same
 * from second to second, and by the lower quarter of each, which is the page without what else went on.
 *   php bin/lib/bench-turns.php ORIGIN DAY     COOKIE, BARE_COOKIE, CSRF, TAP_STINT, TAP_GROUND, TAP_AT in the environment
 */

use Ramsey\Uuid\Uuid;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const WARM = 5;
const AIMS = ['days' => 2.3, 'read' => 2.3, 'choose' => 3.0, 'where' => 4.0, 'fish' => 4.0, 'confirm' => 4.0];
const TAP_MS = 15.0;

[, $origin, $day] = $argv;
$turns = (int) (getenv('OLD_EDDY_BENCH_TURNS') ?: 120);

/** @param  list<string>  $more  headers */
function way(string $url, string $cookie, array $more = []): CurlHandle
{
    $way = curl_init($url) ?: throw new RuntimeException("no way to {$url}");
    curl_setopt_array($way, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ["Cookie: {$cookie}", ...$more]]);

    return $way;
}

/** Milliseconds until the answer is whole. */
function asked(CurlHandle $way): float
{
    $from = hrtime(true);
    curl_exec($way);
    $ms = (hrtime(true) - $from) / 1e6;
    $status = curl_getinfo($way, CURLINFO_RESPONSE_CODE);
    if ($status !== 200) {
        fwrite(STDERR, curl_getinfo($way, CURLINFO_EFFECTIVE_URL)." answered {$status}\n");
        exit(1);
    }

    return $ms;
}

function tap(): string
{
    $cast = ['id' => (string) Uuid::uuid4(), 'kind' => 'casts', 'at' => getenv('TAP_AT'), 'stint' => getenv('TAP_STINT'), 'count' => 1];

    return (string) json_encode(['ground' => getenv('TAP_GROUND'), 'slices' => [], 'events' => [$cast]]);
}

/** @param  non-empty-list<float>  $ms */
function quarter(array $ms): float
{
    sort($ms);

    return $ms[intdiv(count($ms), 4)];
}

$bare = way("{$origin}/bare", (string) getenv('BARE_COOKIE'));
$pages = [];
foreach (array_keys(AIMS) as $name) {
    $pages[$name] = way($origin.($name === 'days' ? '/days' : "{$day}/{$name}"), (string) getenv('COOKIE'));
}
$pages['tap'] = way("{$origin}{$day}/log", (string) getenv('COOKIE'), ['X-CSRF-TOKEN: '.getenv('CSRF'), 'Content-Type: application/json', 'Accept: application/json']);

$took = $beside = [];
for ($turn = 0; $turn < WARM + $turns; $turn++) {
    foreach ($pages as $name => $way) {
        if ($name === 'tap') {
            curl_setopt($way, CURLOPT_POSTFIELDS, tap());
        }
        [$floor, $ms] = [asked($bare), asked($way)];
        if ($turn >= WARM) {
            $beside[$name][] = $floor;
            $took[$name][] = $ms;
        }
    }
}
foreach ($took as $name => $all) {
    [$ms, $floor] = [quarter($all), quarter($beside[$name])];
    $held = $name === 'tap' ? sprintf('%.1f ms beyond it (aim: %.0f)', $ms - $floor, TAP_MS) : sprintf('x%.2f (aim: %.1f)', $ms / $floor, AIMS[$name]);
    printf("  %-8s %6.1f ms, the bare page %.1f ms: %s\n", $name, $ms, $floor, $held);
}
