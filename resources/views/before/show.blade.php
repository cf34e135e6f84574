@extends('layouts.page')
@section('title', 'Before this day')
@section('content')
    @include('look-back.tabs')
    <div class="two">
        <section aria-label="The same time in other years">
            <h1>Same time, other years</h1>
            @if ($before->sameTime)
                <ul class="past-days">
                    @foreach (array_slice($before->sameTime, 0, 6) as $day)
                        @php($row = $before->rows[$day->id])
                        <li><a href="{{ route('look-back.day', $day->id) }}">{{ $day->date }}, {{ $row->name }}</a>: {{ $row->contacts_made }} contacts in {{ number_format($row->casts_made) }} casts{{ $row->best_in === null ? ''
                            : ', best '.$units->size((float) $row->best_in) }}. <span class="muted">{{ implode('; ', $before->different($day)) ?: 'Water as today.' }}</span></li>
                    @endforeach
                </ul>
                @if (count($before->sameTime) > 6)<p class="muted">and {{ count($before->sameTime) - 6 }} more</p>@endif
                @if ($same)
                    @include('before.paid', ['paid' => $same])
                    @include('before.take', ['from' => 'same', 'class' => 'act'])
                @else
                    <p>They had no contact.</p>
                @endif
            @else
                <p>You have no day of other years within {{ OldEddy\Year\OtherDays::WITHIN_DAYS }} days of this date, or in this stage
                    within {{ $units->show('temp_change', OldEddy\Year\OtherDays::WITHIN_F) }} {{ $units->word('temp') }}, on this water or one like it.</p>
            @endif
            <p class="muted">Start where it worked then. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'Y1') }}">because Y1</a></p>
        </section>
        <section aria-label="Days like today">
            <h1>Days like today <small>{{ count($before->alike) }}</small></h1>
            @if ($before->alike)
                <ol class="past-days">
                    @foreach ($before->alike as $one)
                        @php($row = $before->rows[$one->past->id])
                        <li><a href="{{ route('look-back.day', $one->past->id) }}">{{ $one->past->date }}, {{ $row->name }}</a>: {{ $row->contacts_made }} contacts in {{ number_format($row->casts_made) }} casts. <details><summary>{{
                            number_format($one->distance, 2) }} off: {{ implode(', ', array_map(fn ($p) => $units->say($p->then), array_slice($one->differs(), 0, 3))) ?: 'the same' }}</summary><ul>@foreach ($one->parts() as $what
                            => $part)<li>{{ $what }}: {{ $units->say($part->then) }} <span class="muted">{{ number_format($part->distance, 2) }}</span></li>@endforeach</ul></details></li>
                    @endforeach
                </ol>
                @if ($like)
                    @include('before.paid', ['paid' => $like])
                    @include('before.take', ['from' => 'like', 'class' => 'act'])
                @endif
            @else
                <p>None of your days is near enough to say anything of this one.</p>
            @endif
            <p class="muted">The distance is the root of the summed squares of its parts; 1 is a difference one would fish otherwise for. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'Y2') }}">because Y2</a></p>
        </section>
    </div>
@endsection
