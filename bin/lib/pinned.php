<?php

declare(strict_types=1);

/*
 * Prints composer.json with every package, wanted directly or by another, held to the version in versions.txt: what was tested is
 * what is installed, on every machine. versions.txt is written by bin/versions.
 */

$root = dirname(__DIR__, 2);
$composer = json_decode((string) file_get_contents("{$root}/composer.json"), true, 32, JSON_THROW_ON_ERROR);
foreach (file("{$root}/versions.txt", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    if (str_starts_with($line, '#')) {
        continue;
    }
    [$name, $version, $for] = array_pad(explode(' ', $line), 3, '');
    $composer[$for === 'dev' ? 'require-dev' : 'require'][$name] = $version;
}
echo json_encode($composer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), "\n";
