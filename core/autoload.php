<?php

declare(strict_types=1);

// The core's own autoloader: it needs PHP alone.
spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'BraveAnvil\\')) {
        $file = __DIR__.'/'.str_replace('\\', '/', substr($class, 11)).'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
