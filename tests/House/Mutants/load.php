<?php

declare(strict_types=1);

// Loaded before a run of the core's tests by bin/mutants: the files of the core named in LOADED (JSON: file => file to read instead)
// are read from there, and everything else as ever.

use Composer\Autoload\ClassLoader;

require dirname(__DIR__, 3).'/vendor/autoload.php';

/** @var array<string, string> $instead */
$instead = json_decode((string) file_get_contents((string) getenv('LOADED')), true, 512, JSON_THROW_ON_ERROR);
$root = dirname(__DIR__, 3);
$loader = current(ClassLoader::getRegisteredLoaders());
spl_autoload_register(static function (string $class) use ($instead, $root, $loader): void {
    $file = $loader === false ? false : $loader->findFile($class);
    $given = $file === false ? null : $instead[substr((string) realpath($file), strlen($root) + 1)] ?? null;
    if ($given !== null) {
        require $given;
    }
}, true, true);
