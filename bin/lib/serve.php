<?php

declare(strict_types=1);

/*
 * What PHP's own web server does with a request: files that ship with the application are answered at once,
 * everything else goes to Laravel. Used by bin/start and the tests; a real web server does the same by itself.
 */

use App\Http\Assets\AssetFile;

require_once __DIR__ . '/../../app/Http/Assets/AssetFile.php';

$public = dirname(__DIR__, 2) . '/public';
$address = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$asset = AssetFile::at($public, $address);
if ($asset !== null) {
    $compressed = str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip');
    foreach ($asset->headers($compressed) as $name => $value) {
        header("{$name}: {$value}");
    }
    $content = $asset->content($compressed);
    header('Content-Length: ' . strlen($content));
    echo $content;

    return;
}
if ($address !== '/' && ! str_contains($address, '..') && is_file($public . $address) && ! str_ends_with($address, '.php')) {
    return false;
}
require $public . '/index.php';
