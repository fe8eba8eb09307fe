<?php

/*
 * What another program does when it is told of a change: a stand-in that keeps what came in a file, for trying it out.
 *
 *   NAGOMI_SECRET=whsec_… php -S 127.0.0.1:9000 docs/examples/receive-webhooks.php
 *
 * NAGOMI_RECEIVED names the file; NAGOMI_ANSWER the status it answers with, 204 where nothing is said.
 */

declare(strict_types=1);

$body = (string) file_get_contents('php://input');
$id = (string) ($_SERVER['HTTP_WEBHOOK_ID'] ?? '');
$at = (string) ($_SERVER['HTTP_WEBHOOK_TIMESTAMP'] ?? '');
$key = base64_decode(substr((string) getenv('NAGOMI_SECRET'), strlen('whsec_')), true);
$signed = 'v1,' . base64_encode(hash_hmac('sha256', "{$id}.{$at}.{$body}", (string) $key, true));

// Compared without telling by the time it takes how much of it is right; and nothing old, kept by somebody, is taken.
$isFrom = in_array(true, array_map(
    static fn (string $one): bool => hash_equals($signed, $one),
    explode(' ', (string) ($_SERVER['HTTP_WEBHOOK_SIGNATURE'] ?? '')),
), true);
if (! $isFrom || abs(time() - (int) $at) > 300) {
    http_response_code(401);

    return;
}
// Told again it is the same: what was taken already is not taken twice.
$file = getenv('NAGOMI_RECEIVED') ?: sys_get_temp_dir() . '/nagomi-webhooks.jsonl';
if (! str_contains(is_file($file) ? (string) file_get_contents($file) : '', "\"id\":\"{$id}\"")) {
    file_put_contents($file, "{$body}\n", FILE_APPEND | LOCK_EX);
}
http_response_code((int) (getenv('NAGOMI_ANSWER') ?: 204));
