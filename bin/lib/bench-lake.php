<?php

// The lake's figures: bottom and features of 1000 × 1000 cells, and a route of 40 spots. Writes the grid for GDAL where a path is given.

declare(strict_types=1);

use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\FeatureFinder;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Sketch\Kind;
use OldEddy\Where\Sketch\Sketch;
use OldEddy\Where\Sketch\SketchGrid;
use OldEddy\Where\Sketch\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';

$side = 1000;
$depths = [];
for ($row = 0; $row < $side; $row++) {
    for ($col = 0; $col < $side; $col++) {
        $depths[] = 12 + 9 * sin($col / 37) * cos($row / 23) + 3 * sin(($col + $row) / 11);
    }
}
$grid = new DepthGrid(37, -80, 5, $side, $side, $depths);
unset($depths);
if (isset($argv[1])) {
    $file = fopen($argv[1], 'wb');
    fwrite($file, "ncols {$side}\nnrows {$side}\nxllcorner 0\nyllcorner 0\ncellsize 5\nNODATA_value -9999\n");
    foreach (array_chunk($grid->depthsFt, $side) as $line) {
        fwrite($file, implode(' ', array_map(static fn (?float $d): string => sprintf('%.5f', -($d ?? 0.0) * 0.3048), $line))."\n");
    }
}
$told = static function (string $what, callable $do): mixed {
    $start = hrtime(true);
    $made = $do();
    printf("  %-44s %6.2f s\n", $what, (hrtime(true) - $start) / 1e9);

    return $made;
};
$told('bottom made ready, 1000 × 1000 cells', static fn (): Ground => Ground::of($grid));
$found = $told('features, 1000 × 1000 cells', static fn (): array => FeatureFinder::find($grid));
printf("  %d features; peak memory %.0f MB (aim: 512)\n", count($found), memory_get_peak_usage() / 2 ** 20);
$luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', 'bench', true)));
foreach ([6, 10] as $hours) {
    $at = array_map(static fn (): array => [$luck->getInt(0, 100), $luck->getInt(0, 100)], range(0, 41));
    $stops = array_map(
        static fn (int $i): Stop => new Stop("{$i}", array_map(static fn (int $h): float => 0.5 + exp(-(($h - $i % 13 - 6) ** 2) / 8), range(0, 23)), 12),
        range(0, 39),
    );
    $problem = new RouteTask(
        $stops,
        array_map(static fn (array $a): array => array_map(static fn (array $b): float => 0.25 * hypot($a[0] - $b[0], $a[1] - $b[1]), $at), $at),
        360,
        360 + 60 * $hours,
    );
    $order = $told("route of 40 spots in {$hours} h", static fn (): array => Router::solve($problem));
    printf("    %d of them chosen\n", count($order));
}

// A water drawn on a sheet, and the same depths as points for GDAL where a path is given.
$ring = $depths = [];
for ($i = 0; $i < 200; $i++) {
    $ring[] = [400 * cos(2 * M_PI * $i / 200) * (1 + 0.2 * sin(6 * M_PI * $i / 200)), 300 * sin(2 * M_PI * $i / 200)];
}
$things = [new Thing(Kind::Shore, $ring)];
for ($i = 0; $i < 600; $i++) {
    $depths[] = [$luck->getInt(-300, 300), $luck->getInt(-200, 200), $luck->getInt(3, 25)];
    $things[] = new Thing(Kind::Depth, [[$depths[$i][0], $depths[$i][1]]], $depths[$i][2]);
}
$drawn = $told('a sheet of 600 depths made a bottom', static fn (): ?DepthGrid => SketchGrid::of(new Sketch(new Position(37, -80), $things, 200)));
printf("    %d × %d cells\n", $drawn->cols, $drawn->rows);
if (isset($argv[1])) {
    file_put_contents("{$argv[1]}.csv", "x,y,z\n".implode('', array_map(static fn (array $d): string => "{$d[0]},{$d[1]},{$d[2]}\n", $depths)));
    file_put_contents("{$argv[1]}.size", "{$drawn->cols} {$drawn->rows}");
}
