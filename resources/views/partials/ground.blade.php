{{-- The bottom's material, each with a stroke of its own. --}}
@php($strokes = [
    'rock' => [18, 12, 'M1 11l3-7 6-2 5 5 1 5M10 2l2 6'], 'gravel' => [12, 9, 'M2 3a2 1.4 0 1 0 4 0a2 1.4 0 1 0-4 0M7 7a1.6 1.1 0 1 0 3.2 0a1.6 1.1 0 1 0-3.2 0'],
    'sand' => [9, 7, 'M1 2h.9M5 5h.9M8 1h.9M3 6h.9'], 'clay' => [16, 7, 'M1 2h7M9 5.500h6'], 'mud' => [18, 8, 'M0 3q4.5 3 9 0t9 0M4 7q3 1.500 6 0'],
    'hard' => [8, 8, 'M0 8l8-8M0 4l4-4M4 8l4-4'], 'unknown' => [9, 9, 'M0 9l9-9'],
][$bottom])
<pattern id="{{ $key }}-ground" width="{{ $strokes[0] }}" height="{{ $strokes[1] }}" patternUnits="userSpaceOnUse"><path d="{{ $strokes[2] }}" class="material"/></pattern>
