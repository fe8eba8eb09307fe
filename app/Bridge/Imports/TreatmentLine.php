<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\Salon;
use App\Models\WashDay;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/** A line that is what was done to somebody on a day that has been. */
final class TreatmentLine implements LineReader
{
    private const EARLIEST_YEAR = 1990;
    private const MOST_MILLIMETRES = 1000;

    /** What stands in a column of marks where nothing was done. */
    private const NO_MARKS = ['', '0', 'no', 'n', 'false', '-', '–', '—', '.', 'none', 'nada'];

    private readonly TableWords $tableWords;

    /** @var array<string, true> wash days that are here, by client and day */
    private readonly array $here;

    public function __construct(
        private readonly Salon $salon,
        private readonly KnownClients $known,
        private readonly MetWords $words,
    ) {
        $this->tableWords = TableWords::known();
        $here = [];
        foreach (WashDay::query()->where('salon_id', $salon->id)->toBase()->get(['head_id', 'date']) as $day) {
            /** @var object{head_id: string, date: string} $day */
            $here["{$day->head_id} {$day->date}"] = true;
        }
        $this->here = $here;
    }

    public function read(LineCells $cells, string $where): FoundLine
    {
        $client = LineClient::of($cells, $this->known, $this->salon->today()->year);
        $day = $cells->day(ImportField::Day, $this->salon->today()->year);
        $problems = [...$client->problems, ...$this->dayProblems($cells, $day)];
        [$treatments, $asks, $isLeft] = $this->treatments($cells->text(ImportField::Treatment));
        $treatments = array_values(array_unique([...$treatments, ...$this->marked($cells)]));
        $problems = [...$problems, ...$asks];
        $millimetres = $this->millimetres($cells);
        $rows = array_map(static fn (string $what): array => [
            'what' => $what, 'date' => $day->day ?? '', 'millimetres' => $what === 'trim' ? $millimetres : null,
        ], $treatments);
        if ($problems === [] && $rows === []) {
            $problems[] = Words::say($isLeft ? 'import.left-by-hand' : 'import.no-treatment');
        }

        return new FoundLine(
            $where,
            'treatments',
            $client->contact['name'],
            $day === null ? '' : $this->says($day, $treatments),
            $problems,
            $client->remarks,
            $day !== null && isset($this->here["{$client->key} {$day->day}"]),
            $problems === [] ? (string) json_encode(
                ['client' => $client->kept(), 'rows' => $rows],
                JSON_INVALID_UTF8_SUBSTITUTE,
            ) : '',
        );
    }

    /** @param list<string> $treatments */
    private function says(TypedDay $day, array $treatments): string
    {
        return SalonClock::dayInWords(CarbonImmutable::parse($day->day), 'j M Y') . ': ' . implode(', ', array_map(
            static fn (string $what): string => Words::of("notebook.{$what}"),
            $treatments,
        ));
    }

    /** @return list<string> */
    private function dayProblems(LineCells $cells, ?TypedDay $day): array
    {
        $typed = mb_substr($cells->text(ImportField::Day), 0, 40);

        return match (true) {
            $day === null => [Words::say('import.no-day', ['typed' => $typed])],
            $day->day > $this->salon->today()->format('Y-m-d') => [Words::say('import.treatment-to-come')],
            (int) $day->day < self::EARLIEST_YEAR => [
                Words::say('import.too-long-ago', ['year' => self::EARLIEST_YEAR]),
            ],
            default => [],
        };
    }

    /**
     * @return array{list<string>, list<string>, bool} treatments as the notebook calls them, what is to be asked, and
     *     whether any was left out by hand
     */
    private function treatments(string $cell): array
    {
        $treatments = $asks = [];
        $isLeft = false;
        $whole = $cell === '' ? [] : [$cell];
        $parts = $this->tableWords->treatment($cell) !== null
            ? $whole
            : preg_split('/\s*(?:[,;+&\/\n|]|\band\b|\by\b)\s*/u', $cell, -1, PREG_SPLIT_NO_EMPTY);
        foreach ($parts ?: [] as $word) {
            $means = $this->words->means(ImportField::Treatment, $word, $this->tableWords->treatment($word));
            if ($means === null) {
                $asks[] = Words::say('import.what-is', ['word' => mb_substr($word, 0, 60)]);
            } elseif ($means === MetWords::LEAVE) {
                $isLeft = true;
            } else {
                $treatments[] = $means;
            }
        }

        return [array_values(array_unique($treatments)), $asks, $isLeft];
    }

    /** @return list<string> treatments whose column has a mark on this line */
    private function marked(LineCells $cells): array
    {
        $marked = [];
        foreach (ImportField::marks() as $field) {
            if (! in_array(KnownClients::plain($cells->text($field)), self::NO_MARKS, true)) {
                $marked[] = (string) $field->treatment();
            }
        }

        return $marked;
    }

    private function millimetres(LineCells $cells): ?float
    {
        // A trim that is marked with a number says how much came off.
        $said = $cells->text(ImportField::Millimetres);
        $typed = str_replace(',', '.', rtrim($said === '' ? $cells->text(ImportField::DidTrim) : $said, ' m'));

        $millimetres = is_numeric($typed) ? (float) $typed : 0.0;

        return $millimetres > 0 && $millimetres <= self::MOST_MILLIMETRES ? $millimetres : null;
    }
}
