<?php

declare(strict_types=1);

namespace App\Care\Acts;

use Carbon\CarbonImmutable;

/** One act as a device sent it, perhaps some time after it was done. */
final readonly class SentAct
{
    public const LONGEST_KEY = 40;

    /**
     * @param string               $key   of this act alone, whenever and however often it is sent
     * @param string               $kind  what was done, in the words of the screen it was done on
     * @param array<string, mixed> $parts what else came with it, as it came
     * @param CarbonImmutable      $at    when it was done, by the salon's clock; not after it came
     */
    public function __construct(
        public string $key,
        public string $kind,
        public array $parts,
        public CarbonImmutable $at,
    ) {
    }

    /** @return string empty where there is none, or it is no text */
    public function text(string $part): string
    {
        return is_string($this->parts[$part] ?? null) ? $this->parts[$part] : '';
    }

    /** @return array<array-key, mixed> empty where there is none */
    public function list(string $part): array
    {
        return is_array($this->parts[$part] ?? null) ? $this->parts[$part] : [];
    }

    /** One of the measures, names and numbers the act carries. */
    public function value(string $name): mixed
    {
        return $this->list('value')[$name] ?? null;
    }
}
