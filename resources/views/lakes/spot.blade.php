{{-- The form of a spot. After an error only the form that was sent shows what was typed. --}}
@php($sent = (string) old('id') === (string) $spot?->id && old('name') !== null)
<form method="post" action="{{ route('spot.keep', $lake) }}" class="entry-form">
    @csrf
    <input type="hidden" name="id" value="{{ $spot?->id }}">
    <label><span class="field-label">name</span><input name="name" value="{{ App\Show\Typed::again($sent, 'name', $spot?->name) }}" required maxlength="80"></label>
    @foreach (App\Waters\SpotSheet::NUMBERS as $field)
        <label><span class="field-label">{{ $sheet->label($field) }}</span><input name="{{ $field }}" value="{{ App\Show\Typed::again($sent, $field, $sheet->shown($field, $spot?->$field)) }}"
            inputmode="decimal" @if (in_array($field, ['lat', 'lon'], true)) required @endif></label>
    @endforeach
    @foreach (['structure', 'bottom'] as $field)
        <label><span class="field-label">{{ $field }}</span><select name="{{ $field }}"><option value="">not said</option>@foreach ($options[$field] as $key)<option value="{{ $key }}"
            @selected(App\Show\Typed::again($sent, $field, $spot?->$field) === $key)>{{ App\Show\Word::of($key) }}</option>@endforeach</select></label>
    @endforeach
    <fieldset class="wide-cell"><legend>cover</legend><div class="segments">@foreach ($options['cover'] as $key)<label><input type="checkbox" name="cover[]" value="{{ $key }}" @checked(in_array($key,
        App\Show\Typed::again($sent, 'cover', $spot?->cover) ?? [], true))><span>{{ App\Show\Word::of($key) }}</span></label>@endforeach</div></fieldset>
    <fieldset class="wide-cell"><legend>if it is a dock</legend>
        <div class="entry-form">
            <label><span class="field-label">kind</span><select name="dock[kind]"><option value="">no dock</option>@foreach (OldEddy\Day\Conditions\DockKind::keys() as $key)<option value="{{ $key }}"
                @selected(App\Show\Typed::again($sent, 'dock.kind', $spot?->dock['kind'] ?? null) === $key)>{{ $key }}</option>@endforeach</select></label>
            @foreach (App\Waters\SpotSheet::DOCK as $field)<label><span class="field-label">{{ $sheet->label($field) }}</span><input name="dock[{{ $field }}]" value="{{ App\Show\Typed::again($sent,
                "dock.{$field}", $sheet->shown($field, $spot?->dock[$field] ?? null)) }}" inputmode="decimal"></label>@endforeach
        </div>
        <div class="segments">@foreach (OldEddy\Where\Docks\Extra::keys() as $key)<label><input type="checkbox" name="dock[extras][]" value="{{ $key }}" @checked(in_array($key,
            App\Show\Typed::again($sent, 'dock.extras', $spot?->dock['extras'] ?? null) ?? [], true))><span>{{ App\Show\Word::of($key) }}</span></label>@endforeach</div>
    </fieldset>
    <button type="submit" class="act">Keep</button>
</form>
