{{-- The dock in plan: the bank at the left, open water at the right; every cast numbered in its order. --}}
@php($dock = $chosen->dock)
@php($marks = $chosen->marks())
@php($shade = $chosen->dockShade())
@php($boat = $chosen->boat())
@php($draw = new App\Drawing\DockDrawing($dock, $shade))
<h3>The dock</h3>
<svg viewBox="0 0 {{ App\Drawing\DockDrawing::WIDTH }} {{ App\Drawing\DockDrawing::HEIGHT }}" class="dock-plan" role="img"
    aria-label="Casts at the dock in their order, the shade it throws and where the boat lies">
    <defs><pattern id="dock-hatch" width="5" height="5" patternUnits="userSpaceOnUse"><path d="M0 5 L5 0" class="ribbon-hatch"/></pattern></defs>
    <path d="M0 10 H34 V230 H0" class="dock-bank"/><text x="-150" y="22" transform="rotate(-90)">bank</text>
    @if ($draw->shade())<path d="{{ $draw->deck() }}" transform="{{ $draw->shade() }}" class="dock-shade"/>@endif
    <path d="{{ $draw->deck() }}" class="dock-deck"/>
    <text x="{{ $draw->inside()[0] }}" y="{{ $draw->inside()[1] }}" text-anchor="middle">{{ $units->depth($dock->insideFt) }} inside</text><text x="{{ $draw->outside()[0] }}"
        y="{{ $draw->outside()[1] }}" text-anchor="middle">{{ $units->depth($dock->outsideFt) }} outside</text>
    @if ($shade)
        @php([$sx, $sy] = $draw->sun())
        <g transform="translate(560 46)"><path d="M{{ round(-$sx / 2, 1) }} {{ round(-$sy / 2, 1) }} L{{ round($sx / 2, 1) }} {{ round($sy / 2, 1) }}" class="dock-sun"/><circle cx="{{ round(-$sx / 2,
            1) }}" cy="{{ round(-$sy / 2, 1) }}" r="7" class="dock-sun"/><text y="40" text-anchor="middle">sun {{ round($chosen->day->sunElevationDeg) }}° high</text></g>
    @endif
    @foreach ($marks as $i => $mark)
        @php([$x, $y] = $draw->mark($mark))
        <g transform="translate({{ $x }} {{ $y }})" class="dock-mark {{ $mark->suspended ? 'suspended' : '' }}"><circle r="12"/><text y="5" text-anchor="middle">{{ $i + 1 }}</text></g>
    @endforeach
    @php([$bx, $by] = $draw->boat($boat))
    <g transform="translate({{ $bx }} {{ $by }})" class="dock-boat"><path d="M14 0 Q6 -8 -12 -7 V7 Q6 8 14 0 Z" transform="rotate(200)"/><text x="-16" y="22">boat</text></g>
</svg>
<p class="muted">Not to scale. A dashed ring: suspended. Hatched: the shade of the deck now.</p>
<p>{{ $units->say($boat->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S18') }}">because S18</a></p>
<ol class="moves">
    @foreach ($marks as $mark)
        <li><b>{{ ucfirst($mark->part->words()) }}.</b> {{ $units->say($mark->text) }} <span class="muted">{{ implode(', ', array_map(App\Show\Word::of(...), array_slice($mark->lures, 0,
            3))) }}</span> @foreach ($mark->ruleIds as $id)<a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, $id) }}">because {{ $id }}</a> @endforeach</li>
    @endforeach
</ol>
@php($row = $chosen->row())
@php($like = $chosen->docksLikeIt())
@if (count($row) > 1)
    <h3>The row of docks</h3>
    <ol class="because">@foreach ($row as $one)<li><b>{{ $one['dock']->name }}</b> <span class="muted">{{ $units->band($one['dock']->insideFt,
        $one['dock']->outsideFt) }}; {{ rtrim($units->say($one['why']), '.') }}</span></li>@endforeach</ol>
    <p>@if ($like)Same depth inside and outside: {{ implode(', ', array_map(fn ($d) => $d->name, $like)) }}.@else No other dock here has the same depth inside and outside.@endif <a class="rule-tag"
        href="{{ App\Show\RuleLink::to($trip, 'S16') }}">because S16</a> <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S17') }}">because S17</a></p>
@endif
