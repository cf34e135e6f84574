{{-- Care, and the five minutes for several at once. --}}
<form method="post" action="{{ route('box.care') }}" class="card" id="care" x-data="polish" data-minutes="{{ OldEddy\Choice\Tackle\Care::DRIES_MIN }}">@csrf
    <h2>Care <a class="rule-tag" href="{{ route('rule', 'K1') }}">because K1</a></h2>
    <p class="muted">Polish on a damp sponge, dry five minutes, wipe until no black comes off, rinse, mask the smell, rinse, dry.</p>
    <div class="care-list">
        @foreach ($box->items->where('number', '>', 0) as $item)
            @php($family = OldEddy\Choice\Lures\Catalog::get($item->lure))
            <div class="care-row"><label class="check"><input type="checkbox" name="items[]" value="{{ $item->id }}"> {{ $item->name ?? $family->name() }} <span class="muted">{{ implode(', ',
                array_filter([App\Show\Word::of($item->color ?? ''), $item->cleaned_on
                ? 'cleaned '.$item->cleaned_on->toDateString() : null, $item->sharpened_on ? 'sharpened '.$item->sharpened_on->toDateString() : null])) }}</span></label>
                @if (OldEddy\Choice\Tackle\Care::tarnishes($family))<button type="button" data-dries="{{ $item->id }}" data-name="{{ $item->name ?? $family->name() }}" @click="dry">polish is
                    on</button>@endif</div>
        @endforeach
    </div>
    <ul class="timers" x-show="timers.length" x-cloak><template x-for="one in timers" :key="one.key"><li><b x-text="one.name"></b> <span x-text="one.says"></span> <button type="button"
        class="quiet" :data-key="one.key" @click="done">put
        away</button></li></template></ul>
    <p class="sr" role="status" x-text="told"></p>
    <p class="beside"><button type="submit" name="what" value="cleaned_on">Cleaned today</button><button type="submit" name="what" value="sharpened_on">Hooks sharpened today</button></p>
</form>
