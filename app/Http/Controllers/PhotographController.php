<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\Signed;
use App\Models\Circuit;
use App\Models\Photograph;
use App\Photographs\Picture;
use App\Record\Turns;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;
use Throwable;

/** The photograph of a circuit's plate: one for each circuit, kept outside the web root. */
final class PhotographController
{
    #[Call('PhotographAnswer', takes: Call::BYTES)]
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $picture = Picture::from($request->getContent());
        $file = bin2hex(random_bytes(16)).'.jpg';
        if (
            (! is_dir(self::folder()) && ! @mkdir(self::folder(), 0700, true)) ||
            @file_put_contents(self::folder().'/'.$file, $picture->jpeg) !== strlen($picture->jpeg)
        ) {
            throw new RuntimeException('the photograph cannot be written below '.self::folder());
        }
        @chmod(self::folder().'/'.$file, 0600);
        $before = null;
        try {
            $photograph = Turns::at($circuit, static function () use ($circuit, $file, $picture, $person, &$before): Photograph {
                // Each sees, and removes, the file of the one before it.
                $before = Photograph::query()->find($circuit->id)?->file;

                return Photograph::query()->updateOrCreate(
                    ['circuit_id' => $circuit->id],
                    [
                        'file' => $file, 'width' => $picture->width, 'height' => $picture->height, 'bytes' => strlen($picture->jpeg),
                        'taken_by' => $person->id,
                    ],
                );
            });
        } catch (Throwable $fault) {
            @unlink(self::folder().'/'.$file);
            throw $fault;
        }
        if ($before !== null) {
            @unlink(self::folder().'/'.$before);
        }

        return new JsonResponse(['photograph' => $photograph->refresh()->resource()], 201);
    }

    #[Call('PhotographAnswer')]
    public function index(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse(['photograph' => Photograph::query()->find($circuit->id)?->resource()]);
    }

    /** The picture itself; its name changes with every new one, so that it may be kept by the browser. */
    #[Call(Call::FILE)]
    public function show(Request $request, Circuit $circuit, string $name): Response
    {
        Signed::person($request);
        $photograph = Photograph::query()->findOrFail($circuit->id);
        $path = self::folder().'/'.$photograph->file;
        abort_unless($photograph->file === $name.'.jpg' && is_file($path), 404);

        return new Response((string) file_get_contents($path), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400',
            'Content-Disposition' => 'inline; filename="plate.jpg"', 'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    #[Call]
    public function destroy(Request $request, Circuit $circuit): Response
    {
        Signed::editor($request);
        $photograph = Photograph::query()->find($circuit->id);
        if ($photograph !== null) {
            $photograph->delete();
            @unlink(self::folder().'/'.$photograph->file);
        }

        return new Response(status: 204);
    }

    private static function folder(): string
    {
        return storage_path('app/photographs');
    }
}
