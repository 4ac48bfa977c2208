<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\Signed;
use App\Models\Circuit;
use App\Models\Paper;
use App\Models\Round;
use App\Models\RoundCheck;
use App\Models\Site;
use App\Rounds\RoundStore;
use BraveAnvil\Records\Round\RoundItem;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** Rounds through the plant with a phone: the same or otherwise, motor by motor. */
final class RoundController
{
    public function __construct(private readonly RoundStore $rounds)
    {
    }

    #[Call('RoundsAnswer')]
    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);
        /** @var Collection<int, Round> $rounds */
        $rounds = Round::query()->with('person')->where('site_id', $site->id)->orderByDesc('id')->limit(20)->get();

        return new JsonResponse(['rounds' => $rounds->map(static fn (Round $round): array => $round->row())->values()]);
    }

    #[Call('Round', takes: 'NewRound')]
    public function begin(Request $request, Site $site): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['area' => ['present', 'nullable', 'string', 'max:200']]);
        $round = Round::query()->create(['site_id' => $site->id, 'area' => $request->string('area')->trim()->toString(),
            'begun_by' => $person->id]);

        return new JsonResponse($this->answer($round), 201);
    }

    #[Call('Round')]
    public function show(Request $request, Round $round): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($this->answer($round));
    }

    /** What is looked at on one motor. */
    #[Call('RoundMotorAnswer')]
    public function motor(Request $request, Round $round, Circuit $circuit): JsonResponse
    {
        Signed::person($request);
        $circuit->load('site');

        return new JsonResponse(['items' => $this->rounds->items($circuit)]);
    }

    #[Call('Round', takes: 'FoundOnRound')]
    public function check(Request $request, Round $round, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'item' => ['required', Rule::enum(RoundItem::class)], 'same' => ['required', 'boolean'],
            'found' => ['nullable', 'string', 'max:100', 'required_if:same,false'],
            'seen' => ['nullable', 'boolean'],
        ]);
        $this->rounds->check(
            $round, $circuit->load('site'), RoundItem::from($request->string('item')->toString()), $request->boolean('same'),
            $request->string('found')->trim()->toString(), $person, $request->boolean('seen'),
        );

        return new JsonResponse($this->answer($round));
    }

    #[Call('Round')]
    public function end(Request $request, Round $round): JsonResponse
    {
        Signed::editor($request);
        $round->forceFill(['ended_at' => $round->ended_at ?? Carbon::now()])->save();

        return new JsonResponse($this->answer($round));
    }

    /** Asks the workers for the list of defects on paper. */
    #[Call('PaperJob')]
    public function paper(Request $request, Round $round): JsonResponse
    {
        $person = Signed::person($request);
        $paper = Paper::ask($person, [
            'name' => 'defects.pdf', 'site_id' => $round->site_id, 'round_id' => $round->id, 'origin' => $request->getSchemeAndHttpHost(),
        ]);

        return new JsonResponse($paper->resource(), 202);
    }

    /** @return array<string, mixed> */
    private function answer(Round $round): array
    {
        $round->load('person', 'checks');
        $checks = $round->checks->groupBy('circuit_id');

        return [
            ...$round->row(),
            'motors' => RoundStore::circuits($round)->map(static fn (Circuit $circuit): array => [
                'id' => $circuit->id, 'tag' => $circuit->tag, 'drives' => $circuit->drives,
                'checks' => array_values(array_map(
                    static fn (RoundCheck $check): array => $check->resource(), $checks->get($circuit->id)?->all() ?? [],
                )),
            ])->values(),
            'defects' => array_map(static fn (array $defect): array => [
                'circuit' => $defect['circuit'], 'tag' => $defect['tag'], 'drives' => $defect['drives'], ...$defect['check']->resource(),
            ], RoundStore::defects($round)),
        ];
    }
}
