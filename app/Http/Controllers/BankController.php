<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\SiteBank;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Turns;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The capacitor bank of a site. What is typed is kept as it is, also while it cannot be used. */
final class BankController
{
    public function __construct(private readonly SiteBank $bank)
    {
    }

    #[Call('BankAnswer')]
    public function show(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($this->bank->resource($site));
    }

    /** @throws Problem where somebody else has changed it meanwhile */
    #[Call('BankAnswer', takes: 'BankBody')]
    public function update(Request $request, Site $site): JsonResponse
    {
        Signed::editor($request);
        $read = $request->validate([
            'version' => ['required', 'integer', 'between:0,2000000000'], 'typed' => ['required', 'array'],
            'typed.*' => ['nullable', 'string', 'max:8000'],
        ]);
        $typed = array_filter(
            array_intersect_key($read['typed'], array_flip(SiteBank::FIELDS)),
            static fn (mixed $text): bool => is_string($text) && $text !== '',
        );
        $kept = Turns::at($site, function (Site $locked) use ($read, $typed): Site {
            $standing = $this->bank->typed($locked)['version'];
            if ($read['version'] !== $standing) {
                throw new Problem(409, 'conflict', 'Someone else changed this bank', 'Open it again to see the present version.');
            }
            $locked->bank = [...$typed, 'version' => $read['version'] + 1];
            $locked->save();

            return $locked;
        });

        return new JsonResponse($this->bank->resource($kept));
    }
}
