<?php

declare(strict_types=1);

/*
 * php fault-proxy.php PORT APPLICATION ORDERS: see FaultProxy. One request a connection, each in a process of its own,
 * so that one that hangs holds up no other.
 */

[, $port, $application, $orders] = $argv;
$target = parse_url($application, PHP_URL_HOST) . ':' . parse_url($application, PHP_URL_PORT);
$server = stream_socket_server("tcp://127.0.0.1:{$port}", $code, $wrong) ?: exit("{$wrong}\n");
pcntl_signal(SIGCHLD, SIG_IGN);
pcntl_async_signals(true);

/** Reads a request whole: its head, and as much as it says follows. */
$read = function ($client): string {
    stream_set_timeout($client, 20);
    $request = '';
    while (! str_contains($request, "\r\n\r\n")) {
        $piece = fread($client, 65_536);
        if ($piece === false || $piece === '') {
            return '';
        }
        $request .= $piece;
    }
    $length = preg_match('/\r\nContent-Length: *(\d+)/i', $request, $found) === 1 ? (int) $found[1] : 0;
    $whole = strpos($request, "\r\n\r\n") + 4 + $length;
    while (strlen($request) < $whole) {
        $piece = fread($client, 65_536);
        if ($piece === false || $piece === '') {
            return '';
        }
        $request .= $piece;
    }

    return $request;
};
/** What the application answers, whole. */
$ask = function (string $request) use ($target): string {
    $request = (string) preg_replace('/\r\nConnection: [^\r]*/i', "\r\nConnection: close", $request, 1);
    $upstream = stream_socket_client("tcp://{$target}", $code, $wrong, 10) ?: exit(1);
    fwrite($upstream, $request);

    return (string) stream_get_contents($upstream);
};
/** The fault that is due for this request, counted down under a lock. */
$due = function (string $request) use ($orders): ?string {
    $file = fopen($orders, 'c+') ?: exit(1);
    flock($file, LOCK_EX);
    $order = json_decode((string) stream_get_contents($file), true);
    $hits = is_array($order) && $order['left'] > 0 && str_contains(
        (string) strtok($request, "\r"),
        (string) $order['path'],
    );
    if ($hits) {
        $order['left']--;
        rewind($file);
        ftruncate($file, 0);
        fwrite($file, (string) json_encode($order));
    }
    fclose($file);

    return $hits ? (string) $order['fault'] : null;
};
$say = fn (int $status, string $body, string $type = 'application/json'): string =>
    "HTTP/1.1 {$status} Said\r\nContent-Type: {$type}\r\nContent-Length: " . strlen($body) . "\r\nConnection: close\r\n\r\n{$body}";

echo "listening\n";
while (true) {
    $client = @stream_socket_accept($server, 3600);
    if ($client === false) {
        continue;
    }
    if (pcntl_fork() !== 0) {
        fclose($client);
        continue;
    }
    $request = $read($client);
    if ($request === '') {
        exit;
    }
    $fault = $due($request);
    $answer = match (true) {
        $fault === null => $ask($request),
        $fault === '200' => $say(200, '{}'),
        ctype_digit($fault) => $say((int) $fault, '{"message":"The line is bad."}'),
        $fault === 'html' => $say(200, '<!DOCTYPE html><title>Free wifi</title>', 'text/html'),
        $fault === 'hang' => (function (): string {
            sleep(40);

            return '';
        })(),
        $fault === 'late' => (function () use ($ask, $request): string {
            sleep(4);

            return $ask($request);
        })(),
        $fault === 'cut' => substr($ask($request), 0, -20),
        // It was taken in, and nobody hears of it.
        $fault === 'swallowed' => (function () use ($ask, $request): string {
            $ask($request);

            return '';
        })(),
        default => '',
    };
    fwrite($client, $answer);
    fclose($client);
    exit;
}
