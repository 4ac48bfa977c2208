<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Models\Site;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;

/** What is due on a site, for a calendar program to subscribe to. RFC 5545. */
final class DueCalendar
{
    public function __construct(private readonly DueList $due)
    {
    }

    public function of(Site $site): string
    {
        // The package is older than the return types of PHP 8.1, which is told each time that it is loaded.
        $level = error_reporting(E_ALL & ~E_DEPRECATED);
        try {
            $calendar = new VCalendar(['PRODID' => '-//Brave Anvil//Due//EN', 'X-WR-CALNAME' => $site->name.', due']);
            foreach ($this->due->of($site) as $item) {
                if ($item['due_at'] === null) {
                    continue;
                }
                $event = $calendar->createComponent('VEVENT', [
                    'UID' => strtolower(str_replace(' ', '-', $item['what'])).'-'.($item['board'] === null ? $item['circuit']
                        : 'board-'.$item['board']).'@brave-anvil',
                    'SUMMARY' => $item['what'].' '.$item['tag'].', '.$item['drives'], 'DESCRIPTION' => $item['says'],
                    'LOCATION' => $item['area'],
                    'DTSTAMP' => Carbon::now()->toDateTimeImmutable(),
                ], false);
                $day = new DateTimeImmutable(substr($item['due_at'], 0, 10), new DateTimeZone('UTC'));
                $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
                $calendar->add($event);
            }

            return $calendar->serialize();
        } finally {
            error_reporting($level);
        }
    }
}
