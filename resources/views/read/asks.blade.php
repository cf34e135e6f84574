{{-- What is worth saying next: the unknowns that would move today's choices most. --}}
@if ($asks)
    <h2>Worth saying next</h2>
    <ol class="asks">
        @foreach (array_slice($asks, 0, 3) as $ask)
            <li><a href="#{{ App\Day\FieldSheet::anchor($ask->path) }}">{{ App\Day\FieldSheet::name($ask->path) }}</a> <span class="muted">{{ $units->say($ask->why) }}</span></li>
        @endforeach
    </ol>
@else
    <p class="muted">Nothing that is still unknown would move today's first choices.</p>
@endif
