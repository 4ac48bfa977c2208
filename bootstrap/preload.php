<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

foreach (['core' => 'BraveAnvil', 'app' => 'App'] as $folder => $space) {
    $root = dirname(__DIR__)."/$folder";
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        if (! str_ends_with($path, '.php') || str_contains($path, 'data/') || $path === 'autoload.php') {
            continue;
        }
        class_exists($space.'\\'.str_replace('/', '\\', substr($path, 0, -4)));
    }
}
$app = require __DIR__.'/app.php';
$kernel = $app->make(Illuminate\Contracts\Http\Kernel::class);
$kernel->handle(Illuminate\Http\Request::create('/api/health'));
