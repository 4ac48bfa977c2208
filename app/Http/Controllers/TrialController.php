<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\SiteTrial;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Site;
use App\Record\Happening;
use App\Record\HouseRecord;
use BraveAnvil\Circuit\Fields;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Another ambient, supply or fault level on trial: what it would change on a site, and the circuits that take it. */
final class TrialController
{
    /** Circuits that one request may change. */
    private const MOST = 100;

    public function __construct(private readonly SiteTrial $trial)
    {
    }

    /** Anybody may try; nothing is kept. */
    #[Call('TrialAnswer', takes: 'TriedSupply')]
    public function try(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);
        $request->validate(['supply' => ['required', 'array', 'max:20'], 'after' => ['nullable', 'integer', 'between:0,2000000000']]);

        return new JsonResponse($this->trial->page(
            $site, SiteTrial::supply($site, $request->array('supply')), $request->integer('after'),
        ));
    }

    #[Call('TakenAnswer', takes: 'TakenSupply')]
    public function take(Request $request, Site $site): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'supply' => ['required', 'array', 'max:20'], 'key' => ['required', 'string', 'max:60'],
            'circuits' => ['required', 'array', 'list', 'max:'.self::MOST],
            'circuits.*.circuit' => ['required', 'integer', 'between:1,2000000000'],
            'circuits.*.version' => ['required', 'integer', 'between:1,2000000000'],
        ]);
        $supply = SiteTrial::supply($site, $request->array('supply'));
        $chosen = [];
        foreach ($request->array('circuits') as $one) {
            if (is_array($one) && is_numeric($one['circuit'] ?? null) && is_numeric($one['version'] ?? null)) {
                $chosen[] = ['circuit' => (int) $one['circuit'], 'version' => (int) $one['version']];
            }
        }
        $told = $this->trial->take($site, $supply, $chosen, $person, $request->string('key')->toString());
        $taken = count(array_filter($told, static fn (array $one): bool => $one['problem'] === ''));
        if ($taken > 0) {
            $values = [];
            foreach ($supply as $name => $text) {
                $values[] = (Fields::find('supply.'.$name)->label ?? '').' '.$text;
            }
            HouseRecord::note($request, Happening::SupplyTaken, "$site->name: ".implode(', ', $values).
                ($taken === 1 ? ', 1 circuit' : ", $taken circuits"));
        }

        return new JsonResponse(['circuits' => $told]);
    }
}
