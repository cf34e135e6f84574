<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\LogCsv;
use App\Jobs\WorkArchive;
use App\Models\Archive;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All that is the angler's, out and in (G6). */
final class ArchiveController
{
    /** Kilobytes of an archive that is brought; what is larger goes by the command. */
    private const MOST_KB = 32_000;

    /** So many of them are shown. */
    private const NEWEST = 5;

    public function show(Request $request): View
    {
        Archive::tidy();

        return view('account.archive', ['archives' => $this->newest($request)->get()]);
    }

    /** How far those are that are worked on. */
    public function progress(Request $request): JsonResponse
    {
        $archives = $request->user()->archives()->latest('id')->limit(self::NEWEST)->get(['id', 'state', 'done', 'total', 'updated_at']);
        foreach ($archives as $one) {
            if ($one->isCutOff()) {
                // Begun again, once for each time it falls silent.
                $one->touch();
                dispatch(new WorkArchive($one->id));
            }
        }

        return new JsonResponse(['archives' => $archives->map(static fn (Archive $one): array => $one->only(['id', 'state', 'done', 'total']))]);
    }

    public function make(Request $request): RedirectResponse
    {
        $under = $request->user()->archives()->where('way', Archive::OUT)->where('state', Archive::WAITING)->exists();
        if (! $under) {
            dispatch(new WorkArchive($request->user()->archives()->create(['way' => Archive::OUT])->id));
        }

        return redirect()->route('archive')->with('said', $under ? 'One is being worked on already.' : 'It is being made.');
    }

    public function take(Request $request): RedirectResponse
    {
        $given = $request->validate(['archive' => ['required', 'file', 'max:'.self::MOST_KB]], ['archive.max' => 'The archive is larger than 32 MB: whoever runs the program takes it in by its command.']);
        dispatch(new WorkArchive(Archive::brought($request->user(), Archive::IN, $given['archive']->getRealPath())->id));

        return redirect()->route('archive')->with('said', 'It is being taken in.');
    }

    public function give(Request $request, int $archive): StreamedResponse
    {
        $one = $request->user()->archives()->where('way', Archive::OUT)->where('state', Archive::READY)->findOrFail($archive);

        return response()->streamDownload(
            static function () use ($one): void {
                foreach ($one->body()->each() as $piece) {
                    echo $piece;
                    flush();
                }
            }, 'old-eddy-'.$one->created_at->toDateString().'.zip', ['Content-Type' => 'application/zip', 'Content-Length' => (string) $one->bytes],
        );
    }

    public function csv(Request $request): StreamedResponse
    {
        $angler = $request->user();

        return response()->streamDownload(static function () use ($angler): void {
            (new LogCsv($angler))->write(fopen('php://output', 'wb'));
        }, 'old-eddy-log.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** @return HasMany<Archive, User> those that were made or brought, the newest first */
    private function newest(Request $request): HasMany
    {
        $archives = $request->user()->archives();
        $archives->where('way', '!=', Archive::CSV)->latest('id')->limit(self::NEWEST);

        return $archives;
    }
}
