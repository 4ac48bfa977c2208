<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

/** What a line beside the devices stands for. */
enum TraceKind: string
{
    /** What flows in the line while the motor starts and runs. */
    case Start = 'start';
    /** The same as the relay sees it, at the scale of the line. */
    case StartAtRelay = 'start_at_relay';
    /** What a line conductor bears. */
    case Conductor = 'conductor';
    /** What the protective conductor bears. */
    case Protective = 'protective';
}
