<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Imports\FilledContact;
use App\Bridge\Imports\FoundLine;
use App\Bridge\Imports\KnownClients;
use App\Care\Archive\SalonDump;
use App\Care\DataTransfer\ClientCards;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\Said;
use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\RecordProblem;
use ZipArchive;

/**
 * Reads a file that came from elsewhere and says what it found, with everything that is wrong and where. Nothing is
 * written.
 */
final readonly class ImportReader
{
    private const MOST_ENTRIES = 2000;
    private const MOST_ENTRY_BYTES = 8_000_000;

    public function __construct(
        private ClientCards $clientCards,
        private Parameters $parameters,
    ) {
    }

    /** @return list<FoundLine> */
    public function found(string $bytes, string $filename, Salon $salon): array
    {
        if (str_starts_with($bytes, "PK\x03\x04")) {
            return $this->archive($bytes, $salon);
        }

        return $this->one($bytes, $filename, $salon);
    }

    /** @return list<FoundLine> */
    private function one(string $text, string $where, Salon $salon): array
    {
        $plain = ltrim($text, "\u{FEFF} \t\r\n");

        return match (true) {
            preg_match('/^BEGIN:VCARD/i', $plain) === 1
                => $this->cards($this->clientCards->read($plain), $where, $salon),
            str_starts_with($plain, '[') => $this->several($plain, $where, $salon),
            str_starts_with($plain, '{') => [$this->record($plain, $where, $salon)],
            default => [$this->wrong($where, Words::say('data-transfer.no-kind'))],
        };
    }

    /** @return list<FoundLine> */
    private function archive(string $bytes, Salon $salon): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'import');
        try {
            file_put_contents($file, $bytes);
            $zip = new ZipArchive();
            if ($zip->open($file) !== true) {
                return [$this->wrong(Words::say('data-transfer.file'), Words::say('refusals.import-file.damaged'))];
            }
            $found = [];
            for ($i = 0; $i < min($zip->numFiles, self::MOST_ENTRIES); $i++) {
                $entry = $zip->statIndex($i);
                $name = is_array($entry) ? $entry['name'] : '';
                // The tables say again what the records say; the records are taken.
                if (
                    ! is_array($entry)
                        || preg_match('#(^|/)[^/]+\.json$#i', $name) !== 1
                        || str_contains($name, 'schema')
                        || str_starts_with($name, SalonDump::FOLDER)
                ) {
                    continue;
                }
                $found[] = $entry['size'] > self::MOST_ENTRY_BYTES
                    ? $this->wrong($name, Words::say('refusals.import-file.large'))
                    : $this->record((string) $zip->getFromIndex($i), $name, $salon);
            }
            $zip->close();

            return $found === []
                ? [$this->wrong(Words::say('data-transfer.file'), Words::say('refusals.import-file.none'))]
                : $found;
        } finally {
            unlink($file);
        }
    }

    /** @return list<FoundLine> */
    private function several(string $text, string $where, Salon $salon): array
    {
        $records = json_decode($text, true, 64);
        if (! is_array($records) || ! array_is_list($records)) {
            return [$this->wrong(
                $where,
                Words::say('refusals.import-file.no-list', ['why' => json_last_error_msg()]),
            )];
        }

        return array_map(
            fn (int $i): FoundLine => $this->record(
                (string) json_encode($records[$i]),
                "{$where}, record " . ($i + 1),
                $salon,
            ),
            array_keys($records),
        );
    }

    private function record(string $json, string $where, Salon $salon): FoundLine
    {
        try {
            $record = CareRecordReader::read($json, $this->parameters);
        } catch (InvalidRecord $invalid) {
            return new FoundLine($where, 'record', problems: array_map(
                fn (RecordProblem $problem): string => Said::of($problem->line()),
                $invalid->problems,
            ));
        }

        return new FoundLine(
            $where,
            'record',
            $record->name,
            Words::say('data-transfer.holds', [
                'washes' => count($record->washDays), 'readings' => count($record->readings),
            ]),
            here: Head::query()->where('salon_id', $salon->id)->whereKey($record->id)->exists(),
            payload: $json,
        );
    }

    /**
     * @param list<array{
     *     name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>,
     * }> $clients
     *
     * @return list<FoundLine>
     */
    private function cards(array $clients, string $where, Salon $salon): array
    {
        $known = KnownClients::of($salon);
        $found = [];
        foreach ($clients as $i => $client) {
            $card = $i + 1;
            $who = $client['problems'] === [] ? $known->find($client) : [];
            $earlier = array_values(array_filter(
                $who,
                static fn (string $key): bool => str_starts_with($key, 'card '),
            ));
            $problems = $earlier === [] ? $client['problems'] : [
                Words::say('import.twice-card', ['card' => substr($earlier[0], strlen('card '))]),
            ];
            if ($problems === []) {
                $known->add("card {$card}", $client);
            }
            $found[] = new FoundLine(
                Words::say('data-transfer.card', ['file' => $where, 'place' => $card]),
                'client',
                $client['name'],
                implode(', ', array_filter([$client['email'], $client['phone'], $client['born_on']]))
                    ?: Words::say('data-transfer.only-a-name'),
                $problems,
                $problems === [] ? FilledContact::remarks($known->fills($who, $client)) : [],
                $problems === [] && $who !== [],
                (string) json_encode(
                    array_diff_key($client, ['problems' => true])
                        + FilledContact::kept($who[0] ?? '', $known->fills($who, $client)),
                    JSON_INVALID_UTF8_SUBSTITUTE,
                ),
            );
        }

        return $found;
    }

    private function wrong(string $where, string $problem): FoundLine
    {
        return new FoundLine($where, 'record', problems: [$problem]);
    }
}
