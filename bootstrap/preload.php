<?php

// Read once by PHP when the server starts: the classes of core and application, with those of the framework that they stand on and that
// answer a request, are then there for every request without being looked for. See bin/serve.

declare(strict_types=1);

use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require __DIR__.'/../vendor/autoload.php';

(static function (): void {
    foreach (['core' => 'BraveAnvil', 'app' => 'App'] as $folder => $namespace) {
        $root = dirname(__DIR__).'/'.$folder;
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $name = substr((string) $file, strlen($root) + 1, -strlen('.php'));
            // The core's own autoloader is the one file that holds no class.
            if (str_ends_with((string) $file, '.php') && $name !== 'autoload') {
                class_exists($namespace.'\\'.str_replace('/', '\\', $name));
            }
        }
    }
    // The tables of the rule books: as a constant of a class they lie in memory once for all who answer.
    $tables = [];
    foreach (TableName::cases() as $name) {
        $tables[$name->value] = Table::decoded($name);
    }
    $file = (string) tempnam(sys_get_temp_dir(), 'brave-anvil-tables');
    file_put_contents($file, '<?php namespace BraveAnvil\Tables; final class TablesAtHand { public const ALL = '.var_export($tables, true).'; }');
    require $file;
    unlink($file);
    // What a request goes through, by one of somebody who is not signed in: it asks no database and leaves nothing.
    try {
        $app = require __DIR__.'/app.php';
        $app->make(Kernel::class)->handle(Request::create('/api/session'));
    } catch (Throwable $failure) {
        // Requests will say it themselves, each in its own log entry; they need no class from here.
        error_log('Not all is read ahead: '.$failure->getMessage());
    }
})();
