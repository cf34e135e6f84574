{{-- Place, lure and depth of past days, what paid most first; struck out where today it cannot be. --}}
<table class="parts paid" tabindex="0">
    <thead><tr><th scope="col">place</th><th scope="col">lure</th><th scope="col">depth</th><th scope="col" class="num">casts</th><th scope="col" class="num">contacts</th><th scope="col" class="num">best</th></tr></thead>
    @foreach ($paid as $one)
        <tr @class(['struck' => $one->struck !== null])><td>@if ($one->struck)<s>{{ $one->place }}</s> <span class="muted">{{ $one->struck }}</span>@else{{ $one->place }}@unless ($one->isHere) <span class="muted">another
            water</span>@endunless @endif</td><td>{{ App\Show\Word::of($one->lure) }} <span class="muted">{{ App\Show\Word::of($one->color) }}</span></td><td class="whole">{{ $units->level($one->depth) }}</td><td
            class="num">{{ $one->casts }}</td><td class="num">{{ $one->contacts }}</td><td class="num">{{ $one->bestIn === null ? '–' : $units->size($one->bestIn) }}</td></tr>
    @endforeach
</table>
