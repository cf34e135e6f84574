@extends('layouts.page')
@section('title', 'Draw '.$lake->name)
@section('main-class', 'where')
@section('content')
    <div class="rack-head"><h1>Draw {{ $lake->name }}</h1><a href="{{ route('lake', $lake) }}">{{ $lake->name }}</a></div>
    @php($ft = $sheet['unit'])
    <div class="sketch" data-sketch data-url="{{ route('sketch.keep', $lake) }}" data-picture="{{ route('sketch.lay', $lake) }}">
        <script type="application/json">{!! Illuminate\Support\Js::encode($sheet) !!}</script>
        <div class="sketch-sheet">
            <svg tabindex="0" role="application" aria-label="The sheet, north up. Arrow keys move the cross, Enter sets a point, C ends a line, Backspace takes a point back, plus and minus zoom.">
                <defs><pattern id="sketch-unknown" width="9" height="9" patternUnits="userSpaceOnUse"><path d="M0 9 9 0" class="sketch-hatch"/></pattern></defs>
                <image data-picture class="sketch-picture" preserveAspectRatio="none"/>
                <g data-known></g><g data-things></g><g data-line></g><circle data-part="me" r="0" class="sketch-me"/><path data-cross class="sketch-cross"/>
            </svg>
            <div class="sketch-bar" aria-hidden="true"><i data-part="bar"></i><span data-part="bar-said"></span></div>
            <span class="sketch-north" aria-hidden="true">N ↑</span>
            <div class="sketch-zoom"><button type="button" data-do="closer" aria-label="+ closer">+</button><button type="button" data-do="farther" aria-label="− farther">−</button><button type="button"
                data-do="all" aria-label="All of it">all</button></div>
        </div>
        <form novalidate>
            <div class="deck-row sketch-does">
                <button type="button" data-do="end" data-part="end">End the line</button><button type="button" data-do="takeBack" data-part="back">Last point back</button>
                <button type="button" data-do="undo" data-part="undo">Undo</button><button type="button" data-do="redo" data-part="redo">Redo</button>
                <button type="submit" class="act" data-part="keep">Keep this water</button>
            </div>
            <p data-part="said" role="status" class="sketch-said"></p>
            <p data-part="errors" class="trouble" role="alert" hidden></p>
            <p data-part="lake" hidden><a href="{{ route('lake', $lake) }}">See it as the water plan</a></p>
            <fieldset><legend>What you draw</legend><div class="segments">
                @foreach (App\Waters\SheetOfSketch::TOOLS as $key => $words)<label><input type="radio" name="tool" value="{{ $key }}"
                    @checked($key === 'shore')><span>{{ $words }}</span></label>@endforeach
            </div></fieldset>
            <div class="entry-form sketch-says">
                <label class="says-ft"><span class="field-label"><span data-part="ft-label">How deep</span>, {{ $ft }}</span><input name="ft" inputmode="decimal" autocomplete="off"></label>
                <label class="says-name"><span class="field-label">Name</span><input name="called" maxlength="80" autocomplete="off"></label>
                @foreach (['structure' => 'structures', 'cover' => 'covers'] as $field => $of)<label class="says-spot"><span class="field-label">{{ ucfirst($field) }}</span><select
                    name="{{ $field }}"><option value="">not said</option>@foreach ($sheet[$of] as $one)<option value="{{ $one['key'] }}">{{ $one['words'] }}</option>@endforeach</select></label>@endforeach
            </div>
            <p class="muted">Only what you set is known: a depth counts <b data-part="reach-said"></b> around, the rest stays unknown. <a class="rule-tag" href="{{ route('rule', 'S31') }}">because S31</a></p>
            <label><span class="field-label">How far a depth counts</span><input type="range" name="reach" min="{{ $sheet['reach'][0] }}" max="{{ $sheet['reach'][1] }}" step="10"></label>
            <details><summary>By walking or idling along it</summary>
                <p class="muted">The line follows this phone while the page is open. Its position goes nowhere but onto this sheet.</p>
                <div class="beside"><button type="button" data-do="walkOn" data-part="walk" aria-pressed="false">Draw as I go</button><button type="button" data-do="setHere">Set it where I am</button></div>
            </details>
            <details><summary>A picture or a paper map below</summary>
                <p class="muted">From this device into your account, and nowhere else.</p>
                <label><span class="field-label">Picture</span><input type="file" name="picture" accept="image/*"></label>
                <div data-part="picture-tools" hidden>
                    <label><span class="field-label">Two places on it are apart, {{ $ft }}</span><input name="apart" inputmode="decimal"></label>
                    <label><span class="field-label">Turned, degrees</span><input type="range" name="turn" min="-180" max="180" step="0.5"></label>
                    <div class="beside"><button type="button" data-do="scalePicture">Set its scale</button><button type="button" class="quiet" data-do="takePicture">Take it away</button></div>
                </div>
            </details>
            <details><summary>Where it lies</summary>
                <p class="muted">For the sun, and for your phone’s position. The middle of the sheet, in degrees.</p>
                <div class="entry-form"><label><span class="field-label">north</span><input name="lat" inputmode="decimal"></label><label><span class="field-label">east</span><input name="lon"
                    inputmode="decimal"></label><button type="button" data-do="herePlace">Where I am</button></div>
            </details>
            <details><summary>All that is drawn (<span data-part="count">0</span>)</summary><ul data-part="list" class="sketch-list"></ul></details>
            <p><button type="button" class="quiet" data-do="drop" data-part="drop" hidden>Drop what is not kept</button></p>
        </form>
    </div>
@endsection
