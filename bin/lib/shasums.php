<?php

// Compares what Composer installed with the sums in packages/SHASUMS.

declare(strict_types=1);

$root = dirname(__DIR__, 2);
$expected = [];
foreach (file($root.'/packages/SHASUMS', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    [$sum, $name, $version] = explode(' ', $line);
    $expected[$name] = [$sum, $version];
}
$installed = json_decode((string) file_get_contents($root.'/vendor/composer/installed.json'), true, 512, JSON_THROW_ON_ERROR);
$wrong = 0;
foreach ($installed['packages'] as $package) {
    $name = $package['name'];
    if (str_starts_with($name, 'local/')) {
        continue;
    }
    $is = [$package['dist']['shasum'] ?: '-', $package['version']];
    if (! isset($expected[$name]) || $expected[$name] !== $is) {
        fwrite(STDERR, "$name is {$is[1]} {$is[0]}, pinned is ".implode(' ', array_reverse($expected[$name] ?? ['nothing', '']))."\n");
        $wrong++;
    }
}
exit($wrong === 0 ? 0 : 1);
