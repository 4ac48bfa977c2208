<?php

declare(strict_types=1);

namespace App\Carried;

use App\Sheet\RevisionState;
use App\Sheet\SheetContents;
use App\Sheet\SheetPaper;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\SiteSettings;

/** The door card of a draft on a device by itself: the same markup as the service's, without the code of its address. */
final class CarriedCard
{
    /**
     * @param  array<array-key, mixed>  $circuit  with what its site says beside it as `site_settings`
     * @param  string  $site  its name
     * @return array{html: string, css: string, foot: string, revision: null}
     */
    public static function of(array $circuit, string $site): array
    {
        $settings = is_array($circuit['site_settings'] ?? null) ? $circuit['site_settings'] : [];
        unset($circuit['site_settings']);
        /** @var array<array-key, mixed> $solution */
        $solution = json_decode(Bench::solve(SiteSettings::under($circuit, $settings))->toJson(), true, 64, JSON_THROW_ON_ERROR);
        $sheet = SheetContents::sealed($circuit, $solution, ['site' => $site, 'settings' => $settings], 0, null, [], []);
        $paper = SheetPaper::doorCard($sheet, RevisionState::Draft->mark(), '');

        return ['html' => $paper->html, 'css' => $paper->css, 'foot' => $paper->foot, 'revision' => null, 'since' => ''];
    }
}
