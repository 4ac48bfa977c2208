<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** A published standard or code that the core cites. Its tables name their own, with the edition they were taken from. */
enum Standard: string
{
    case CeCode = 'CE Code';
    case En50160 = 'EN 50160';
    case Iec60034_1 = 'IEC 60034-1';
    case Iec60034_12 = 'IEC 60034-12';
    case Iec60079_31 = 'IEC 60079-31';
    case Iec60204_1 = 'IEC 60204-1';
    case Iec60269_2 = 'IEC 60269-2';
    case Iec60335_1 = 'IEC 60335-1';
    case Iec60364_4_41 = 'IEC 60364-4-41';
    case Iec60364_4_43 = 'IEC 60364-4-43';
    case Iec60364_5_52 = 'IEC 60364-5-52';
    case Iec60364_5_54 = 'IEC 60364-5-54';
    case Iec60831_1 = 'IEC 60831-1';
    case Iec60909_0 = 'IEC 60909-0';
    case Iec60947_4_1 = 'IEC 60947-4-1';
    case Iec61000_4_30 = 'IEC 61000-4-30';
    case Iec61000_4_7 = 'IEC 61000-4-7';
    case Iec61800_5_1 = 'IEC 61800-5-1';
    case Ieee1459 = 'IEEE 1459';
    case Ieee43 = 'IEEE 43';
    case Iso20816 = 'ISO 20816';
    case Nec = 'NEC';
    case NemaMg1 = 'NEMA MG 1';

    private const EDITIONS = ['NEC' => '2023', 'CE Code' => '2021'];

    /** The edition in use; empty where any in force says the same. */
    public function edition(): string
    {
        return self::EDITIONS[$this->value] ?? '';
    }

    /** With its edition, as a book is named. */
    public function dated(): string
    {
        return trim($this->value.' '.$this->edition());
    }

    /**
     * What it says in one place, as it is remembered: nobody has held it against the printed text.
     *
     * @param  string  $place  section or table; empty for the standard as a whole
     */
    public function at(string $place = ''): Source
    {
        return new Source($this, $place, HowKnown::FromMemory);
    }
}
