<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** What the logbook of a motor goes by, beside its plate. */
final class LogbookFields
{
    public const LIST = [
        'logbook.hours_a_day' => [
            'kind' => FieldKind::Hours, 'label' => 'Operating hours per day', 'accepted' => 'Hours from 0.1 to 24, such as 16.',
            'unit' => Unit::Hour,
            'low' => 0.1, 'high' => 24, 'empty' => '16 h (assumed)',
        ],
        'logbook.grease_interval' => [
            'kind' => FieldKind::Hours, 'label' => 'Greasing interval', 'accepted' => 'Hours from 100 to 100 000, such as 4000.',
            'unit' => Unit::Hour, 'low' => 100, 'high' => 1e5, 'empty' => 'As on the nameplate',
        ],
        'logbook.in_service' => ['kind' => FieldKind::Text, 'label' => 'In service since', 'accepted' => 'A date, such as 2017-05-02.'],
        'logbook.warranty_until' => ['kind' => FieldKind::Text, 'label' => 'Warranty until', 'accepted' => 'A date, such as 2027-05-02.'],
    ];
}
