<?php

declare(strict_types=1);

namespace Tests\Together;

use CURLFile;

/** A request as it is sent. */
final readonly class Sent
{
    /**
     * @param array<string, mixed>  $body
     * @param array<string, string> $headers of another program, which has a token and no session
     */
    public function __construct(
        public string $method,
        public string $path,
        public array $body = [],
        public bool $json = false,
        public array $headers = [],
    ) {
    }

    public function under(string $key): self
    {
        return $this->headers === []
            ? new self($this->method, $this->path, $this->body + ['_act' => $key], $this->json)
            : new self($this->method, $this->path, $this->body, true, $this->headers + ['Idempotency-Key' => $key]);
    }

    public function hasFile(): bool
    {
        return array_filter($this->body, fn (mixed $value): bool => $value instanceof CURLFile) !== [];
    }

    /**
     * @param array<mixed> $body
     *
     * @return array<string, mixed> as a form with files wants it: one level, names with brackets
     */
    public function flat(array $body, string $prefix = ''): array
    {
        $flat = [];
        foreach ($body as $name => $value) {
            $name = $prefix === '' ? (string) $name : "{$prefix}[{$name}]";
            $flat = [...$flat, ...is_array($value) ? $this->flat($value, $name) : [$name => $value]];
        }

        return $flat;
    }
}
