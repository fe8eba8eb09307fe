<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Bridge\Tables\Sheet;
use App\Models\Salon;
use App\Wording\Words;
use DateTimeZone;

/** Reads the lines of a table as clients, bookings or past treatments of a salon. Nothing is written. */
final readonly class TableLines
{
    public const MOST = 5000;

    public static function of(Sheet $sheet, TableReading $reading, Salon $salon, string $file): TableFound
    {
        $known = KnownClients::of($salon);
        $words = new MetWords($reading->words);
        $line = match ($reading->subject) {
            ImportSubject::Clients => new ClientLine($salon, $known),
            ImportSubject::Bookings => new BookingLine($salon, $known, $words),
            ImportSubject::Treatments => new TreatmentLine($salon, $known, $words),
        };
        $zone = new DateTimeZone($salon->timezone);
        $totals = new TotalsLine();
        $where = $sheet->name === ''
            ? $file
            : Words::say('import.in-sheet', ['file' => $file, 'sheet' => $sheet->name]);
        $found = [];
        $lines = array_slice($sheet->lines, $reading->header === null ? 0 : $reading->header + 1);
        foreach (array_slice($lines, 0, self::MOST) as [$at, $cells]) {
            $typed = new LineCells($at, $cells, $reading, $zone, $totals);
            if (! $typed->isEmpty()) {
                $found[] = $line->read($typed, $typed->where($where));
            }
        }

        return new TableFound($found, $words->asked(), max(0, count($lines) - self::MOST));
    }
}
