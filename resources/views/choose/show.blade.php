@extends('layouts.page')
@section('title', 'Choose')
@section('main-class', 'choose')
@section('content')
    @php($setup = $chosen->setup())
    @php($asItIs = route('choose', $trip))
    @php($as = route('choose', ['trip' => $trip, 'if' => '']))
    @php($one = route('choose', ['trip' => $trip, 'if' => $thrown, 'lure' => '']))
    @if ($thrown !== null)
        <p class="said" role="status">As if: {{ $units->say($switches[$thrown]) }}. The day itself is as it was. <a href="{{ $asItIs }}">Back to the day</a></p>
    @endif
    <section aria-label="Worth a rod first">
        <div class="rack-head">
            <h1>Three lures worth a rod</h1>
            @if ($rack->isNotEmpty())<a class="act" href="{{ route('fish', $trip) }}">Fish with these</a>@endif
        </div>
        <ol class="worth-first">
            @foreach ($first as $entry)@include('choose.card')@endforeach
        </ol>
    </section>
    @if ($trolled)<p><a class="act" href="{{ route('troll', $trip) }}">The spread</a> which lines to tow, how deep each runs, what a turn does to them</p>@endif
    @include('partials.hours')
    <section class="rack-row" aria-label="The rack">
        <div class="rack-head">
            <h2>The rack</h2>
            @if ($plan->nextIfRefused)
                <p>If refused, 10 to 20 casts each: {{ implode(' → ', array_map(fn ($k) => str_replace('_', ' ', $k), $plan->nextIfRefused)) }}. <a class="rule-tag"
                    href="{{ App\Show\RuleLink::to($trip ?? null, 'M8') }}">because M8</a></p>
            @endif
        </div>
        <ol class="rack">
            @foreach ($plan->rods as $rod)
                @continue(in_array($rod, $first, true))
                @php($onRack = isset($rigged[OldEddy\Log\Next\Presentation::key($rod->lure->key, $rod->colors()[0]->family->value)]))
                <li @class(['rod', 'on' => $onRack])>
                    <span class="rod-role">{{ $rod->lure->role->value }}</span>
                    <a class="rod-lure" href="{{ $one }}{{ $rod->lure->key }}">{{ $rod->lure->name() }}</a>
                    <span class="rod-color"><i class="swatch swatch-{{ $rod->colors()[0]->family->value }}" aria-hidden="true"></i>{{ App\Show\Word::of($rod->colors()[0]->family->value) }}</span>
                    <span class="rod-how">{{ $units->depth($rod->setup()->depthFt) }} · {{ $rod->setup()->cadence->name() }}</span>
                    @if ($thrown === null)@include('choose.rig', ['lure' => $rod->lure, 'on' => $onRack, 'color' => $rod->colors()[0]->family->value, 'setup' => $rod->setup()])@endif
                </li>
            @endforeach
            @foreach (array_diff_key($rigged, $planned) as $slot)
                <li class="rod on">
                    <span class="rod-role">your own choice</span>
                    <a class="rod-lure" href="{{ route('choose', ['trip' => $trip, 'lure' => $slot->lure]) }}">{{ str_replace('_', ' ', $slot->lure) }}</a>
                    <span class="rod-color"><i class="swatch swatch-{{ $slot->color }}" aria-hidden="true"></i>{{ str_replace('_', ' ', $slot->color) }}</span>
                    <span class="rod-how">{{ $units->depth($slot->depth_ft) }} · {{ str_replace('_', ' ', $slot->retrieve) }}</span>
                    @include('choose.rig', ['lure' => OldEddy\Choice\Lures\Catalog::get($slot->lure), 'on' => true, 'color' => $slot->color, 'setup' => null])
                </li>
            @endforeach
        </ol>
    </section>
    @include('partials.before')
    <div class="choose-two">
        <section class="lineup" aria-label="The lineup">
            <h2>What would change it?</h2>
            <p class="muted">Try one; the day stays as it is.</p>
            <ul class="switches">
                @foreach ($switches as $switch => $words)
                    <li><a href="{{ $thrown === $switch ? $asItIs : $as.$switch }}" @if ($thrown === $switch) aria-current="true" @endif>{{ ucfirst($units->say($words)) }}</a>
                        <span class="muted">{{ isset($flips[$switch]) ? App\Show\Word::of($flips[$switch]).' first' : 'the same first' }}</span></li>
                @endforeach
            </ul>
            <details class="whole-lineup" @if (! in_array($chosen, $first, true)) open @endif>
            <summary>The whole lineup ({{ count($plan->lineup) }})</summary>
            <ol>
                @foreach ($plan->lineup as $entry)
                    <li @class(['line', 'current' => $entry === $chosen, 'on' => isset($carried[$entry->lure->key])])>
                        <a href="{{ $one }}{{ $entry->lure->key }}" @if ($entry === $chosen) aria-current="true" @endif>
                            <span class="line-name">{{ $entry->lure->name() }}</span>
                            <span class="line-role">{{ $entry->lure->role->value }}</span>
                            <span class="line-bar" aria-hidden="true"><i style="width: {{ round(100 * $entry->score) }}%"></i></span>
                            <span class="line-fit">{{ number_format($entry->score, 2) }}</span>
                        </a>
                    </li>
                @endforeach
            </ol>
            </details>
            <p>Two in the boat: one throws the {{ $split[0]->lure->name() }}, the other the {{ $split[1]->lure->name() }}, until one wins. <a class="rule-tag"
                href="{{ App\Show\RuleLink::to($trip ?? null, 'M4') }}">because M4</a></p>
            <p><a href="{{ route('bench', $trip) }}">All families on the lure bench</a> · <a href="{{ route('schools', $trip) }}">What each school would do</a>
                @unless ($trolled) · <a href="{{ route('troll', $trip) }}">If you trolled: the spread</a>@endunless</p>
            <details class="ruled-out">
                <summary>Why not the others ({{ count($plan->ruledOut) }})</summary>
                @include('partials.because', ['reasons' => array_map(
                    fn ($out) => [OldEddy\Basics\Said::joined(ucfirst(str_replace('_', ' ', $out->lure)).': ', OldEddy\Basics\Said::small($out->why)), $out->ruleId, null], $plan->ruledOut,
                )])
            </details>
        </section>
        <section class="chosen" aria-label="{{ $chosen->lure->name() }}">
            <h2>{{ ucfirst($chosen->lure->name()) }}</h2>
            <form method="get" class="beside-form" action="{{ $asItIs }}">
                <input type="hidden" name="lure" value="{{ $chosen->lure->key }}">@if ($thrown)<input type="hidden" name="if" value="{{ $thrown }}">@endif
                <label for="beside">beside it</label>
                <select id="beside" name="beside">
                    <option value="">nothing</option>
                    @foreach ($plan->lineup as $entry)@unless ($entry === $chosen)<option value="{{ $entry->lure->key }}" @selected($entry === $beside)>{{ $entry->lure->name() }}</option>@endunless
                    @endforeach
                </select>
                <button type="submit">Compare</button>
            </form>
            @include('choose.cast', ['knobs' => App\Show\CastKnobs::of($setup, $units)])
            <p class="cadence">{{ $units->say($setup->cadence->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
                $setup->cadence->ruleId) }}">because {{ $setup->cadence->ruleId }}</a></p>
            @include('choose.strip')
            <dl class="figures">
                <div><dt>color</dt><dd>@foreach ($chosen->colors() as $color)<span class="color-choice"><i class="swatch swatch-{{ $color->family->value }}"
                    aria-hidden="true"></i>{{ App\Show\Word::of($color->family->value) }} <small>such as {{ $color->name }}. {{ $color->why }} <a class="rule-tag"
                    href="{{ App\Show\RuleLink::to($trip ?? null, $color->ruleId) }}">because {{ $color->ruleId }}</a></small></span>@endforeach</dd></div>
                <div><dt>depth</dt><dd>{{ $units->depth($setup->depthFt) }}@if ($setup->ratedFt), a model rated {{ $units->depth($setup->ratedFt) }}@endif @if ($setup->countdownSeconds()), count to {{ max(1,
                    (int) round($setup->countdownSeconds())) }}@endif</dd></div>
                <div><dt>rigged</dt>
                    <dd>{{ $units->weight($setup->spec->weightOz) }}, {{ $units->size($setup->spec->lengthIn) }}, {{ $units->say($setup->spec->hook) }}@if ($setup->spec->trailer), {{ $setup->spec->trailer }}@endif
                    @if ($setup->spec->blades), {{ $setup->spec->blades }}@endif @if ($setup->spec->rattle), rattle @endif</dd></div>
                <div><dt>cast</dt><dd>{{ $setup->castKind }}, {{ $units->depth($setup->cast->lengthFt) }}</dd></div>
                <div><dt>speed</dt><dd>{{ $units->pace($setup->cadence->speedFtS) }}@if ($setup->cadence->pauseS), pause {{ App\Show\Units::seconds($setup->cadence->pauseS) }}@endif</dd></div>
                <div><dt>seen</dt><dd>from {{ $units->depth($chosen->seenFromFt()) }}, as a {{ $chosen->seenAs() }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
                    'W8') }}">because W8</a></dd></div>
                <div><dt>line</dt><dd>{{ $units->say($chosen->line()) }}</dd></div>
                <div><dt>rod</dt><dd>{{ $chosen->rod() }}</dd></div>
            </dl>
            @if ($thrown === null)
            <div class="rig-colors">
                @foreach ($chosen->colors() as $color)
                    <div><i class="swatch swatch-{{ $color->family->value }}" aria-hidden="true"></i> {{ App\Show\Word::of($color->family->value) }} @include('choose.rig', ['lure' => $chosen->lure,
                        'on' => isset($rigged[OldEddy\Log\Next\Presentation::key($chosen->lure->key, $color->family->value)]), 'color' => $color->family->value])</div>
                @endforeach
            </div>
            @endif
            <h3>Because</h3>
            <table class="parts">
                @foreach ($chosen->effects() as $effect)
                    <tr><td>{{ $units->say($effect->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
                        $effect->ruleId) }}">because {{ $effect->ruleId }}</a>@if ($effect->school) <span class="school">school {{ $effect->school }}</span>@endif</td><td
                        class="num">× {{ number_format($effect->effect, 2) }}</td></tr>
                @endforeach
                <tr><th scope="row">fit</th><td class="num">{{ number_format($chosen->score, 2) }}</td></tr>
            </table>
            @if ($handling = OldEddy\Choice\Lineup\Handling::of($chosen->lure, $plan->reading))
                <h3>In hand</h3>
                @include('partials.because', ['reasons' => array_map(fn ($id, $text) => [$text, $id, null], array_keys($handling), $handling)])
            @endif
            @if ($plan->cautions)
                <h3>Mind</h3>
                <ul class="cautions">@foreach ($plan->cautions as $caution)<li>{{ $units->say($caution->text) }}</li>@endforeach</ul>
            @endif
        </section>
    </div>
@endsection
