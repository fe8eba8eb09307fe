<?php

declare(strict_types=1);

/*
 * Days and tables as others write them, held against what is not ours: the formats of Unicode's CLDR as ICU writes
 * them, and Python's csv module in its own dialects and encodings.
 */

use App\Bridge\Imports\DayOrder;
use App\Bridge\Imports\TypedDay;
use App\Bridge\Tables\CsvReader;
use Nagomi\Core\Statistics\SeededRandom;
use Symfony\Component\Process\Process;

it('reads days as CLDR has people write them', function (string $locale, int $style, ?DayOrder $order): void {
    $chance = new SeededRandom(crc32("{$locale} {$style}"));
    $zone = new DateTimeZone('UTC');
    $format = new IntlDateFormatter($locale, $style, IntlDateFormatter::NONE, 'UTC');
    $wrong = [];
    $seen = [];
    for ($i = 0; $i < 200; $i++) {
        $day = (new DateTimeImmutable('1999-01-01', $zone))->modify('+' . $chance->between(0, 10_000) . ' days');
        $typed = $seen[] = (string) $format->format($day);
        $read = TypedDay::of($typed, $order ?? DayOrder::MonthFirst, $zone, 2030)?->day;
        if ($read !== $day->format('Y-m-d')) {
            $wrong[] = "{$typed}: {$read}";
        }
    }
    expect($wrong)->toBe([]);
    // And it finds by itself which comes first, where the formats of that place say it with numbers alone.
    if ($order !== null && TypedDay::needsOrder($seen[0])) {
        expect(TypedDay::order($seen))->toBe($order);
    }
})->with([
    'America, short' => ['en_US', IntlDateFormatter::SHORT, DayOrder::MonthFirst],
    'America, medium' => ['en_US', IntlDateFormatter::MEDIUM, null],
    'America, long' => ['en_US', IntlDateFormatter::LONG, null],
    'America, full' => ['en_US', IntlDateFormatter::FULL, null],
    'Britain, short' => ['en_GB', IntlDateFormatter::SHORT, DayOrder::DayFirst],
    'Britain, medium' => ['en_GB', IntlDateFormatter::MEDIUM, null],
    'Britain, full' => ['en_GB', IntlDateFormatter::FULL, null],
    'Spain, short' => ['es_ES', IntlDateFormatter::SHORT, DayOrder::DayFirst],
    'Spain, medium' => ['es_ES', IntlDateFormatter::MEDIUM, null],
    'Spain, long' => ['es_ES', IntlDateFormatter::LONG, null],
    'Spain, full' => ['es_ES', IntlDateFormatter::FULL, null],
    'Mexico, short' => ['es_MX', IntlDateFormatter::SHORT, DayOrder::DayFirst],
    'Germany, short' => ['de_DE', IntlDateFormatter::SHORT, DayOrder::DayFirst],
    'Germany, medium' => ['de_DE', IntlDateFormatter::MEDIUM, DayOrder::DayFirst],
    'Portugal, short' => ['pt_PT', IntlDateFormatter::SHORT, DayOrder::DayFirst],
    'Sweden, short' => ['sv_SE', IntlDateFormatter::SHORT, null],
    'Japan, medium' => ['ja_JP', IntlDateFormatter::MEDIUM, null],
]);

it('reads times of day as CLDR has people write them', function (string $locale): void {
    $format = new IntlDateFormatter($locale, IntlDateFormatter::NONE, IntlDateFormatter::SHORT, 'UTC');
    foreach (range(0, 1435, 5) as $minute) {
        $typed = (string) $format->format(60 * $minute);
        expect(TypedDay::minute($typed))->toBe($minute, $typed);
    }
})->with(['en_US', 'en_GB', 'es_ES', 'de_DE', 'es_MX', 'fr_CA', 'fi_FI']);

it('makes no day of what is none', function (string $typed): void {
    expect(TypedDay::of($typed, DayOrder::DayFirst, new DateTimeZone('UTC'), 2030))->toBeNull();
})->with([
    '', 'soon', '31/02/2026', '2026-13-01', '13.13.2026', '12', '1/2', '2026', '99999999', '3 Smarch 2026',
    '00/00/0000', '12/12/2026 at noon', '1899-12-30', '٣/٤/٢٠٢٦',
]);

it('reads a table as Python’s csv module writes it', function (string $dialect, string $encoding): void {
    $python = <<<'PY'
        import csv, io, json, random, sys
        dialect, encoding = sys.argv[1], sys.argv[2]
        random.seed(dialect + encoding)
        if dialect == 'semicolon':
            options = dict(delimiter=';')
        elif dialect == 'all-quoted':
            options = dict(quoting=csv.QUOTE_ALL)
        else:
            options = dict(dialect=dialect)
        letters = 'aZ9 ñéü€' if encoding == 'cp1252' else 'aZ9 ñéü€Đặ髪😀'
        cell = lambda: ''.join(random.choice(letters + ',;\t"\n') for _ in range(random.randint(1, 9))).strip() or 'x'
        rows = [['name', 'phone', 'notes']] + [[cell() for _ in range(3)] for _ in range(60)]
        text = io.StringIO(newline='')
        csv.writer(text, **options).writerows(rows)
        sys.stdout.write(json.dumps({'rows': rows, 'bytes': text.getvalue().encode(encoding).hex()}))
        PY;
    $process = new Process(['python3', '-c', $python, $dialect, $encoding]);
    $written = json_decode($process->mustRun()->getOutput(), true);
    $lines = CsvReader::lines((string) hex2bin($written['bytes']));
    // Blanks at the ends of a cell are nobody's name; everything else is as it was.
    expect(array_map(fn (array $line): array => $line[1], $lines))->toBe($written['rows']);
    // Each line is found where an editor finds it.
    $text = CsvReader::decoded((string) hex2bin($written['bytes']));
    $last = $lines[array_key_last($lines)];
    expect($last[0])->toBe(substr_count(rtrim($text, "\n"), "\n") + 1 - substr_count(implode('', $last[1]), "\n"));
})->with([
    ['excel', 'utf-8'], ['excel', 'utf-8-sig'], ['excel-tab', 'utf-8'], ['excel-tab', 'utf-16'], ['unix', 'utf-8'],
    ['semicolon', 'cp1252'], ['semicolon', 'utf-8'], ['all-quoted', 'cp1252'], ['excel', 'cp1252'],
]);
