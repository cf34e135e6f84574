<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lake;
use App\Waters\Files\Refused;
use App\Waters\LayerFile;
use App\Waters\LayersAtWork;
use App\Waters\SheetOfSketch;
use App\Waters\SketchBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OldEddy\Basics\Problem\InvalidInput;

/** A water without a chart: the sheet it is drawn on, the picture under it, and the keeping of both. */
final class SketchController
{
    /** Pictures that a browser shows and that carry no program. */
    private const PICTURES = ['image/jpeg', 'image/png', 'image/webp'];

    private const MOST_KB = 6 * 1024;

    private const PATIENCE_S = 20;

    public function show(Request $request, Lake $lake): View
    {
        $book = new SketchBook($lake);

        return view('lakes.sketch', ['lake' => $lake, 'sheet' => SheetOfSketch::of($lake, $book, $request->user())]);
    }

    /** Keeps the drawing. Who drew on in another window meanwhile is told, and loses nothing. */
    public function keep(Request $request, Lake $lake): JsonResponse
    {
        $given = $request->validate([
            'drawing' => ['required', 'array'], 'number' => ['required', 'integer', 'min:0'],
            'picture' => ['nullable', 'array:x,y,m_per_point,turn_deg'], 'picture.*' => ['numeric', 'between:-100000,100000'],
        ]);
        $book = new SketchBook($lake);
        $said = null;
        try {
            $ran = LayersAtWork::alone($lake->user_id, function () use ($book, $given, &$said): void {
                $number = (int) ($book->drawing()['number'] ?? 0);
                $said = $number !== (int) $given['number'] ? null
                    : $book->keep($given['drawing'], ['number' => $number + 1, 'picture' => $given['picture'] ?? null]);
            }, self::PATIENCE_S);
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        } catch (Refused $e) {
            return new JsonResponse(['errors' => [['path' => 'drawing', 'message' => $e->getMessage()]]], 422);
        }

        return match (true) {
            ! $ran => new JsonResponse(['errors' => [['path' => 'drawing', 'message' => 'Another file of yours is being read. Keep it again in a moment.']]], 503),
            $said === null => new JsonResponse(['errors' => [['path' => 'drawing', 'message' => 'This water was drawn on in another window meanwhile. Load the page anew: what you drew here stays on this device until you drop it.']]], 409),
            default => new JsonResponse(['said' => $said, 'number' => (int) $given['number'] + 1, 'lake' => route('lake', $lake)]),
        };
    }

    public function picture(Lake $lake): Response
    {
        $picture = (new SketchBook($lake))->picture();
        abort_if($picture === null, 404);
        $bytes = LayerFile::with($picture, static fn (string $path): string => (string) file_get_contents($path));

        return new Response($bytes, 200, ['Content-Type' => self::kind($bytes) ?? 'application/octet-stream', 'Cache-Control' => 'private, no-cache']);
    }

    public function lay(Request $request, Lake $lake): JsonResponse
    {
        $given = $request->validate(
            ['picture' => ['required', 'file', 'max:'.self::MOST_KB]],
            ['picture.max' => sprintf('The picture is larger than %d MB.', self::MOST_KB / 1024), 'picture.uploaded' => 'The picture did not arrive whole.'],
        );
        $path = (string) $given['picture']->getRealPath();
        if (self::kind((string) file_get_contents($path)) === null) {
            return new JsonResponse(['errors' => [['path' => 'picture', 'message' => 'This is no picture: JPEG, PNG or WebP is needed.']]], 422);
        }
        (new SketchBook($lake))->lay($path, (string) $given['picture']->getClientOriginalName());

        return new JsonResponse(['picture' => route('sketch.picture', $lake)]);
    }

    public function takeAway(Lake $lake): JsonResponse
    {
        (new SketchBook($lake))->picture()?->delete();

        return new JsonResponse(['said' => 'The picture is taken away.']);
    }

    /** What kind of picture bytes are, by what stands in them; null where they are none. */
    private static function kind(string $bytes): ?string
    {
        $kind = (@getimagesizefromstring($bytes) ?: [])['mime'] ?? null;

        return in_array($kind, self::PICTURES, true) ? $kind : null;
    }
}
