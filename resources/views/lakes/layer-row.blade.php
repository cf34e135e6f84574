{{-- One file of a lake: what it holds, whether it is in, and what can be done with it. --}}
<li data-layer="{{ $layer->id }}">
    <a href="{{ route('layer', [$lake, $layer->id]) }}"><b>{{ $layer->name }}</b></a>
    @switch ($layer->state)
        @case ('waiting')
            <span data-progress role="status">{{ $layer->isStuck() ? 'was not read to its end' : ($layer->things_read > 0 ? number_format($layer->things_read).' read' : 'waits to be read') }}</span>
            <progress aria-label="Reading {{ $layer->name }}" @if ($layer->isStuck()) hidden @endif></progress>
            @break
        @case ('asks') <a href="{{ route('layer', [$lake, $layer->id]) }}" class="leave">something has to be said first</a> @break
        @case ('refused') <span class="leave">{{ $layer->problem }}</span> @break
        @case ('out') <span class="muted">taken out</span> @break
        @default <span class="muted">{{ $layer->found['said'] ?? 'in' }}</span>
    @endswitch
    <form method="post" action="{{ route('layer.change', [$lake, $layer->id]) }}" class="beside">@csrf @method('patch')
        @if ($layer->state === 'laid')<button type="submit" name="do" value="out" class="quiet" aria-label="Take out {{ $layer->name }}">Take out</button>@endif
        @if ($layer->state === 'out')<button type="submit" name="do" value="back" class="quiet" aria-label="Put back {{ $layer->name }}">Put back</button>@endif
        @if ($layer->state === 'refused' || $layer->isStuck())<button type="submit" name="do" value="again" class="quiet" aria-label="Read again {{ $layer->name }}">Read it again</button>@endif
        @if ($layer->state !== 'laid')<button type="submit" name="do" value="drop" class="quiet" aria-label="Drop {{ $layer->name }}">Drop</button>@endif
    </form>
</li>
