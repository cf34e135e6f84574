{{-- The row of jigs and spoons: what is in the box, hung into the water by the depth tiers it fishes; in outline where no model is rated for one. --}}
@php($hung = new App\Drawing\BoxDrawing($box))
@php($foot = $hung::TIER * 5)
<figure class="hung" tabindex="0">
<svg viewBox="0 0 {{ $hung->width() }} {{ $hung::height() }}" width="{{ $hung->width() }}" role="group" aria-label="The box by depth">
    @foreach ($hung::tiers() as [$tier, $y])
        @php([$from, $to] = $tier->spanFt())
        <line x1="0" x2="{{ $hung->width() }}" y1="{{ $y + $hung::TIER / 2 }}" y2="{{ $y + $hung::TIER / 2 }}" @class(['calendar-line' => $tier !== OldEddy\Choice\Tackle\Tier::Surface,
            'hung-surface' => $tier === OldEddy\Choice\Tackle\Tier::Surface])/>
        <text x="4" y="{{ $y }}">{{ $tier->value }}</text><text x="4" y="{{ $y + 14 }}" class="of">{{ $tier === OldEddy\Choice\Tackle\Tier::Surface ? 'on top' : (is_finite($to) ?
            $units->band($from, $to) : 'over '.$units->depth($from)) }}</text>
    @endforeach
    @foreach ($hung->families as $lure => $one)
        @php($x = $hung::x($loop->index))
        <g><title>{{ App\Show\Word::of($lure) }}: {{ $one['number'] }}{{ $one['gaps'] ? ', in outline where none is rated for it' : '' }}</title>
        <line x1="{{ $x }}" x2="{{ $x }}" y1="{{ $hung::at(min([...$one['tiers'], ...$one['gaps']])) }}" y2="{{ $hung::at(max([...$one['tiers'], ...$one['gaps']])) }}" class="calendar-line"/>
        @foreach ($one['tiers'] as $tier)<svg x="{{ $x - 20 }}" y="{{ $hung::at($tier) - 10 }}" width="40" height="20" viewBox="0 0 40 20" class="hung-lure"><use href="/lures.svg#{{ $lure
            }}"/></svg>@endforeach
        @foreach ($one['gaps'] as $tier)<svg x="{{ $x - 20 }}" y="{{ $hung::at($tier) - 10 }}" width="40" height="20" viewBox="0 0 40 20" class="hung-gap"><use href="/lures.svg#{{ $lure
            }}"/></svg>@endforeach
        @foreach (array_slice($one['colors'], 0, 4) as $color)<foreignObject x="{{ $x - 19 + 10 * $loop->index }}" y="{{ $foot + 5 }}" width="10" height="12"><i class="swatch swatch-{{ $color
            }}" title="{{ App\Show\Word::of($color) }}"></i></foreignObject>@endforeach
        <text transform="translate({{ $x - 4 }} {{ $foot + 28 }}) rotate(52)">{{ App\Show\Word::of($lure) }} <tspan font-weight="700">{{ $one['number'] }}</tspan></text></g>
    @endforeach
</svg>
<figcaption>Each line a family, at the depths it fishes; in outline: it could go there, and none of yours is rated for it.</figcaption>
</figure>
