<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Wording\Words;

/** Whose line it is: a client of the salon, somebody further up in the file, or somebody new. */
final readonly class LineClient
{
    /**
     * @param string $key     of the client, or of the first line that named them
     * @param array{
     *     name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>,
     * } $contact
     * @param list<string> $problems
     * @param list<string> $remarks
     */
    private function __construct(
        public string $key,
        public array $contact,
        public array $problems,
        public array $remarks,
    ) {
    }

    public static function of(LineCells $cells, KnownClients $known, int $thisYear): self
    {
        $contact = $cells->contact($thisYear);
        $found = $known->find($contact);
        if (count($found) > 1) {
            return new self('', $contact, [Words::say('import.several', ['name' => $contact['name']])], []);
        }
        if ($found !== []) {
            // Known by mail or phone alone, or with a mail that is none: who it is stands fast.
            return new self($found[0], $contact, [], []);
        }
        $key = "line {$cells->line}";
        if ($contact['problems'] === []) {
            $known->add($key, $contact);
        }

        return new self($key, $contact, $contact['problems'], [Words::say('import.new-client')]);
    }

    /** @return array<string, string|null> */
    public function kept(): array
    {
        return [
            'key' => $this->key, 'name' => $this->contact['name'], 'email' => $this->contact['email'],
            'phone' => $this->contact['phone'], 'born_on' => $this->contact['born_on'],
        ];
    }
}
