<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Choice\Surroundings;
use BraveAnvil\Circuit\FieldKind;

/** What the circuit is, and where. */
final class HeadFields
{
    public const LIST = [
        'tag' => ['kind' => FieldKind::Text, 'label' => 'Tag', 'accepted' => 'Up to 24 characters, unique at this site.', 'high' => 24],
        'drives' => ['kind' => FieldKind::Text, 'label' => 'Drives', 'accepted' => 'Up to 200 characters.'],
        'area' => ['kind' => FieldKind::Text, 'label' => 'Area', 'accepted' => 'Up to 200 characters.'],
        'rule_book' => ['kind' => FieldKind::Choice, 'label' => 'Rule book', 'choices' => RuleBookName::class],
        'subject' => ['kind' => FieldKind::Choice, 'label' => 'Type of circuit', 'choices' => Subject::class, 'empty' => 'A motor'],
        'surroundings' => [
            'kind' => FieldKind::Choice, 'label' => 'Location', 'choices' => Surroundings::class, 'empty' => 'Not specified',
        ],
        'readings' => [
            'kind' => FieldKind::Anything, 'label' => 'Readings',
            'accepted' => 'A list of readings, each with its kind, its time and its values.',
        ],
    ];
}
