@extends('layouts.page')
@section('title', 'A log from elsewhere')
@section('content')
    <h1>A log from elsewhere</h1>
    @include('partials.errors')
    @if ($said)<p class="notice">{{ $said }}</p>@endif
    <form method="get" action="{{ route('archive.columns', $archive) }}" id="columns">
        @if ($datesAreOpen)
        <fieldset><legend>Dates such as 5/3 can be read in two ways. Which comes first?</legend><div class="segments">
            @foreach (['month' => 'the month', 'day' => 'the day'] as $value => $words)<label><input type="radio" name="first" value="{{ $value }}" @checked($else['first'] === $value)><span>{{ $words }}</span></label>@endforeach
        </div></fieldset>
        @endif
        @if ($unknown || $lures)
        <h2>What your lures are called here</h2>
        <div class="group-fields">
            @foreach ($unknown + array_map(static fn (string $key): array => ['name' => null, 'like' => []], $lures) as $name => $one)
                <div><label for="l-{{ $loop->index }}">{{ $one['name'] ?? App\Show\Word::of((string) $name) }}</label><select id="l-{{ $loop->index }}" name="lures[{{ $name }}]"><option value="">leave these lines out</option>
                    @if ($one['like'])<optgroup label="most like it">@foreach ($one['like'] as $key)<option value="{{ $key }}">{{ App\Show\Word::of($key) }}</option>@endforeach</optgroup>@endif
                    <optgroup label="all">@foreach ($all as $key)<option value="{{ $key }}" @selected(($lures[$name] ?? '') === $key)>{{ App\Show\Word::of($key) }}</option>@endforeach</optgroup>
                </select></div>
            @endforeach
        </div>
        @endif
        <h2>Which column says what</h2>
        <div class="group-fields">
            @foreach (App\Archive\CsvColumns::SAYS as $says => $words)
                <div><label for="c-{{ $says }}">{{ str_replace('_', ' ', $says) }}@if (in_array($says, App\Archive\CsvColumns::NEEDED, true)) (needed)@endif</label>
                <select id="c-{{ $says }}" name="columns[{{ $says }}]"><option value="">none</option>
                    @foreach ($table->head as $n => $name)<option value="{{ $n }}" @selected(($columns[$says] ?? null) === $n)>{{ $name === '' ? 'column '.($n + 1) : $name }}</option>@endforeach
                </select></div>
            @endforeach
        </div>
        <h2>Where a row says nothing</h2>
        <div class="group-fields">
            @foreach (['color' => $options['color'], 'species' => $options['species'], 'contact' => $options['kind'], 'units' => ['us', 'metric']] as $field => $keys)
                <div><label for="e-{{ $field }}">{{ ['units' => 'its numbers are'][$field] ?? $field }}</label><select id="e-{{ $field }}" name="{{ $field }}">
                    @foreach ($keys as $key)<option value="{{ $key }}" @selected($else[$field] === $key)>{{ App\Show\Word::of($key) }}</option>@endforeach
                </select></div>
            @endforeach
            <div><label for="e-casts">casts of a row</label><input id="e-casts" name="casts" type="number" min="0" max="5000" value="{{ $else['casts'] }}"></div>
            <div><label for="e-depth">running depth, {{ $units->word('depth') }}</label><input id="e-depth" name="depth" type="number" min="0" step="0.5" value="{{ $units->show('depth', $else['depth']) }}"></div>
        </div>
        <p><button type="submit">Look again</button></p>
    </form>
    <h2>What it becomes</h2>
    @if ($first)
        <div class="wide"><table class="parts"><thead><tr><th scope="col" class="num">line</th>@foreach (['date', 'time', 'water', 'spot', 'lure', 'color', 'casts', 'contact', 'species', 'length', 'weight'] as $name)<th
            scope="col">{{ $name }}</th>@endforeach</tr></thead>
            @foreach ($first as $line => $one)
                <tr><td class="num">{{ $line }}</td>@foreach (['date', 'time', 'water', 'spot', 'lure', 'color', 'casts', 'contact', 'species', 'length', 'weight'] as $name)<td>{{ match (true) {
                    $one['row'][$name] === null => '', in_array($name, ['lure', 'color', 'species'], true) => App\Show\Word::of($one['row'][$name]),
                    $name === 'length' => $units->size($one['row'][$name]), $name === 'weight' => $units->fish(OldEddy\Basics\Units\Mass::fromPounds($one['row'][$name])), default => $one['row'][$name],
                } }}</td>@endforeach</tr>
            @endforeach
        </table></div>
    @endif
    <p role="status">{{ $count - count($left) }} of {{ $count }} lines can be taken.@if ($left) These cannot:@endif</p>
    @if ($left)<ul>@foreach (array_slice($left, 0, $shown, true) as $line => $one)<li>Line {{ $line }}: {{ $one['problem'] }}</li>@endforeach @if (count($left) > $shown)<li>and {{ count($left) - $shown }} more</li>@endif</ul>@endif
    @if ($count > count($left))
    <form method="post" action="{{ route('archive.log.take', $archive) }}">@csrf
        @foreach ($columns as $says => $n)<input type="hidden" name="columns[{{ $says }}]" value="{{ $n }}">@endforeach
        @foreach ($lures as $name => $key)<input type="hidden" name="lures[{{ $name }}]" value="{{ $key }}">@endforeach
        @foreach (['color', 'species', 'contact', 'units', 'casts', 'first'] as $field)<input type="hidden" name="{{ $field }}" value="{{ $else[$field] }}">@endforeach
        <input type="hidden" name="depth" value="{{ $units->show('depth', $else['depth']) }}">
        <button type="submit" class="act">Take {{ $count - count($left) }} {{ $count - count($left) === 1 ? 'line' : 'lines' }} in</button>
    </form>
    @endif
    <p><a href="{{ route('archive') }}">Out and in</a></p>
@endsection
