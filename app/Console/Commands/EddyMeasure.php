<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Controllers\LookBackController;
use App\Log\DayEvidence;
use App\Log\Deck;
use App\Log\EventTaker;
use App\Log\History;
use App\Models\DaySums;
use App\Models\Trip;
use App\Models\User;
use App\Show\Units;
use App\Year\Before;
use App\Year\Season;
use App\Year\SeasonReview;
use Closure;
use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;

/** Measures the log in an account: evidence of a day, the prior of a season, two thousand events of a phone. For bin/bench. */
final class EddyMeasure extends Command
{
    private const TIMES = 15;

    protected $signature = 'eddy:measure {email}';

    protected $description = 'Measure evidence, prior and a long queue in an account';

    public function handle(): int
    {
        $angler = User::query()->where('email', (string) $this->argument('email'))->firstOrFail();
        /** @var Trip $trip */
        $trip = $angler->trips()->with('user')->orderBy('id')->firstOrFail();
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $this->tell('prior of the season', fn () => History::before($trip, $reading));
        $deck = new Deck($trip, new Units(false));
        $this->tell(
            'evidence of a day: log read, weighed, pattern, next move',
            fn () => new DayEvidence($trip, $trip->stints()->with('contacts')->get(), $reading, $deck->toFish->choices),
        );
        $this->tell('the same with the plan, the rods and what was never tried', function () use ($trip): void {
            $deck = new Deck($trip, new Units(false));
            $deck->neverTried();
        });
        $this->tell('state of the deck with every slice', fn () => (new Deck($trip, new Units(false)))->state());
        $this->lookBack($angler, $trip);
        $fresh = $angler->trips()->create(['name' => 'Queue', 'conditions' => $trip->conditions])->load('user');
        $stint = (string) Str::uuid();
        $event = fn (string $kind, array $more): array => [
            'id' => (string) Str::uuid(), 'kind' => $kind, 'at' => '2026-05-02T08:00:00', 'stint' => $stint,
        ] + $more;
        $events = [$event('stint', ['spot' => 'A', 'lure' => 'jerkbait', 'color' => 'white', 'depth_ft' => 4, 'retrieve' => 'medium'])];
        for ($i = 0; $i < 1999; $i++) {
            $events[] = $i % 10 === 9 ? $event('contact', ['contact' => (string) Str::uuid(), 'contact_kind' => 'bump']) : $event('casts', ['count' => 1]);
        }
        $start = hrtime(true);
        foreach (array_chunk($events, 250) as $batch) {
            (new EventTaker($fresh))->take($batch);
        }
        $this->line(sprintf('  %-60s %8.0f ms', 'a queue of 2000 events taken, in batches of 250', (hrtime(true) - $start) / 1e6));
        $fresh->delete();
        $this->line(sprintf('  %-60s %8.1f MB', 'peak memory', memory_get_peak_usage() / 2 ** 20));

        return 0;
    }

    /** The pages that look back over all of it, drawn. */
    private function lookBack(User $angler, Trip $trip): void
    {
        Auth::setUser($angler);
        View::share('errors', new ViewErrorBag);
        $request = Request::create('/look-back');
        $request->setUserResolver(static fn (): User => $angler);
        $back = new LookBackController;
        $start = hrtime(true);
        DaySums::freshen($angler->id);
        $this->line(sprintf('  %-60s %8.0f ms', 'all days added up, once', (hrtime(true) - $start) / 1e6));
        $this->tell('a page of the logbook with its calendar, drawn (aim: 25)', fn () => $back->logbook($request)->render());
        $this->tell('the season review (aim: 300)', fn () => new SeasonReview(new Season($angler)));
        $this->tell('the same, drawn', fn () => $back->season($request)->render());
        $this->tell('the same time in other years and days alike, with what paid', function () use ($trip, $angler): void {
            $before = new Before($trip->setRelation('user', $angler));
            $before->paid('like');
        });
    }

    private function tell(string $what, Closure $do): void
    {
        $times = [];
        for ($i = 0; $i < self::TIMES; $i++) {
            $start = hrtime(true);
            $do();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $this->line(sprintf('  %-60s %8.1f ms median, %.1f at most', $what, $times[intdiv(self::TIMES, 2)], max($times)));
    }
}
