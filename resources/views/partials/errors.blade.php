@if ($errors->any())
    <div class="trouble" role="alert">
        <p>That did not go through. What you typed is still here.</p>
        <ul>
            @foreach ($errors->all() as $message)
                <li>{{ $message }}</li>
            @endforeach
        </ul>
    </div>
@endif
