<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\BoxItem;
use App\Year\BoxBook;
use App\Year\BoxFile;
use App\Year\BoxForm;
use App\Year\ShoppingList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OldEddy\Choice\Tackle\Care;

/** The box (K1-K4): what is in it, its care, and the shopping list of season start. */
final class BoxController
{
    private const FILE_KB = 500;

    public function show(Request $request): View
    {
        return view('box.show', ['box' => new BoxBook($request->user()), 'today' => now()->toDateString(), 'ask' => (string) Str::uuid()]);
    }

    /** A new item; sent twice, it is one. Its form stays as it was typed, so that the next like it needs one change. */
    public function add(Request $request): RedirectResponse
    {
        $units = $request->user()->units();
        $given = $request->validate(['ask' => ['required', 'uuid']] + BoxForm::rules($units), [], BoxForm::NAMES);
        $request->user()->items()->firstOrCreate(['ask' => $given['ask']], BoxForm::read($given, $units));

        return redirect()->to(route('box').'#add')->with('said', 'It is in the box.')->withInput($request->except(['_token', 'ask']));
    }

    public function change(Request $request, BoxItem $item): RedirectResponse
    {
        $units = $request->user()->units();
        $item->update(BoxForm::read($request->validate(BoxForm::rules($units), [], BoxForm::NAMES), $units));

        return redirect()->to(route('box')."#item-{$item->id}")->with('said', 'Changed.');
    }

    /** Another like it, to be changed where it differs. */
    public function double(BoxItem $item): RedirectResponse
    {
        $double = $item->replicate(['ask', 'lost_on']);
        $double->number = max(1, $item->number);
        $double->setRelation('user', $item->user)->save();

        return redirect()->to(route('box')."#item-{$double->id}")->with('said', 'Another one like it is in the box.');
    }

    public function drop(BoxItem $item): RedirectResponse
    {
        $item->delete();

        return redirect()->route('box')->with('said', 'It is out of the box.');
    }

    /** Several are cleaned or sharpened at once: the timer's lot. */
    public function care(Request $request): RedirectResponse
    {
        $given = $request->validate(['items' => ['required', 'array', 'max:200'], 'items.*' => ['integer'], 'what' => ['required', 'in:cleaned_on,sharpened_on']], [
            'items.required' => 'Say which lures: none was marked.',
        ]);
        $cared = $request->user()->items()->whereIn('id', $given['items'])->get();
        foreach ($cared as $item) {
            $treble = $given['what'] === 'sharpened_on' ? Care::touchedUp($item->treble) : $item->treble;
            $item->setRelation('user', $request->user())->update([$given['what'] => now()->toDateString(), 'treble' => $treble]);
        }

        return redirect()->to(route('box').'#care')->with('said', sprintf('Noted for %d %s.', $cared->count(), $cared->count() === 1 ? 'lure' : 'lures'));
    }

    public function start(Request $request): View
    {
        $box = new BoxBook($request->user());

        return view('box.start', [
            'box' => $box, 'lost' => $box->items->where('number', 0), 'due' => $box->due(now()->toDateString()),
            'wanted' => ShoppingList::of($request->user(), $request->user()->units()),
        ]);
    }

    public function give(Request $request): Response
    {
        return response(BoxFile::write((new BoxBook($request->user()))->items))->header('Content-Type', 'text/csv; charset=utf-8')
            ->header('Content-Disposition', 'attachment; filename="box.csv"');
    }

    public function take(Request $request): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:'.self::FILE_KB]], [], ['file' => 'file']);
        $took = BoxFile::take($request->user(), (string) $request->file('file')?->get());

        return $took['problems'] === []
            ? redirect()->route('box')->with('said', "{$took['taken']} lures were taken in; those that were there already were left as they are.")
            : back()->withErrors(['file' => ['Nothing was taken in.', ...$took['problems']]]);
    }
}
