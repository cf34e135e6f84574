{{-- The fit of a spot by the hour, a stroke an hour, against its own best. --}}
@php($top = max(array_intersect_key($fits, array_flip($hours))))
<svg viewBox="0 0 {{ 4 * count($hours) }} 16" class="hour-strokes" aria-hidden="true">@foreach ($hours as $i => $hour)<path d="M{{ 4 * $i + 2 }} 16 v{{ -round(15 * $fits[$hour] / $top, 1) }}"
    @class(['now' => $hour === intdiv($minute, 60)])/>@endforeach</svg>
