<?php

declare(strict_types=1);

namespace Tests\Together;

use CURLFile;

/** A request as it is sent. */
final readonly class Sent
{
    /** @param array<string, mixed> $body */
    public function __construct(
        public string $method,
        public string $path,
        public array $body = [],
        public bool $json = false,
    ) {
    }

    public function under(string $key): self
    {
        return new self($this->method, $this->path, $this->body + ['_act' => $key], $this->json);
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
