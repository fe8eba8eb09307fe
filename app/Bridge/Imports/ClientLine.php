<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/** A line that is a client: who it is, what was written down, and when which treatment was done last. */
final readonly class ClientLine implements LineReader
{
    private const LONGEST = ['household' => 120, 'hair_history' => 2000, 'allergies' => 1000];

    public function __construct(private Salon $salon, private KnownClients $known)
    {
    }

    public function read(LineCells $cells, string $where): FoundLine
    {
        $contact = $cells->contact($this->salon->today()->year);
        $problems = $contact['problems'];
        [$rows, $remarks] = $this->lastTimes($cells);
        $remarks = [...$this->unread($cells, ImportField::Born, $contact['born_on'] !== null), ...$remarks];
        $isHere = false;
        $found = $fills = [];
        if ($problems === []) {
            $found = $this->known->find($contact);
            $earlier = array_filter($found, static fn (string $key): bool => str_starts_with($key, 'line '));
            if ($earlier !== []) {
                $problems[] = Words::say('import.twice', ['line' => substr((string) reset($earlier), 5)]);
            }
            $isHere = $found !== [];
            $fills = $this->known->fills($found, $contact);
            $this->known->add("line {$cells->line}", $contact);
        }
        $besides = $this->besides($cells);

        return new FoundLine(
            $where,
            'client',
            $contact['name'],
            $this->says($contact, $besides, $rows),
            $problems,
            [...$remarks, ...FilledContact::remarks($fills)],
            $isHere && $problems === [],
            $problems === [] ? (string) json_encode(
                array_diff_key($contact, ['problems' => 1]) + $besides + ['rows' => $rows]
                    + FilledContact::kept($found[0] ?? '', $fills),
                JSON_INVALID_UTF8_SUBSTITUTE,
            ) : '',
        );
    }

    /** @return array{list<array{what: string, date: string}>, list<string>} treatments, and what is said of other days */
    private function lastTimes(LineCells $cells): array
    {
        $today = $this->salon->today();
        $rows = $remarks = [];
        foreach (ImportField::lastTimes() as $field) {
            $day = $cells->day($field, $today->year);
            $isPast = $day !== null && $day->day <= $today->format('Y-m-d');
            $remarks = [...$remarks, ...$this->unread($cells, $field, $isPast)];
            if ($isPast) {
                $rows[] = ['what' => (string) $field->treatment(), 'date' => $day->day];
            }
        }

        return [$rows, $remarks];
    }

    /** @return list<string> what is said of a day that is none, and is left out */
    private function unread(LineCells $cells, ImportField $field, bool $isRead): array
    {
        $typed = $cells->text($field);

        return $typed === '' || $isRead ? [] : [Words::say('import.no-day-without', [
            'typed' => mb_substr($typed, 0, 40), 'field' => Words::say("import.fields.{$field->value}"),
        ])];
    }

    /** @return array<string, string> columns of the client besides how to reach them */
    private function besides(LineCells $cells): array
    {
        $besides = [];
        foreach (
            [
                'household' => ImportField::Household, 'hair_history' => ImportField::Notes,
                'allergies' => ImportField::Allergies,
            ] as $column => $field
        ) {
            $text = trim($cells->text($field));
            if ($text !== '') {
                $besides[$column] = mb_substr($text, 0, self::LONGEST[$column]);
            }
        }

        return $besides;
    }

    /**
     * @param array{email: string|null, phone: string|null, born_on: string|null, ...} $contact
     * @param array<string, string>                                                   $besides
     * @param list<array{what: string, date: string}>                                  $rows
     */
    private function says(array $contact, array $besides, array $rows): string
    {
        $shown = static fn (string $day): string => SalonClock::dayInWords(CarbonImmutable::parse($day), 'j M Y');
        $said = array_filter([
            $contact['email'], $contact['phone'],
            $contact['born_on'] === null ? null : Words::say('import.born', ['day' => $shown($contact['born_on'])]),
            ...array_values($besides),
            ...array_map(
                static fn (array $row): string => Words::of("notebook.{$row['what']}") . ' ' . $shown($row['date']),
                $rows,
            ),
        ]);

        return $said === [] ? Words::say('data-transfer.only-a-name') : implode(', ', $said);
    }
}
