<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

/** One field, figure or finding that two states of a circuit have otherwise. */
final readonly class Change
{
    /**
     * @param  string  $kind  `field`, `figure` or `finding`
     * @param  string  $station  where it belongs; `supply` and `settings` for what a site says
     * @param  string  $from  empty where it was not there
     * @param  string  $to  empty where it is gone
     * @param  list<string>  $because  labels of the changed fields that a changed figure comes from
     */
    public function __construct(
        public string $kind,
        public string $station,
        public string $label,
        public string $from,
        public string $to,
        public array $because = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind, 'station' => $this->station, 'label' => $this->label, 'from' => $this->from, 'to' => $this->to,
            'because' => $this->because,
        ];
    }
}
