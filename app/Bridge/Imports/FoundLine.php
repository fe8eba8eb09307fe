<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** What was found at one place of a file: what it is, what keeps it out, and what comes in without. */
final readonly class FoundLine
{
    /**
     * @param string       $kind     record, client, booking or treatments
     * @param list<string> $problems sentences; one keeps the line out
     * @param list<string> $remarks  sentences; the line comes in all the same
     * @param bool         $here     in the salon already
     * @param string       $payload  JSON, as whoever takes it in reads it
     */
    public function __construct(
        public string $where,
        public string $kind,
        public string $name = '',
        public string $says = '',
        public array $problems = [],
        public array $remarks = [],
        public bool $here = false,
        public string $payload = '',
    ) {
    }

    public function isGood(): bool
    {
        return $this->problems === [] && $this->payload !== '';
    }

    /** @return array<mixed> the payload, opened */
    public function holds(): array
    {
        return (array) json_decode($this->payload, true);
    }

    /** @return array<string, mixed> */
    public function kept(): array
    {
        return [
            'where' => $this->where, 'kind' => $this->kind, 'name' => $this->name, 'says' => $this->says,
            'problems' => $this->problems, 'remarks' => $this->remarks, 'here' => $this->here,
            'payload' => $this->payload,
        ];
    }

    /** @param array<mixed> $kept */
    public static function of(array $kept): self
    {
        $text = static fn (string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';
        $list = static fn (string $name): array => array_values(array_filter(
            (array) ($kept[$name] ?? []),
            is_string(...),
        ));

        return new self(
            $text('where'),
            $text('kind'),
            $text('name'),
            $text('says'),
            $list('problems'),
            $list('remarks'),
            ($kept['here'] ?? false) === true,
            $text('payload'),
        );
    }
}
