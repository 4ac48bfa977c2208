<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Choice\ResetMode;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Solution\Unit;

/** Protection, chosen or there already. */
final class GuardFields
{
    public const LIST = [
        'guard.scpd' => ['kind' => FieldKind::Choice, 'label' => 'Protective device', 'choices' => Scpd::class],
        'guard.overload_place' => ['kind' => FieldKind::Choice, 'label' => 'Overload relay', 'choices' => RelayPlace::class],
        'guard.overload_class' => [
            'kind' => FieldKind::Choice, 'label' => 'Trip class', 'choices' => TripClass::class, 'empty' => 'Smallest that holds',
        ],
        'guard.start_exception.evidence' => [
            'kind' => FieldKind::Text, 'label' => 'Evidence that it did not start',
            'accepted' => 'Who saw it trip, when, at which setting.',
            'hint' => 'Opens the exception for starting. It stands on the sheet.',
        ],
        'guard.start_exception.overload' => [
            'kind' => FieldKind::Flag, 'label' => 'Raise the overload too', 'accepted' => 'true or false.', 'empty' => 'No',
        ],
        'guard.instantaneous' => [
            'kind' => FieldKind::Amperes, 'label' => 'Instantaneous trip set at', 'accepted' => 'Amperes, such as 420.',
            'unit' => Unit::Ampere, 'low' => 1, 'high' => 60000, 'hint' => 'Checked, not chosen.',
        ],
        'guard.reset' => [
            'kind' => FieldKind::Choice, 'label' => 'Overload reset', 'choices' => ResetMode::class, 'empty' => 'Not said',
        ],
        'guard.earth_fault_relay' => [
            'kind' => FieldKind::Choice, 'label' => 'Earth-fault relay', 'choices' => Presence::class, 'empty' => 'Not said',
        ],
        'guard.breaking_capacity_ka' => [
            'kind' => FieldKind::Kiloamperes, 'label' => 'Breaking capacity', 'accepted' => 'kA from 0.5 to 300, such as 25.',
            'unit' => Unit::Ampere, 'low' => 500, 'high' => 3e5,
        ],
        'guard.rating' => [
            'kind' => FieldKind::Amperes, 'label' => 'Installed rating', 'accepted' => 'Amperes, such as 63.',
            'unit' => Unit::Ampere, 'low' => 0.1, 'high' => 6300, 'hint' => 'Checked, not chosen.',
        ],
        'guard.dial' => [
            'kind' => FieldKind::Amperes, 'label' => 'Relay stands at', 'accepted' => 'Amperes, such as 38.',
            'unit' => Unit::Ampere, 'low' => 0.05, 'high' => 6300, 'hint' => 'Checked, not chosen.',
        ],
        'guard.marked_maximum' => [
            'kind' => FieldKind::Amperes, 'label' => 'Marked maximum', 'accepted' => 'Amperes.', 'unit' => Unit::Ampere,
            'low' => 1, 'high' => 6300, 'hint' => 'Largest device on the starter’s label.',
        ],
    ];
}
