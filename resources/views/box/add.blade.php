<form method="post" action="{{ route('box.add') }}" class="card box-form" id="add">@csrf
    <h2>One more</h2>
    <input type="hidden" name="ask" value="{{ $ask }}">
    @include('box.fields', ['item' => null, 'key' => 'new', 'old' => true])
    <button type="submit" class="act">Into the box</button>
    <p class="muted">The form stays as it is: for the next one change what differs.</p>
</form>
