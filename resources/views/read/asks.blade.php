{{-- One question at a time: the unknown whose answer would move today's choices most. --}}
@foreach ($asks as [$ask, $answers])
    <div class="ask" data-ask="{{ $ask->path }}" hidden>
        <h2>{{ App\Day\FieldSheet::question($ask->path) }}</h2>
        <p class="muted">{{ $units->say($ask->why) }}</p>
        <div class="chips small">
            @foreach ($answers as $answer)
                @if ($answer['says'])<button type="button" data-answer="{{ json_encode($answer['says']) }}">{{ $answer['words'] }}</button>@endif
            @endforeach
            <button type="button" data-unknown>not known</button>
            <a class="otherwise" href="#{{ App\Day\FieldSheet::anchor($ask->path) }}">otherwise…</a>
        </div>
    </div>
@endforeach
<p class="muted" data-asked-all hidden>Nothing that is still unknown would move today's first choices.</p>
