{{-- The fields of an item; $old: whether what was typed before comes back. --}}
@php($value = App\Year\BoxValues::of($item, $old, $units))
<label for="{{ $key }}-lure">Family</label>
<select id="{{ $key }}-lure" name="lure" required><option value=""></option>@foreach (OldEddy\Choice\Lures\Catalog::all() as $lure => $family)<option value="{{ $lure }}" @selected($value['lure'] === $lure)>{{ $family->name()
    }}</option>@endforeach</select>
<div class="box-pair"><label><span class="field-label">color</span><select name="color"><option value="">not said</option>@foreach (OldEddy\Choice\Color\ColorFamily::keys() as $color)<option value="{{ $color }}"
    @selected($value['color'] === $color)>{{ App\Show\Word::of($color) }}</option>@endforeach</select></label>
    <label><span class="field-label">weight, {{ $units->lureWord() }}</span><input name="weight_oz" type="number" step="any" min="0" inputmode="decimal" value="{{ $value['weight_oz'] }}"></label>
    <label><span class="field-label">number</span><input name="number" type="number" min="0" max="999" inputmode="numeric" value="{{ $value['number'] }}"></label></div>
<details @if ($value['more']) open @endif><summary>More of it</summary>
    <div class="box-pair"><label><span class="field-label">your name for it</span><input name="name" maxlength="60" value="{{ $value['name'] }}"></label>
        <label><span class="field-label">your name of the color</span><input name="color_name" maxlength="60" value="{{ $value['color_name'] }}"></label>
        <label><span class="field-label">length, {{ $units->sizeWord() }}</span><input name="length_in" type="number" step="any" min="0" inputmode="decimal" value="{{ $value['length_in'] }}"></label>
        <label><span class="field-label">rated for, {{ $units->word('depth') }}</span><input name="rated_ft" type="number" step="any" min="0.1" inputmode="decimal" value="{{ $value['rated_ft'] }}"></label>
        <label><span class="field-label">hook</span><input name="hook" maxlength="40" value="{{ $value['hook'] }}"></label>
        @foreach (OldEddy\Choice\Tackle\Care::STATES as $part => $words)<label><span class="field-label">{{ $part }}</span><select name="{{ $part }}"><option value="">not said</option>@foreach ($words as $word)<option
            @selected($value[$part] === $word)>{{ $word }}</option>@endforeach</select></label>@endforeach
        <label><span class="field-label">last cleaned</span><input name="cleaned_on" type="date" value="{{ $value['cleaned_on'] }}"></label>
        <label><span class="field-label">last sharpened</span><input name="sharpened_on" type="date" value="{{ $value['sharpened_on'] }}"></label></div>
</details>
