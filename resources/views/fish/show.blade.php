@extends('layouts.page')
@section('title', $trip->drill_seed === null ? 'Fish' : 'Drill')
@section('main-class', 'fish')
@section('content')
    <script type="application/json" id="deck-state">@json($state, JSON_HEX_TAG | JSON_HEX_AMP)</script>
    <div x-data="deck" data-url="{{ route('log', $trip) }}" data-trip="{{ $trip->id }}" data-angler="{{ auth()->id() }}" class="deck">
        <p class="notice afloat" role="status" aria-live="polite" x-show="notice || twice" x-cloak><span x-text="notice"></span> <span x-text="twice"></span></p>
        <p class="notice dispute" role="status" x-show="hasRefused" x-cloak><span x-text="refusedWords"></span> <button type="button" @click="sendRefused">Send again</button> <button type="button"
            @click="forgetRefused">Let go</button></p>
        <template x-for="one in disputes" :key="one.id">
            <p class="notice dispute"><span x-text="one.text"></span> <button type="button" @click="keepKept(one)">Keep <span x-text="one.kept"></span></button> <button type="button"
                @click="takeOther(one)">Take <span x-text="one.other"></span></button></p>
        </template>
        <section class="deck-now" aria-label="In hand">
            <h1><span x-text="title" class="first-up">{{ $trip->name }}</span> <small x-text="place"></small></h1>
            <div class="hand" x-show="hasRod" x-cloak>
                <i :class="swatch" aria-hidden="true"></i>
                <template x-for="one in parts" :key="one.part"><button type="button" :data-part="one.part" :aria-expanded="one.expanded" :disabled="one.fixed" @click="openPart(one.part)"><span
                    class="field-label" x-text="one.label"></span><span x-text="one.words"></span></button></template>
            </div>
            <div class="chips" role="group" :aria-label="partLabel" x-show="partOpen" x-cloak>
                <template x-for="option in partOptions" :key="option.value"><button type="button" data-part-option :aria-pressed="option.pressed" @click="changePart(option.value)"
                    x-text="option.words"></button></template>
            </div>
            <p class="deck-row" x-show="gone" x-cloak><button type="button" class="act" @click="goAlong" data-go-along>The boat went to <span x-text="state ? state.here : ''"></span>: fish there</button></p>
            <p class="muted first-here" x-show="firstHere" x-text="firstHere" x-cloak></p>
            <p x-show="nothingYet" x-cloak>Take a rod in hand to begin<span x-show="state && state.here"> at <span x-text="state ? state.here : ''"></span></span>.@if ($trip->rack->isEmpty()
                && $trip->drill_seed === null) Your rack is empty: these are the rods of today's plan.@endif</p>
        </section>
        <section class="deck-next" aria-label="Next move" :hidden="moveAway" x-cloak>
            <template x-if="move">
                <div class="move">
                    <button type="button" class="quiet away" @click="dismiss">put away</button>
                    <p><b x-text="move.action"></b>. <span x-text="move.text"></span> <a class="rule-tag" :href="move.link">why</a></p>
                    <p class="move-keys" x-show="moveKeys">
                        <button type="button" x-show="move.offer" @click="take(move)" class="act" data-offer><span x-text="move.offer ? move.offer.words : ''"></span></button>
                        <button type="button" x-show="moreMoves" @click="toggleOthers" :aria-expanded="others">or…</button>
                    </p>
                    <p class="muted" x-show="others"><span x-text="move.sure"></span> <span x-text="move.unless"></span></p>
                    <p class="muted" x-text="stale" x-show="stale"></p>
                    <template x-for="other in movesLeft" :key="other.action">
                        <p class="move-other"><b x-text="other.action"></b>. <span x-text="other.text"></span> <a class="rule-tag" :href="other.link">why</a> <button type="button" x-show="other.offer"
                            @click="take(other)"><span x-text="other.offer ? other.offer.words : ''"></span></button></p>
                    </template>
                </div>
            </template>
        </section>
        <section class="deck-card struck" aria-label="A line was struck" :hidden="noneStruck" x-cloak>
            <h2><span x-text="strikeTitle"></span> <b x-text="onFor"></b></h2>
            <p x-text="strikeCard"></p>
            <ul class="aboard" x-show="hands.length"><template x-for="job in hands" :key="job"><li x-text="job"></li></template></ul>
            <p class="deck-row"><template x-for="kind in kinds" :key="kind.value"><button type="button" :data-strike-was="kind.value" @click="strikeWas(kind.value)" x-text="kind.words"></button></template></p>
            <p class="deck-row"><button type="button" class="quiet" @click="noStrike">It was nothing</button></p>
        </section>
        <section class="deck-tow" aria-label="Towed lines" x-show="towing" x-cloak>
            <div x-effect="drawTow()" x-ref="tow" @click="tapTow" class="tow-deck"></div>
            <p class="deck-row"><span :class="speedClass" class="grow" x-text="speedSays" role="status"></span> <button type="button" @click="followSpeed" :aria-pressed="speedPressed">Follow the speed</button>
                <button type="button" @click="toggleTurning" :aria-pressed="turningPressed">Turning</button></p>
            <template x-for="line in towLines" :key="line.key">
                <p class="tow-of"><span><b x-text="line.title"></b> <span class="muted" x-text="line.about"></span> <span class="muted" x-text="line.sum"></span></span>
                    <button type="button" x-show="line.isOut" @click="setLine(line.key)" :data-set="line.key">In</button>
                    <button type="button" class="act" x-show="line.isIn" @click="struck(line.key)" :data-struck="line.key">Strike</button>
                    <button type="button" x-show="line.isIn" @click="liftLine(line.key)" :data-lift="line.key">Out</button></p>
            </template>
            <p class="deck-row"><button type="button" x-show="someOut" @click="setAll" data-set-all>All lines in</button></p>
            <template x-for="one in towSays" :key="one"><p x-text="one"></p></template>
        </section>
        <section class="deck-keys" aria-label="Log" x-show="anyBegun" x-cloak>
            <button type="button" class="cast-key" data-log="casts" @click="cast" x-show="alone"><b data-count="casts" x-text="casts"></b><span x-text="castSays">casts</span></button>
            <div class="cast-keys" x-show="together" x-cloak>
                <template x-for="one in pairs" :key="one.label"><button type="button" class="cast-key" :data-cast-of="one.label" :aria-pressed="one.pressed" @click="castOf(one.name)"><b x-text="one.casts"></b><span
                    x-text="one.words"></span></button></template>
            </div>
            <div class="contact-keys">
                <template x-for="kind in kinds" :key="kind.value">
                    <button type="button" data-log="contact" :data-kind="kind.value" @click="contact(kind.value)"><span x-text="kind.words"></span><b :data-count="kind.value"
                        x-text="kind.count"></b></button>
                </template>
            </div>
        </section>
        <section class="deck-tools" aria-label="Tools" x-show="begun" x-cloak>
            <div class="deck-row">
                <button type="button" @click="hook" :aria-pressed="fishOn">Fish on</button>
                <button type="button" @click="setAfterwards" :aria-expanded="afterwards">Set casts</button>
                <button type="button" class="undo-key" data-log="undo" @click="undo" x-text="undoWords">Undo</button>
            </div>
            <p class="deck-row" x-show="afterwards">
                <button type="button" @click="more(-5)">−5</button><button type="button" @click="more(-1)">−1</button>
                <label class="grow"><span class="field-label">casts here with this</span><input type="number" min="0" max="5000" inputmode="numeric" x-model="castsTyped"></label>
                <button type="button" @click="more(1)">+1</button><button type="button" @click="more(5)">+5</button>
                <button type="button" class="act" @click="keepCasts">Keep</button>
            </p>
            <p class="deck-row">
                <button type="button" @click="toggleClock" :aria-pressed="clock.running" x-text="steadyLabel"></button>
                <button type="button" @click="faster" aria-label="−5 s: a cast more often">−5 s</button><button type="button" @click="slower" aria-label="+5 s: a cast less often">+5 s</button>
                <span class="grow" x-text="clockSays"></span>
            </p>
        </section>
        <section class="deck-card" aria-label="A fish is on" x-show="fishOnCast" x-cloak>
            <h2>Fish on <b x-text="onFor"></b></h2>
            <ul class="hands" x-show="hands.length"><template x-for="job in hands" :key="job"><li x-text="job"></li></template></ul>
            <ul><template x-for="job in jobs" :key="job"><li x-text="job"></li></template></ul>
        </section>
        <section class="deck-card" aria-label="How long is it" x-show="rulerFor" x-cloak>
            <label class="field-label" for="ruler">How long? Slide, then keep; or cast on.</label>
            <input id="ruler" type="range" class="ruler" :min="rulerSpan.from" :max="rulerSpan.to" :step="rulerSpan.step" x-model="ruler">
            <p class="deck-row"><label class="grow"><span class="field-label">{{ $units->sizeWord() }}</span><input type="number" inputmode="decimal" :step="rulerSpan.step" min="1" x-model="ruler"
                data-ruler></label><button type="button" class="act" @click="keepRuler" data-keep-length>Keep this length</button></p>
        </section>
        <section class="deck-card" aria-label="What is it like now" x-show="asked" x-cloak>
            <template x-for="ask in asks" :key="ask.path">
                <div role="group" :aria-label="ask.label"><span class="field-label" x-text="ask.label"></span>
                    <div class="chips">
                        <template x-for="option in ask.options" :key="option.value"><button type="button" data-answer @click="answer(ask.path, option.value)" x-text="option.words"></button></template>
                        <template x-if="ask.unit"><span class="deck-row"><input type="number" inputmode="decimal" :data-asks="ask.path" :aria-label="ask.label"> <span x-text="ask.unit"></span> <button
                            type="button" class="act" @click="answerTyped(ask.path)">Keep</button></span></template>
                    </div>
                </div>
            </template>
            <p class="deck-row"><button type="button" @click="leaveAsks">Not known</button></p>
        </section>
        <p class="notice dispute" x-show="state && state.trace" x-cloak><span x-text="state ? state.trace : ''"></span> <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'D13') }}">why</a></p>
        <section class="deck-detail" aria-label="Contact details" x-show="isOpen" x-cloak>
            <h2 x-text="openTitle"></h2>
            <template x-for="row in openFields" :key="row.field">
                <div role="group" :aria-label="row.label"><span class="field-label" x-text="row.label"></span><div class="chips">
                    <template x-for="option in row.options" :key="option.value"><button type="button" :data-detail="row.field" :aria-pressed="option.pressed" @click="detail(row.field, option.value)"
                        x-text="option.words"></button></template>
                </div></div>
            </template>
            <p class="deck-row"><span class="field-label">length</span><button type="button" @click="shorter" aria-label="− shorter">−</button><b x-text="openLength"
                data-length></b> {{ $units->sizeWord() }} <button type="button" @click="longer" aria-label="+ longer">+</button>
                <span class="field-label">weight</span><button type="button" @click="lighter" aria-label="− lighter">−</button><b x-text="openWeight"></b> {{ $units->weightWord() }} <button
                    type="button" @click="heavier" aria-label="+ heavier">+</button>
                <span class="field-label">depth</span><button type="button" @click="shallower" aria-label="− shallower">−</button><b x-text="openDepth"></b> {{ $units->word('depth') }} <button
                    type="button" @click="deeper" aria-label="+ deeper">+</button></p>
            <p class="deck-row"><span class="field-label">girth</span><button type="button" @click="slimmer" aria-label="− slimmer">−</button><b x-text="openGirth"></b> {{ $units->sizeWord() }} <button
                    type="button" @click="wider" aria-label="+ wider">+</button></p>
            <p class="deck-row"><button type="button" class="act" @click="closeDetail">Done</button><button type="button" @click="removeOpen">Take it out</button></p>
        </section>
        <section class="deck-change" aria-label="Change">
            <h2>Rods</h2>
            <div class="chips">
                <template x-for="rod in rods" :key="rod.key"><button type="button" data-log="stint" :data-rod="rod.key" :aria-pressed="rod.pressed" @click="toRod(rod.key)"><i :class="rod.swatch"
                    aria-hidden="true"></i> <span x-text="rod.words"></span></button></template>
            </div>
            <div x-show="begun" x-cloak>
                <h2>Spot</h2>
                <div class="chips">
                    <template x-for="spot in spots" :key="spot.name"><button type="button" :aria-pressed="spot.pressed" @click="toSpot(spot.name)" x-text="spot.words"></button></template>
                    @if ($trip->drill_seed === null)<button type="button" @click="toggleHere" :aria-expanded="hereOpen" data-here>Here, a new place</button>@endif
                </div>
                @if ($trip->drill_seed === null)
                <div class="deck-card" x-show="hereOpen" x-cloak>
                    <div role="group" aria-label="Structure"><span class="field-label">Structure</span><div class="chips small">
                        @foreach (App\Log\Kinds\StintFields::ofStint()['structure'] as $value)
                            <button type="button" :aria-pressed="isStructure('{{ $value }}')" @click="pickStructure('{{ $value }}')">{{ App\Show\Word::of($value) }}</button>
                        @endforeach
                    </div></div>
                    <div role="group" aria-label="Cover"><span class="field-label">Cover</span><div class="chips small">
                        @foreach (App\Log\Kinds\StintFields::ofStint()['cover'] as $value)
                            <button type="button" :aria-pressed="isCover('{{ $value }}')" @click="pickCover('{{ $value }}')">{{ App\Show\Word::of($value) }}</button>
                        @endforeach
                    </div></div>
                    <p class="deck-row"><label class="grow"><span class="field-label">name, if it has one</span><input x-model="hereName" maxlength="80"></label><button type="button" class="act"
                        @click="makeHere" data-here-make>Fish here</button></p>
                </div>
                @endif
                @foreach (['cover_part' => 'Part of the cover', 'light' => 'Light here'] as $field => $label)
                    <div role="group" aria-label="{{ $label }}"><h2>{{ $label }}</h2><div class="chips">
                        @foreach (App\Log\Kinds\StintFields::ofStint()[$field] as $value)
                            <button type="button" data-said="{{ $field }}" :aria-pressed="isSaid('{{ $field }}', '{{ $value }}')" @click="said('{{ $field }}', '{{ $value }}')">{{ $value }}</button>
                        @endforeach
                    </div></div>
                @endforeach
                @if ($trip->drill_seed === null)
                @unless ($guest)
                <p class="deck-row" aria-label="The knot"><span class="grow muted" x-text="knot"></span><button type="button" @click="retied" data-retied>Tied anew</button><button type="button"
                    @click="lureLost" data-lure-lost>Lure lost</button></p>
                @endunless
                <details><summary>Something turned, or somebody else casts</summary>
                    @unless ($guest)
                    <h2>What the day is for</h2>
                    <div class="chips"><button type="button" @click="toggleBigFish" :aria-pressed="bigFish">One big fish</button><button type="button" @click="togglePractice"
                        :aria-pressed="practice">Practice: one bite is enough</button></div>
                    @endunless
                    <h2>What changed just now</h2>
                    <div class="chips"><template x-for="one in turns" :key="one.value"><button type="button" data-log="turn" @click="turn(one.value)" x-text="one.words"></button></template></div>
                    <h2>Who casts</h2>
                    @unless ($guest)
                    <div class="chips"><template x-for="one in people" :key="one.label"><button type="button" :aria-pressed="one.pressed" @click="who(one.name)" x-text="one.label"></button></template></div>
                    <p class="deck-row"><label class="grow"><span class="field-label">somebody else who casts from this phone</span><input x-model="newAngler" maxlength="40"></label><button type="button"
                        @click="join">Join</button></p>
                    @endunless
                    <p><a href="{{ route('crew', $trip) }}">The crew: others on their own phones, and who did what</a></p>
                </details>
                @endif
            </div>
        </section>
        @if ($trip->drill_seed === null)
        <section class="deck-bag" aria-label="The bag" x-show="bagLines.length" x-cloak>
            <h2>The bag <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'Y7') }}">why</a></h2>
            <ul class="because"><template x-for="one in bagLines" :key="one"><li x-text="one"></li></template></ul>
            @unless ($guest)<p class="deck-row"><label class="grow"><span class="field-label">a weight to beat, {{ $units->weightWord() }}</span><input type="number" inputmode="decimal" min="0" step="0.1"
                x-model="beatTyped" :placeholder="state && state.manner ? state.manner.beat : ''" data-beat></label><button type="button" @click="keepBeat">Note it</button></p>
            <p><a href="{{ route('bag', $trip) }}">Stay, or change for size?</a> <span class="muted">Your own limits, never the law. Fish are let go unless you say that one is kept.</span></p>@endunless
        </section>
        @endif
        <section class="deck-showed" aria-label="Fish that showed" x-show="showed.length" x-cloak>
            <h2>Fish that showed</h2>
            <ul><template x-for="one in showed" :key="one"><li x-text="one"></li></template></ul>
        </section>
        <section class="deck-contacts" aria-label="Contacts" x-show="contacts.length" x-cloak>
            <h2>Contacts <small class="muted">tap for details</small></h2>
            <div class="chips"><template x-for="one in contacts" :key="one.id"><button type="button" data-contact :aria-expanded="one.id === open" @click="show(one.id)"
                x-text="one.words"></button></template></div>
        </section>
        <section class="deck-slice" aria-label="The slice" x-effect="drawSlice()" x-ref="slice"></section>
        <section class="deck-here" aria-label="This place">
            <p><b x-text="reads"></b></p>
            <ul class="because" x-show="says.length" x-cloak><template x-for="one in says" :key="one"><li x-text="one"></li></template></ul>
            @if ($trip->drill_seed === null && ! $guest && $trip->lake_id !== null)
            <div x-show="begun" x-cloak>
                <p class="deck-row"><span class="grow" x-text="lineSays" data-line-says></span><button type="button" @click="holdLine" :aria-pressed="lineHolds" data-line-hold>Hold me to
                    the line</button></p>
                <p class="deck-row"><label class="grow"><span class="field-label">how far it was cast, <span x-text="lineUnit"></span></span><input x-model="lineCast" inputmode="decimal" placeholder="usual"></label><button
                    type="button" @click="keepLine" data-line-keep>Keep the line of this cast</button></p>
            </div>
            <p class="deck-row"><button type="button" @click="markDock" data-dock-mark>A dock here, in passing</button><span class="grow" x-text="dockAsks"></span></p>
            <div class="chips" x-show="dockAt" x-cloak><template x-for="one in dockChoices" :key="one.value"><button type="button" data-dock-choice @click="sayDock(one.value)"
                x-text="one.words"></button></template><button type="button" class="quiet" @click="letDockGo">Let it go</button></div>
            @endif
        </section>
        <section class="deck-ribbon" aria-label="The day" x-effect="drawRibbon()" x-ref="ribbon"></section>
        <section class="deck-sums">
            <p class="deck-sum" x-text="sum"></p>
            <p class="muted"><span data-queue x-text="inStep"></span>. <span x-text="state ? state.past : ''"></span></p>
            @if ($guest)
                <p class="deck-water">Water as known: <span x-text="state ? state.water : ''"></span>.</p>
                <p class="deck-row"><button type="button" @click="togglePosition" :aria-pressed="positionPressed" x-text="positionWords"></button><button type="button" @click="toggleAwake"
                    :aria-pressed="awakePressed" x-text="awakeWords"></button></p>
            @elseif ($trip->drill_seed === null)
                <p class="deck-water">Water as known: <span x-text="state ? state.water : ''"></span>. <a href="{{ route('read', $trip) }}">Changed? Say so.</a> <a class="rule-tag"
                    href="{{ App\Show\RuleLink::to($trip, 'W19') }}">why</a></p>
                <p class="deck-row"><button type="button" @click="togglePosition" :aria-pressed="positionPressed" x-text="positionWords"></button><button type="button" @click="toggleAwake"
                    :aria-pressed="awakePressed" x-text="awakeWords"></button></p>
            @else
                <p><a class="act" href="{{ route('drill.end', $trip) }}">End the drill and see the water's secret</a></p>
            @endif
            <p><button type="button" @click="toggleHelp" :aria-expanded="help">Keys (?)</button></p>
            <dl class="keys" x-show="help" x-cloak>
                @foreach (['c' => 'a cast', 'f' => 'caught', 'l' => 'lost', 'm' => 'missed', 'b' => 'bump', 'o' => 'boil', 'w' => 'follow', 'h' => 'fish on', 'd' => 'details of the last contact',
                    'n' => 'do the next move', 't' => 'start or stop the cast clock', 'u' => 'undo', '?' => 'this list'] as $key => $does)
                    <div><dt><kbd>{{ $key }}</kbd></dt><dd>{{ $does }}</dd></div>
                @endforeach
            </dl>
        </section>
    </div>
@endsection
