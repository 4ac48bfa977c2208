<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Writes down who did what to the house itself, when and from where. What is typed into circuits has its own revisions and logbook. */
final class HouseRecord
{
    /** @param  string  $about  what it was done to, in a few words */
    public static function note(Request $request, Happening $what, string $about = '', ?Person $person = null): void
    {
        $signedIn = $request->user();
        $person ??= $signedIn instanceof Person ? $signedIn : null;
        Event::query()->create([
            'at' => Carbon::now(), 'person_id' => $person?->id, 'who' => $person->name ?? '', 'whence' => (string) $request->ip(),
            'what' => $what->value, 'about' => Str::limit((string) preg_replace('~\p{C}+~u', ' ', $about), 290, '…'),
        ]);
    }
}
