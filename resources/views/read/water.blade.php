{{-- The water drawn by hand: the picture, its handles over it, the seasons beside it. Whether today's level can be set: $level; the picture where it
    is drawn already: $picture. --}}
@php($lost = $handles['water.visibility_ft'])
<div class="read-picture">
    <div class="read-water">
        <div id="picture">@isset($picture){!! $picture !!} @else @include('read.picture') @endisset</div>
        <div class="handles" role="group" aria-label="The water, by hand">
            <span class="lure-line" data-line="water.visibility_ft" aria-hidden="true" style="left: {{ $lost['left'] }}%; top: {{ $lost['zero'] }}%; height: {{ $lost['per'] * $lost['value'] }}%"></span>
            @include('read.handle', ['path' => 'water.visibility_ft', 'class' => 'lost', 'says' => 'seen to'])
            @include('read.handle', ['path' => 'spot.deep_ft', 'class' => 'bed', 'says' => 'deep'])
            @include('read.handle', ['path' => 'spot.shallow_ft', 'class' => 'bed', 'says' => 'shallow'])
            @if ($level)@include('read.handle', ['path' => 'water.level_ft', 'class' => 'level', 'says' => 'level'])@endif
        </div>
    </div>
    <div class="read-season" role="group" aria-label="Temperature and season">
        <div id="season">@include('read.season')</div>
        @include('read.handle', ['path' => 'water.temp_f', 'class' => 'mercury', 'says' => ''])
    </div>
</div>
