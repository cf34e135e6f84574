{{-- One line of the spread. --}}
<li class="tow-row">
    @foreach (['key' => $line->key, 'side' => $line->side->value, 'position' => $line->station->value, 'of' => $line->lure->key, 'weight_oz' => $line->weightOz] as $name => $value)
        <input type="hidden" name="lines[{{ $i }}][{{ $name }}]" value="{{ $value }}">
    @endforeach
    <b class="tow-name">{{ $i + 1 }} {{ $line->words() }}</b>
    <label><span class="field-label">lure</span><select name="lines[{{ $i }}][lure]">
        @foreach (collect([...$towable, $line->lure])->unique('key') as $lure)<option value="{{ $lure->key }}" @selected(old("lines.{$i}.lure", $line->lure->key) === $lure->key)>{{ $lure->name() }}</option>@endforeach
    </select></label>
    <label><span class="field-label">color</span><select name="lines[{{ $i }}][color]">
        @foreach (OldEddy\Choice\Color\ColorFamily::cases() as $color)<option value="{{ $color->value }}" @selected(old("lines.{$i}.color", $line->color->value) === $color->value)>{{ $color->words() }}</option>@endforeach
    </select></label>
    <label><span class="field-label">carried by</span><select name="lines[{{ $i }}][carrier]">
        @foreach (['board' => 'a board', 'flat' => 'nothing', 'weight' => 'a weight'] as $carrier => $words)
            <option value="{{ $carrier }}" @selected(old("lines.{$i}.carrier", $line->carrier->value) === $carrier)>{{ $words }}</option>@endforeach
    </select></label>
    <label><span class="field-label">long, {{ $units->sizeWord() }}</span><input name="lines[{{ $i }}][length]" inputmode="decimal" autocomplete="off"
        value="{{ old("lines.{$i}.length", $units->showSize($line->lengthIn)) }}" @error("lines.{$i}.length_in") aria-invalid="true" @enderror></label>
    <label class="tow-sinker"><span class="field-label">weight ahead, {{ $units->lureWord() }}</span><input name="lines[{{ $i }}][sinker]" inputmode="decimal" autocomplete="off"
        value="{{ old("lines.{$i}.sinker", $units->showLure($line->sinkerOz)) }}" @error("lines.{$i}.sinker_oz") aria-invalid="true" @enderror></label>
    <label><span class="field-label">tied to</span><select name="lines[{{ $i }}][line]">
        @foreach (OldEddy\Troll\LineKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old("lines.{$i}.line", $line->tiedTo->value) === $kind->value)>{{ $units->say($kind->said()) }}</option>@endforeach
    </select></label>
    <label class="tow-out"><span class="field-label">let out <output data-said="out-{{ $line->key }}">{{ $units->depth($line->letOutFt) }}</output></span>
        <input type="range" name="lines[{{ $i }}][let_out]" data-out="{{ $line->key }}" data-feet="{{ $outFt[1] }}"
        min="{{ $units->show('depth', $outFt[0]) }}" max="{{ $units->show('depth', $outFt[1]) }}" step="{{ $units->metric ? 1 : 5 }}" value="{{ old("lines.{$i}.let_out", $units->show('depth', $line->letOutFt)) }}"></label>
    <p class="tow-runs">runs <b data-said="depth-{{ $line->key }}">{{ $units->depth($running->depthFt) }}</b> deep <span class="muted">by <span data-said="basis-{{ $line->key }}">{{ $running->basis->words() }}</span></span></p>
    <label class="tow-points"><span class="field-label">measured: let out and depth, in {{ $units->word('depth') }}</span>
        <input name="lines[{{ $i }}][points]" autocomplete="off" placeholder="{{ $units->metric ? '24 2, 36 3' : '80 6, 120 9' }}"
        value="{{ old("lines.{$i}.points", implode(', ', array_map(fn (array $p) => $units->show('depth', $p[0]).' '.$units->show('depth', $p[1]), $line->points))) }}" @error("lines.{$i}.points.0") aria-invalid="true" @enderror></label>
</li>
