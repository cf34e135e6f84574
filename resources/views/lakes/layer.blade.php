@extends('layouts.page')
@section('title', $layer->name)
@section('main-class', 'where')
@section('content')
    @php($found = $layer->found ?? [])
    <p><a href="{{ route('lake', $lake) }}">{{ $lake->name }}</a></p>
    <h1>{{ $layer->name }}</h1>
    @include('partials.errors')
    @if ($layer->problem)<p class="trouble" role="alert">{{ $layer->problem }}</p>@endif
    @if ($layer->state === 'asks')<p class="leave" role="status">Nothing of this file is in the lake yet{{ $layer->asks() ? ': some of it can be read in more than one way' : '' }}.</p>@endif
    <div class="two layer">
        <section aria-label="What was understood">
            <h2>What was understood</h2>
            <dl class="figures">
                @foreach ($found['words'] ?? [] as [$what, $how])<div><dt>{{ $what }}</dt><dd>{{ $units->say($how) }}</dd></div>@endforeach
                @foreach (['spot' => 'spots', 'sounding' => 'soundings', 'ring' => 'rings of shoreline', 'tracks' => 'tracks', 'section' => 'names of sections'] as $key => $words)
                    @if (($found['count'][$key] ?? 0) > 0)<div><dt>{{ $words }}</dt><dd>{{ number_format($found['count'][$key]) }}</dd></div>@endif
                @endforeach
                @if ($found['depths'] ?? null)<div><dt>depths</dt><dd>{{ $units->band(...$found['depths']) }}</dd></div>@endif
                @if ($drawing)<div><dt>from end to end</dt><dd>{{ $units->way($drawing->acrossM / 1609.344) }} west to east, {{ $units->way($drawing->downM / 1609.344) }} north to south</dd></div>@endif
                @if ($found['box'] ?? null)<div><dt>lies at</dt><dd>{{ App\Show\Compass::box(...$found['box']) }}</dd></div>@endif
            </dl>
            @if ($drawing)
                <svg viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" class="survey" role="img" aria-label="Where the file's places lie, north up; deeper ones are darker."
                    style="max-width: {{ $drawing->width }}px">
                    <rect width="{{ $drawing->width }}" height="{{ $drawing->height }}" class="survey-ground"/>
                    @foreach ($drawing->marks as $mark)<circle cx="{{ $mark['x'] }}" cy="{{ $mark['y'] }}" r="{{ $mark['what'] === 'spot' ? 4 : 2 }}" class="survey-{{ $mark['what'] }}"
                        style="opacity: {{ $mark['shade'] }}"/>@endforeach
                </svg>
            @endif
        </section>
        <section aria-label="Said of it" @class(['first' => $layer->asks() !== []])>
            <h2>{{ $layer->asks() ? 'To be said first' : 'Read otherwise' }}</h2>
            <form method="post" action="{{ route('layer.answer', [$lake, $layer->id]) }}" class="card">@csrf
                @foreach ($layer->asks() as $question)
                    @include('lakes.question', ['question' => $question])
                @endforeach
                @php($asked = array_column($layer->asks(), 'key'))
                <details @if (! $layer->asks()) open @endif><summary>More of how it is read</summary>
                    @foreach ([['unit', 'Depths without a unit are in', ['ft' => 'feet', 'm' => 'metres', 'fathom' => 'fathoms']], ['order', 'First of two coordinates', ['lonlat' => 'longitude',
                        'latlon' => 'latitude']], ['sign', 'Depths are written', ['depth' => 'as depths', 'minus' => 'with a minus under water', 'elevation' => 'as heights of the ground']]] as [$key,
                        $text, $options])
                        @unless (in_array($key, $asked, true))<label><span class="field-label">{{ $text }}</span><select name="{{ $key }}"><option
                            value="">as found</option>@foreach ($options as $value => $words)<option value="{{ $value }}" @selected(old($key, $said[$key] ?? '') ===
                            $value)>{{ $words }}</option>@endforeach</select></label>@endunless
                    @endforeach
                    @unless (in_array('surface', $asked, true))<label><span class="field-label">Height of the water, where heights are written</span><input name="surface" inputmode="decimal"
                        value="{{ old('surface', $said['surface'] ?? '') }}"></label>@endunless
                    @unless (in_array('srs', $asked, true))<label><span class="field-label">EPSG number of its coordinates, where the file is wrong</span><input name="srs" inputmode="numeric"
                        value="{{ old('srs', $said['srs'] ?? '') }}"></label>@endunless
                    <label><span class="field-label">Water stood above the reference when it was sounded, {{ $units->word('depth') }}</span><input name="level" inputmode="decimal"
                        value="{{ old('level', isset($said['levelFt']) ? $units->show('depth', (float) $said['levelFt']) : '') }}"></label>
                </details>
                <div class="beside"><button type="submit" name="then" value="take" class="act">Take it in like this</button><button type="submit" name="then" value="look">Look again</button></div>
            </form>
            <form method="post" action="{{ route('layer.change', [$lake, $layer->id]) }}" class="beside">@csrf @method('patch')<label class="grow"><span
                class="field-label">Name of the layer</span><input name="name" value="{{ old('name', $layer->name) }}" maxlength="120"></label><button type="submit" name="do"
                value="name">Name it</button></form>
            @if ($layer->state !== 'laid')<form method="post" action="{{ route('layer.change', [$lake, $layer->id]) }}">@csrf @method('patch')<button type="submit" name="do" value="drop"
                class="quiet">Do not take it</button></form>@endif
        </section>
    </div>
@endsection
