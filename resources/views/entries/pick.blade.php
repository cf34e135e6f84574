<label><span class="field-label">{{ App\Show\Word::of($field) }}</span><select name="fields[{{ $field }}]">@if (! ($required ?? false) && ! in_array($field, ['lure', 'color'], true))<option
    value="">not said</option>@endif
@foreach ($options as $option)<option value="{{ $option }}" @selected($value === $option)>{{ App\Show\Word::of($option) }}</option>@endforeach</select></label><input type="hidden"
    name="was[{{ $field }}]" value="{{ $value }}">
