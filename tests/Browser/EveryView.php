<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Every view of the application, opened one after the other with the demo data. */
trait EveryView
{
    private const PAGES = [
        '/' => 'circuits on', '/setup' => 'New user', '/standing' => 'from memory', '/what-if' => 'What if the supply changes?',
        '/boards?site=1' => 'Feeder device', '/boards/1' => 'One-line diagram', '/boards/3/paper/file' => 'Back to the board', '/register' => 'Schedules', '/round' => 'Start a round', '/due' => 'Export (CSV)', '/record' => 'Activity log',
    ];

    private const VIEWS = [
        'KF-203' => ['plate', 'power', 'start', 'cable', 'guard', 'correct', 'prove', 'sheet'], 'CV-115' => ['plate', 'start', 'cable'],
        'DX-502' => ['guard', 'cable'], 'DE-410' => ['plate', 'guard', 'power', 'power?view=measure'], 'DB-101' => ['start'],
        'FP-405' => ['power?view=measure', 'power?view=phasors', 'power?view=windings', 'power?view=waveform', 'plate?view=replacement'],
        'KF-201' => ['start', 'start?view=methods', 'start?view=wiring', 'start?view=stopwatch', 'guard?view=time-current'],
        'KF-204' => [
            'prove?step=insulation_resistance', 'prove?view=kept', 'prove?view=logbook', 'prove?view=method', 'prove?view=instruments',
            'prove?view=fault', 'sheet?view=change', 'sheet?view=review', 'sheet?view=revisions',
        ],
    ];

    /** @param  callable(string): void  $look  at what is open, by its name */
    private function everyView(Hand $hand, callable $look): void
    {
        $hand->open('/sign-in');
        $hand->see('Sign in');
        $look('sign-in');
        $hand->signIn('administrator');
        foreach (self::PAGES as $path => $seen) {
            $hand->open($path);
            $hand->see($seen);
            $look($path);
        }
        $rows = $hand->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/circuits").then((r) => r.json()).then((r) => done(r.circuits))',
        );
        $ids = is_array($rows) ? array_column($rows, 'id', 'tag') : [];
        foreach (self::VIEWS as $tag => $views) {
            foreach ($views as $view) {
                $hand->open('/circuits/'.$ids[$tag].'/'.$view);
                $hand->until(
                    static fn (): bool => $hand->driver->executeScript('return document.querySelector("h1")?.innerText') ===
                        ucfirst((string) strtok($view, '?')), 90, static fn (): string => "$tag $view: ".$hand->text(),
                );
                $busy = '~(Drawing|Opening|Calculating|Updating|Trying)[^.]*…~u';
                $hand->until(static fn (): bool => preg_match($busy, $hand->text()) !== 1);
                $look("$tag $view");
            }
        }
    }
}
