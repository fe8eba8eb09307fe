<?php

declare(strict_types=1);

namespace Tests\Together;

use CurlHandle;
use RuntimeException;

/** A tablet of its own: its own session, signed in or holding a link. */
final class Device
{
    /** @var array<string, string> */
    private array $cookies = [];

    private string $token = '';

    public function __construct(private readonly string $url)
    {
    }

    public function signIn(string $email, string $password): self
    {
        $this->token = $this->tokenOf($this->now('GET', '/sign-in')->body);
        $answer = $this->now(
            'POST',
            '/sign-in',
            ['email' => $email, 'password' => $password, '_token' => $this->token],
        );
        if ($answer->status !== 302 || str_ends_with($answer->to, '/sign-in')) {
            throw new RuntimeException("Signing in answered {$answer->status}, to {$answer->to}.");
        }
        $this->token = $this->tokenOf($this->now('GET', '/salon')->body);

        return $this;
    }

    private function tokenOf(string $page): string
    {
        return preg_match('/<meta name="csrf-token" content="([^"]+)"/', $page, $found) === 1
            ? $found[1]
            : throw new RuntimeException('The page carries no token.');
    }

    /** @param array<string, mixed> $body */
    public function now(string $method, string $path, array $body = []): Answered
    {
        return self::together([[$this, new Sent($method, $path, $body)]])[0];
    }

    /**
     * Sends them all at the same moment, each over a connection of its own, so that each is served by a process of its
     * own.
     *
     * @param non-empty-list<array{self, Sent}> $sent
     *
     * @return non-empty-list<Answered> in the same order
     */
    public static function together(array $sent): array
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ($sent as [$device, $one]) {
            $handles[] = $handle = $device->handle($one);
            curl_multi_add_handle($all, $handle);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);
        $answers = [];
        foreach ($handles as $i => $handle) {
            $answers[] = $sent[$i][0]->answered($handle, (string) curl_multi_getcontent($handle));
            curl_multi_remove_handle($all, $handle);
        }

        return $answers;
    }

    /** Made ready, to be sent by whoever sends. */
    public function handle(Sent $sent): CurlHandle
    {
        $handle = curl_init($this->url . $sent->path);
        if ($handle === false) {
            throw new RuntimeException('No connection could be made ready.');
        }
        $headers = [
            'Cookie: '
                . implode(
                    '; ',
                    array_map(
                        fn (string $name, string $value): string => "{$name}={$value}",
                        array_keys($this->cookies),
                        $this->cookies,
                    ),
                ),
        ];
        if ($sent->json) {
            $headers = [
                ...$headers,
                'Content-Type: application/json',
                'Accept: application/json',
                "X-CSRF-TOKEN: {$this->token}",
            ];
        }
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_TIMEOUT => 60,
                CURLOPT_FRESH_CONNECT => true, CURLOPT_HTTPHEADER => $headers,
            ],
        );
        if ($sent->headers !== []) {
            $headers = ['Content-Type: application/json'];
            foreach ($sent->headers as $name => $value) {
                $headers[] = "{$name}: {$value}";
            }
            curl_setopt($handle, CURLOPT_HTTPHEADER, $headers);
            curl_setopt($handle, CURLOPT_CUSTOMREQUEST, $sent->method);
            curl_setopt($handle, CURLOPT_POSTFIELDS, (string) json_encode($sent->body));
        } elseif ($sent->method !== 'GET') {
            $body = $sent->body + ['_method' => $sent->method] + (
                $this->token === '' ? [] : ['_token' => $this->token]
            );
            curl_setopt($handle, CURLOPT_POST, true);
            curl_setopt($handle, CURLOPT_POSTFIELDS, match (true) {
                $sent->json => (string) json_encode($body),
                $sent->hasFile() => $sent->flat($body),
                default => http_build_query($body),
            });
        }

        return $handle;
    }

    /** @param string $whole with its headers */
    public function answered(CurlHandle $handle, string $whole): Answered
    {
        $size = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);
        $head = substr($whole, 0, $size);
        preg_match_all('/^Set-Cookie: ([^=]+)=([^;\r\n]*)/mi', $head, $set, PREG_SET_ORDER);
        foreach ($set as [, $name, $value]) {
            $this->cookies[$name] = $value;
        }

        return new Answered(
            (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
            preg_match('/^Location: (\S+)/mi', $head, $to) === 1 ? $to[1] : '',
            substr($whole, $size),
        );
    }
}
