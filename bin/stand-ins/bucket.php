<?php

declare(strict_types=1);

/*
 * A small stand-in for a store that speaks the S3 interface, for tests and for trying several machines on one: one folder
 * is one store, a bucket a folder in it, an object a file. It holds signatures, dates and bodies against one another as
 * a real one does. Started as
 *
 *     BUCKET_FOLDER=… BUCKET_KEY=… BUCKET_SECRET=… php -S 127.0.0.1:9000 bin/stand-ins/bucket.php
 *
 * and no place to keep anybody's pictures.
 */

require_once __DIR__ . '/S3Signature.php';

const CLOCKS_APART_SECONDS = 900;

function answer(int $status, string $body = '', string $type = 'application/xml'): never
{
    http_response_code($status);
    header("Content-Type: {$type}");
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        header('Content-Length: ' . strlen($body));
        echo $body;
    }
    exit;
}

function refused(int $status, string $code): never
{
    answer($status, "<?xml version=\"1.0\"?><Error><Code>{$code}</Code><Message>{$code}</Message></Error>");
}

function signedHeader(string $name): string
{
    $of = strtoupper(str_replace('-', '_', $name));

    return (string) ($_SERVER["HTTP_{$of}"] ?? $_SERVER[$of] ?? '');
}

/** Ends with 403 where the request is not signed with the key and secret of this store. */
function holdAgainstSignature(string $path, string $body): void
{
    $said = '/Credential=([^\/]+)\/([^,]+),\s*SignedHeaders=([^,]+),\s*Signature=([0-9a-f]{64})$/';
    if (preg_match($said, signedHeader('authorization'), $found) !== 1 || $found[1] !== getenv('BUCKET_KEY')) {
        refused(403, 'InvalidAccessKeyId');
    }
    $headers = [];
    foreach (explode(';', $found[3]) as $name) {
        $headers[$name] = signedHeader($name);
    }
    $at = DateTimeImmutable::createFromFormat('Ymd\THis\Z', $headers['x-amz-date'] ?? '', new DateTimeZone('UTC'));
    if ($at === false || abs($at->getTimestamp() - time()) > CLOCKS_APART_SECONDS) {
        refused(403, 'RequestTimeTooSkewed');
    }
    $payload = $headers['x-amz-content-sha256'] ?? '';
    if (preg_match('/^[0-9a-f]{64}$/', $payload) === 1 && $payload !== hash('sha256', $body)) {
        refused(400, 'XAmzContentSHA256Mismatch');
    }
    $signature = (new S3Signature((string) getenv('BUCKET_SECRET')))
        ->of($_SERVER['REQUEST_METHOD'], $path, $_GET, $headers, $found[2], $payload);
    if (! hash_equals($signature, $found[4])) {
        refused(403, 'SignatureDoesNotMatch');
    }
}

/** Where an object lies; ends with 400 for a name that leads out of the store. */
function fileOf(string $object): string
{
    if (preg_match('#(^|/)\.{1,2}(/|$)|\0#', $object) === 1 || trim($object, '/') === '') {
        refused(400, 'InvalidURI');
    }

    return rtrim((string) getenv('BUCKET_FOLDER'), '/') . '/' . trim($object, '/');
}

/** Whole or not at all: what is read meanwhile is the one before. */
function keep(string $file, string $body): void
{
    if (! is_dir(dirname($file))) {
        @mkdir(dirname($file), 0700, true);
    }
    $part = $file . '.' . bin2hex(random_bytes(6)) . '.part';
    if (file_put_contents($part, $body) !== strlen($body) || ! rename($part, $file)) {
        refused(500, 'InternalError');
    }
}

/** @return list<string> names of objects that begin with something, in order */
function namesIn(string $bucket, string $prefix): array
{
    $folder = fileOf($bucket);
    $names = [];
    if (is_dir($folder)) {
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            $name = substr((string) $file, strlen($folder) + 1);
            if (str_starts_with($name, $prefix) && ! str_ends_with($name, '.part')) {
                $names[] = $name;
            }
        }
    }
    sort($names, SORT_STRING);

    return $names;
}

/** A page of the list, as ListObjectsV2 gives it; folders stand for what is behind their slash. */
function listed(string $bucket): never
{
    $prefix = (string) ($_GET['prefix'] ?? '');
    $slash = (string) ($_GET['delimiter'] ?? '');
    $most = max(1, min(1000, (int) ($_GET['max-keys'] ?? 1000)));
    $after = base64_decode((string) ($_GET['continuation-token'] ?? ''), true) ?: '';
    $objects = $folders = [];
    $last = $after;
    $isCut = false;
    foreach (namesIn($bucket, $prefix) as $name) {
        if (strcmp($name, $after) <= 0) {
            continue;
        }
        if (count($objects) + count($folders) >= $most) {
            $isCut = true;
            break;
        }
        $cut = $slash === '' ? false : strpos($name, $slash, strlen($prefix));
        $last = $name;
        if ($cut !== false) {
            $folders[substr($name, 0, $cut + 1)] = true;
            continue;
        }
        $file = fileOf("{$bucket}/{$name}");
        $objects[] = sprintf(
            '<Contents><Key>%s</Key><LastModified>%s</LastModified><Size>%d</Size><ETag>"%s"</ETag></Contents>',
            htmlspecialchars($name, ENT_XML1),
            gmdate('Y-m-d\TH:i:s.000\Z', (int) filemtime($file)),
            filesize($file),
            md5_file($file),
        );
    }
    $shared = array_map(
        static fn (string $folder): string => '<CommonPrefixes><Prefix>'
            . htmlspecialchars($folder, ENT_XML1) . '</Prefix></CommonPrefixes>',
        array_keys($folders),
    );
    answer(200, '<?xml version="1.0" encoding="UTF-8"?><ListBucketResult>'
        . '<Name>' . htmlspecialchars($bucket, ENT_XML1) . '</Name>'
        . '<KeyCount>' . (count($objects) + count($shared)) . '</KeyCount>'
        . '<IsTruncated>' . ($isCut ? 'true' : 'false') . '</IsTruncated>'
        . ($isCut ? '<NextContinuationToken>' . base64_encode($last) . '</NextContinuationToken>' : '')
        . implode('', $objects) . implode('', $shared) . '</ListBucketResult>');
}

$path = (string) strtok((string) $_SERVER['REQUEST_URI'], '?');
$body = (string) file_get_contents('php://input');
holdAgainstSignature($path, $body);
$object = ltrim(rawurldecode($path), '/');
[$bucket, $name] = array_pad(explode('/', $object, 2), 2, '');
$file = $name === '' ? '' : fileOf($object);
$method = $_SERVER['REQUEST_METHOD'];

if ($name === '') {
    match (true) {
        $method === 'GET' => listed($bucket),
        $method === 'PUT' => answer(is_dir(fileOf($bucket)) || mkdir(fileOf($bucket), 0700, true) ? 200 : 500),
        $method === 'HEAD' => is_dir(fileOf($bucket)) ? answer(200) : refused(404, 'NoSuchBucket'),
        $method === 'POST' && isset($_GET['delete']) => null,
        default => refused(405, 'MethodNotAllowed'),
    };
    $gone = '';
    foreach (simplexml_load_string($body)->Object ?? [] as $one) {
        @unlink(fileOf("{$bucket}/{$one->Key}"));
        $gone .= '<Deleted><Key>' . htmlspecialchars((string) $one->Key, ENT_XML1) . '</Key></Deleted>';
    }
    answer(200, "<?xml version=\"1.0\"?><DeleteResult>{$gone}</DeleteResult>");
}
if (! is_dir(fileOf($bucket))) {
    refused(404, 'NoSuchBucket');
}
if ($method === 'DELETE') {
    @unlink($file);
    answer(204);
}
if ($method === 'PUT') {
    $from = signedHeader('x-amz-copy-source');
    $source = $from === '' ? '' : fileOf(rawurldecode($from));
    if ($source !== '' && ! is_file($source)) {
        refused(404, 'NoSuchKey');
    }
    keep($file, $source === '' ? $body : (string) file_get_contents($source));
    $tag = '"' . md5_file($file) . '"';
    header("ETag: {$tag}");
    answer(200, $source === '' ? '' : "<?xml version=\"1.0\"?><CopyObjectResult><ETag>{$tag}</ETag></CopyObjectResult>");
}
if (! is_file($file)) {
    refused(404, 'NoSuchKey');
}
header('ETag: "' . md5_file($file) . '"');
header('Last-Modified: ' . gmdate('D, d M Y H:i:s \G\M\T', (int) filemtime($file)));
if ($method === 'HEAD') {
    header('Content-Length: ' . filesize($file));
    answer(200, '', 'application/octet-stream');
}
answer(200, (string) file_get_contents($file), 'application/octet-stream');
