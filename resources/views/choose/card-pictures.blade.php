@php($strip = OldEddy\Pictures\Slice\Strip::of($entry->setup()))
@php($x = App\Drawing\Scale::ofSeconds($strip->seconds, 280))
@php($y = App\Drawing\Scale::ofStripDepth($strip->topFt, $strip->deepFt))
@include('partials.slice', ['scene' => OldEddy\Pictures\Slice\Scene::ofSetup($entry->setup(), true), 'key' => "card-{$entry->lure->key}", 'small' => true])
<svg viewBox="0 0 280 66" class="strip-small" role="img" aria-label="The retrieve over {{ round($strip->seconds) }} seconds: {{ $entry->setup()->cadence->name() }}"><polyline
    points="{{ implode(' ', array_map(fn ($p) => $x->at($p[0]).','.$y->at($p[1]), $strip->points)) }}" class="strip-line"/></svg>
