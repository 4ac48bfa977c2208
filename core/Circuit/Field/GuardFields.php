<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Choice\ResetMode;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** Protection, chosen or there already. */
final class GuardFields
{
    public const LIST = [
        'guard.scpd' => ['kind' => FieldKind::Choice, 'label' => 'Protective device', 'choices' => Scpd::class],
        'guard.overload_place' => ['kind' => FieldKind::Choice, 'label' => 'Overload relay', 'choices' => RelayPlace::class],
        'guard.overload_class' => [
            'kind' => FieldKind::Choice, 'label' => 'Trip class', 'choices' => TripClass::class,
            'empty' => 'Automatic: fastest that allows the start',
        ],
        'guard.start_exception.evidence' => [
            'kind' => FieldKind::Text, 'label' => 'Evidence that the motor did not start',
            'accepted' => 'Who saw it trip, when and at what setting.',
            'hint' => 'Needed to use the starting exception; printed on the sheet.',
        ],
        'guard.start_exception.overload' => [
            'kind' => FieldKind::Flag, 'label' => 'Raise the overload setting too', 'accepted' => 'Yes or No.', 'empty' => 'No',
        ],
        'guard.instantaneous' => [
            'kind' => FieldKind::Amperes, 'label' => 'Instantaneous trip setting as found', 'accepted' => 'Amperes, such as 420.',
            'unit' => Unit::Ampere, 'low' => 1, 'high' => 60000, 'hint' => 'The program checks this setting instead of choosing one.',
        ],
        'guard.reset' => [
            'kind' => FieldKind::Choice, 'label' => 'Overload reset', 'choices' => ResetMode::class, 'empty' => 'Not specified',
        ],
        'guard.earth_fault_relay' => [
            'kind' => FieldKind::Choice, 'label' => 'Earth-fault relay', 'choices' => Presence::class, 'empty' => 'Not specified',
        ],
        'guard.breaking_capacity_ka' => [
            'kind' => FieldKind::Kiloamperes, 'label' => 'Breaking capacity', 'accepted' => 'kA from 0.5 to 300, such as 25.',
            'unit' => Unit::Ampere, 'low' => 500, 'high' => 3e5,
        ],
        'guard.rating' => [
            'kind' => FieldKind::Amperes, 'label' => 'Installed rating', 'accepted' => 'Amperes, such as 63.',
            'unit' => Unit::Ampere, 'low' => 0.1, 'high' => 6300, 'hint' => 'The program checks this rating instead of choosing one.',
        ],
        'guard.dial' => [
            'kind' => FieldKind::Amperes, 'label' => 'Relay setting as found', 'accepted' => 'Amperes, such as 38.',
            'unit' => Unit::Ampere, 'low' => 0.05, 'high' => 6300, 'hint' => 'The program checks this setting instead of choosing one.',
        ],
        'guard.marked_maximum' => [
            'kind' => FieldKind::Amperes, 'label' => 'Maximum device marked on the starter', 'accepted' => 'Amperes.',
            'unit' => Unit::Ampere,
            'low' => 1, 'high' => 6300, 'hint' => 'Largest protective device that the starter label allows.',
        ],
    ];
}
