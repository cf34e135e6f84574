<?php

declare(strict_types=1);

namespace App\Year;

use App\Log\BagWords;
use App\Log\DayClock;
use App\Models\Contact;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Fish\BagOutlook;
use OldEddy\Log\Fish\BagWay;
use OldEddy\Log\Next\TimeLeft;
use OldEddy\Reading\WaterReader;

/** Whether staying for numbers or changing for size promises more in the hours left (Y7), from the angler's own fish. */
final readonly class BagAhead
{
    /** So many ways are weighed; fewer than three are no choice. */
    private const WAYS = 8;

    private const CHOICE = 3;

    public BagWords $bag;

    /** @var list<BagOutlook> what promises most first */
    public array $outlooks;

    public int $casts;

    /** The lure in hand and where it is fished; null before the first stint. */
    public ?string $inHand;

    public function __construct(public Trip $trip, ?float $hours = null)
    {
        $stints = $trip->stints()->with('contacts')->get();
        $this->bag = new BagWords($trip, $stints, $trip->user->units());
        $this->inHand = $stints->last()?->lure;
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $left = DayClock::left($trip, $reading, $stints->first()?->started_at->format('H:i'), $stints->last()?->started_at->format('H:i'))->leftMin();
        $this->casts = (int) round(TimeLeft::castsIn($hours === null ? $left : 60 * $hours));
        $bag = $this->bag->bag;
        $outlooks = array_map(fn (BagWay $w): BagOutlook => BagOutlook::of($w, $bag->weights(), $bag->limits->number, $this->casts), $this->ways());
        usort($outlooks, static fn (BagOutlook $a, BagOutlook $b): int => $b->mean() <=> $a->mean());
        $this->outlooks = $outlooks;
    }

    public function hours(): float
    {
        return round(TimeLeft::minutesOf($this->casts) / 60, 1);
    }

    /** @return list<BagWay> by lure and by lure and place, from all own days after the same species in the same stage, else in any */
    private function ways(): array
    {
        $ways = $this->waysOf($this->trip->stage);

        return count($ways) < self::CHOICE ? $this->waysOf(null) : $ways;
    }

    /** @return list<BagWay> */
    private function waysOf(?string $stage): array
    {
        $species = (string) $this->trip->conditions['species'];
        $mine = DB::table('stints')->join('trips', 'trips.id', '=', 'stints.trip_id')->where('trips.user_id', $this->trip->user_id)->whereNull('trips.drill_seed')
            ->where('trips.species', $species)->whereNull('stints.deleted_at');
        if ($stage !== null) {
            $mine->where('trips.stage', $stage);
        }
        $casts = $names = [];
        foreach ($mine->clone()->groupBy('lure', 'spot')->selectRaw('lure, spot, sum(cast_count) as casts')->get() as $row) {
            $names[mb_strtolower($row->spot)] = $row->spot;
            foreach (self::keys($row->lure, $row->spot) as $key) {
                $casts[$key] = ($casts[$key] ?? 0) + (int) $row->casts;
            }
        }
        $pounds = [];
        foreach ($mine->join('contacts', 'contacts.stint_id', '=', 'stints.id')->whereNull('contacts.deleted_at')->where('kind', ContactKind::Caught->value)
            ->get(['stints.lure', 'stints.spot', 'contacts.id', 'contacts.species', 'contacts.length_in', 'girth_in', 'weight_lb', 'weighed_by', 'kept']) as $row) {
            $fish = (new Contact)->setRawAttributes((array) $row)->forBag($species);
            $keeper = $this->bag->bag->limits->allow($fish) ? $fish->weighed?->mass->pounds() : null;
            foreach ($keeper === null ? [] : self::keys($row->lure, $row->spot) as $key) {
                $pounds[$key][] = $keeper;
            }
        }
        // A lure that was only ever fished at one place is one way, not two.
        $alone = static fn (string $key): bool => ! str_ends_with($key, "\n") && $casts[$key] === $casts[strstr($key, "\n", true)."\n"];
        $pounds = array_filter($pounds, static fn (string $key): bool => ! $alone($key), ARRAY_FILTER_USE_KEY);
        uasort($pounds, static fn (array $a, array $b): int => count($b) <=> count($a));
        $pounds = array_slice($pounds, 0, self::WAYS);

        return array_values(array_filter(array_map(static function (string $key, array $p) use ($casts, $names): ?BagWay {
            [$lure, $spot] = explode("\n", $key, 2);

            return BagWay::of($lure, $spot === '' ? null : $names[$spot], $casts[$key], $p);
        }, array_keys($pounds), $pounds)));
    }

    /** @return list<string> a lure at a spot, and anywhere */
    private static function keys(string $lure, string $spot): array
    {
        return ["{$lure}\n", "{$lure}\n".mb_strtolower($spot)];
    }
}
