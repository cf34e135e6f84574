@foreach ($fields as $field)
@php($value = $values[$field->path])
@php($assumption = $assumed[$field->path] ?? null)
@php($note = $notes[$field->path] ?? null)
@php($id = $field->id())
@php($key = $field->keyOf($value))
<div class="field" data-field="{{ $field->path }}" data-kind="{{ $field->kind }}">
    @if ($field->kind === 'stepper')
        <label for="{{ $id }}" class="field-label">{{ $field->label }}</label>
        <div class="stepper">
            <button type="button" data-step="-{{ $units->metric ? $field->metricStep : $field->step }}" aria-label="{{ $field->label }}: less">−</button>
            @php([$least, $most] = $units->span($field->field))
            <input id="{{ $id }}" type="number" inputmode="decimal" step="any" min="{{ $least }}" max="{{ $most }}" value="{{ $value }}" placeholder="{{ $assumption ?? '?' }}"
                data-start="{{ $units->show($field->quantity, $field->start) }}" aria-describedby="{{ $id }}-said">
            <span class="unit">{{ $units->word($field->quantity) }}</span>
            <button type="button" data-step="{{ $units->metric ? $field->metricStep : $field->step }}" aria-label="{{ $field->label }}: more">+</button>
            <button type="button" class="quiet" data-clear aria-label="{{ $field->label }}: unknown">unknown</button>
        </div>
    @elseif ($field->kind === 'choice' || $field->kind === 'switch')
        <div role="radiogroup" aria-labelledby="{{ $id }}-label">
            <span id="{{ $id }}-label" class="field-label">{{ $field->label }}</span>
            <div class="segments">
                @foreach ($field->options as $option => $label)
                    <label><input type="radio" name="{{ $field->path }}" value="{{ $option }}" @checked($value !== null && $key === (string) $option)><span>{{ $label }}</span></label>
                @endforeach
                <label><input type="radio" name="{{ $field->path }}" value="" @checked($value === null)><span>?</span></label>
            </div>
        </div>
    @elseif ($field->kind === 'choices')
        <div role="group" aria-labelledby="{{ $id }}-label">
            <span id="{{ $id }}-label" class="field-label">{{ $field->label }}</span>
            <div class="segments many">
                @foreach ($field->options as $option => $label)
                    <label><input type="checkbox" value="{{ $option }}" @checked(in_array($option, $value ?? [], true))><span>{{ $label }}</span></label>
                @endforeach
            </div>
        </div>
    @elseif ($field->kind === 'select')
        <label for="{{ $id }}" class="field-label">{{ $field->label }}</label>
        <select id="{{ $id }}">
            @unless ($field->required)<option value="">not said</option>@endunless
            @foreach ($field->options as $option => $label)
                <option value="{{ $option }}" @selected($key === (string) $option)>{{ $label }}</option>
            @endforeach
        </select>
    @else
        <label for="{{ $id }}" class="field-label">{{ $field->label }}</label>
        <input id="{{ $id }}" type="{{ $field->kind }}" value="{{ $value }}">
    @endif
    <p class="field-said" id="{{ $id }}-said" data-assumed>@if ($note !== null){{ $note }}@elseif ($assumption !== null && $value === null)assumed {{ $assumption }}@endif</p>
</div>
@endforeach
