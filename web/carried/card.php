<?php

// Where a device prints a door card by itself there is no framework: these stand in for the three things of it that the card's templates ask.
// bin/device packs it with the templates, which the framework has compiled.

declare(strict_types=1);

use App\Carried\CarriedView;

spl_autoload_register(static function (string $class): void {
    $file = __DIR__.'/'.str_replace('\\', '/', substr($class, 4)).'.php';
    if (str_starts_with($class, 'App\\') && is_file($file)) {
        require $file;
    }
});

/** @param  array<string, mixed>  $data */
function view(string $name, array $data = []): CarriedView
{
    return new CarriedView($name, $data);
}

function e(string|int|float|null $value): string
{
    return htmlspecialchars((string) $value, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
}
