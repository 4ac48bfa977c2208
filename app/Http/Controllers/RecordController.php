<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\Signed;
use App\Models\Event;
use App\Record\Happening;
use BraveAnvil\Records\Register\CsvText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** The record of the house, for administrators: read, filtered, taken along. */
final class RecordController
{
    private const PAGE = 100;

    /** Lines of a file. */
    private const MOST = 50_000;

    #[Call('RecordAnswer', query: ['what', 'who', 'page'])]
    public function index(Request $request): JsonResponse
    {
        Signed::administrator($request);
        $query = self::asked($request);
        $total = (clone $query)->count();
        $page = min(10_000, max(1, $request->integer('page', 1)));
        /** @var Collection<int, Event> $events */
        $events = $query->orderByDesc('id')->forPage($page, self::PAGE)->get();

        return new JsonResponse([
            'events' => $events->map(static fn (Event $event): array => $event->resource())->values(), 'total' => $total, 'page' => $page,
            'pages' => max(1, (int) ceil($total / self::PAGE)),
            'kinds' => array_map(static fn (Happening $one): array => ['value' => $one->value, 'label' => $one->label()],
                Happening::cases()),
        ]);
    }

    #[Call(Call::FILE, query: ['what', 'who'])]
    public function file(Request $request): Response
    {
        Signed::administrator($request);
        /** @var Collection<int, Event> $events */
        $events = self::asked($request)->orderByDesc('id')->limit(self::MOST)->get();
        $rows = [['Time', 'User', 'Address', 'Action', 'Subject']];
        foreach ($events as $event) {
            $line = $event->resource();
            $rows[] = [$line['at'], $line['who'], $line['whence'], $line['label'], $line['about']];
        }

        return new Response(CsvText::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="record.csv"',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** @return Builder<Event> */
    private static function asked(Request $request): Builder
    {
        $request->validate(['what' => ['nullable', Rule::enum(Happening::class)], 'who' => ['nullable', 'string', 'max:80']]);
        $query = Event::query();
        if ($request->filled('what')) {
            $query->where('what', $request->string('what')->toString());
        }
        if ($request->filled('who')) {
            $query->where('who', 'ilike', '%'.addcslashes($request->string('who')->toString(), '%_\\').'%');
        }

        return $query;
    }
}
