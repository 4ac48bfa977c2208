<?php

declare(strict_types=1);

namespace App\Carried;

/** A template that the framework has compiled, where there is no framework: what it includes, and loops that it does not count. */
final class CarriedView
{
    /** @param  array<string, mixed>  $data */
    public function __construct(private readonly string $name, private readonly array $data)
    {
    }

    /** @param  array<string, mixed>  $data */
    public function make(string $name, array $data): self
    {
        return new self($name, $data);
    }

    public function render(): string
    {
        ob_start();
        (static function (CarriedView $__env, string $__file, array $__data): void {
            extract($__data, EXTR_SKIP);
            require $__file;
        })($this, dirname(__DIR__)."/views/$this->name.php", $this->data);

        return (string) ob_get_clean();
    }

    public function addLoop(mixed $over): void
    {
    }

    public function incrementLoopIndices(): void
    {
    }

    public function popLoop(): void
    {
    }

    public function getLastLoop(): null
    {
        return null;
    }
}
