<form method="post" action="{{ route('spot.keep', $lake) }}" class="entry-form">
    @csrf
    @if ($spot)<input type="hidden" name="name" value="{{ $spot->name }}">@else<label><span class="field-label">name</span><input name="name" value="{{ old('name') }}" required maxlength="80"></label>@endif
    @foreach (['lat' => 'degrees north', 'lon' => 'degrees east', 'shallow_ft' => 'shallowest, ft', 'deep_ft' => 'deepest, ft', 'depth_nearby_ft' => 'deepest close by, ft', 'bank_faces_deg' => 'bank faces, degrees', 'object_height_ft' => 'trees or bluff, ft high', 'setback_ft' => 'set back, ft'] as $field => $label)
        <label><span class="field-label">{{ $label }}</span><input name="{{ $field }}" value="{{ $spot ? $spot->$field : old($field) }}" inputmode="decimal" @if (in_array($field, ['lat', 'lon'], true)) required @endif></label>
    @endforeach
    @foreach (['structure', 'bottom'] as $field)
        <label><span class="field-label">{{ $field }}</span><select name="{{ $field }}"><option value="">not said</option>@foreach ($options[$field] as $key)<option value="{{ $key }}" @selected($spot?->$field === $key)>{{ App\Show\Word::of($key) }}</option>@endforeach</select></label>
    @endforeach
    <fieldset class="wide-cell"><legend>cover</legend><div class="segments">@foreach ($options['cover'] as $key)<label><input type="checkbox" name="cover[]" value="{{ $key }}" @checked(in_array($key, $spot->cover ?? [], true))><span>{{ App\Show\Word::of($key) }}</span></label>@endforeach</div></fieldset>
    <fieldset class="wide-cell"><legend>if it is a dock</legend>
        <div class="entry-form">
            <label><span class="field-label">kind</span><select name="dock[kind]"><option value="">no dock</option>@foreach (OldEddy\Conditions\DockKind::keys() as $key)<option value="{{ $key }}" @selected(($spot->dock['kind'] ?? null) === $key)>{{ $key }}</option>@endforeach</select></label>
            @foreach (['inside_ft' => 'depth inside, ft', 'outside_ft' => 'depth outside, ft', 'walkway_ft' => 'walkway, ft long'] as $field => $label)<label><span class="field-label">{{ $label }}</span><input name="dock[{{ $field }}]" value="{{ $spot->dock[$field] ?? '' }}" inputmode="decimal"></label>@endforeach
        </div>
        <div class="segments">@foreach (OldEddy\Docks\Extra::keys() as $key)<label><input type="checkbox" name="dock[extras][]" value="{{ $key }}" @checked(in_array($key, $spot->dock['extras'] ?? [], true))><span>{{ App\Show\Word::of($key) }}</span></label>@endforeach</div>
    </fieldset>
    <button type="submit" class="act">Keep</button>
</form>
