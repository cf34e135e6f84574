{{-- A question that a file leaves open. --}}
@php($given = old($question->key, $said[$question->key] ?? $question->likely))
@if ($question->key === 'columns')
    @php($given = Illuminate\Support\Arr::wrap($given))
    @php($given = explode(',', implode(',', $given)))
    <fieldset><legend>{{ $question->text }}</legend>
        @foreach (['longitude', 'latitude', 'depth'] as $i => $what)<label><span class="field-label">{{ $what }}</span><select name="columns[]">@foreach ($question->options as $value => $words)<option
            value="{{ $value }}" @selected((string) ($given[$i] ?? '') === (string) $value)>{{ $words }}</option>@endforeach</select></label>@endforeach
    </fieldset>
@elseif ($question->options === [])
    <label><span class="field-label">{{ $question->text }}</span><input name="{{ $question->key }}" inputmode="decimal" value="{{ $given }}"></label>
@else
    <fieldset><legend>{{ $question->text }}</legend><div class="segments">
        @foreach ($question->options as $value => $words)<label><input type="radio" name="{{ $question->key }}" value="{{ $value }}" @checked((string) $given === (string) $value)
            required><span>{{ $words }}</span></label>@endforeach
    </div></fieldset>
@endif
