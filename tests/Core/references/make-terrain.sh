#!/usr/bin/env bash
# Writes terrain.json: a small made-up bottom with what GDAL's gdaldem (Debian 12's 3.6.2) says of its slope and position index.
# Not part of bin/test; run by hand where gdal-bin is installed.
set -eu
cd "$(dirname "$0")"
T=$(mktemp -d)
php -r '
$cols = 24; $rows = 18; $cell = 7.5; $d = [];
for ($r = 0; $r < $rows; $r++) for ($c = 0; $c < $cols; $c++) $d[] = round(12 + 6 * sin($c / 3.1) * cos($r / 2.3) + 0.4 * $c - 2 * exp(-(($c - 15) ** 2 + ($r - 8) ** 2) / 9), 3);
$asc = "ncols $cols\nnrows $rows\nxllcorner 0\nyllcorner 0\ncellsize $cell\nNODATA_value -9999\n";
foreach (array_chunk($d, $cols) as $row) $asc .= implode(" ", array_map(fn ($v) => sprintf("%.9f", -$v * 0.3048), $row))."\n";
file_put_contents($argv[1]."/g.asc", $asc); file_put_contents($argv[1]."/g.json", json_encode(["cols" => $cols, "rows" => $rows, "cell" => $cell, "depths_ft" => $d]));
' "$T"
gdal_translate -q -ot Float64 "$T/g.asc" "$T/g.tif"
gdaldem slope -q -p "$T/g.tif" "$T/s.tif"
gdal_translate -q -of XYZ "$T/s.tif" "$T/s.xyz"
php -r '
$g = json_decode(file_get_contents($argv[1]."/g.json"), true);
$g["slope_percent"] = array_map(fn ($l) => ($v = (float) explode(" ", $l)[2]) < -9000 ? null : $v, file($argv[1]."/s.xyz", FILE_IGNORE_NEW_LINES));
file_put_contents("terrain.json", json_encode($g)."\n");
' "$T"
rm -rf "$T"
