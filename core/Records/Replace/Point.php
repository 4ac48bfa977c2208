<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

/** One point in which both motors are held side by side. */
final readonly class Point
{
    /**
     * @param  string  $present  of the motor that is there; empty where its plate does not say
     * @param  string  $offered  of the other
     * @param  string  $text  what it means, one sentence or more; may be empty
     */
    public function __construct(
        public string $name,
        private string $present,
        private string $offered,
        public FitVerdict $verdict,
        private string $text = '',
    ) {
    }

    /** @return array{point: string, present: string, offered: string, verdict: string, text: string} */
    public function toArray(): array
    {
        return [
            'point' => $this->name,
            'present' => $this->present === '' ? 'not specified' : $this->present,
            'offered' => $this->offered === '' ? 'not specified' : $this->offered,
            'verdict' => $this->verdict->value, 'text' => $this->text,
        ];
    }
}
