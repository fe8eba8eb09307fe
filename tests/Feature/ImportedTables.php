<?php

declare(strict_types=1);

/* Files from elsewhere, looked through, read by column and taken in, for the tests that bring tables in. */

use App\Models\Import;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/** Looks through a file and opens what was found. */
function looked(FeatureTestCase $test, string $content, string $name = 'table.csv'): Import
{
    $file = UploadedFile::fake()->createWithContent($name, $content);
    $test->post('/salon/data/imports', ['file' => $file])->assertSessionHasNoErrors();
    $import = Import::query()->latest('id')->firstOrFail();
    $test->get("/salon/data/imports/{$import->id}")->assertOk();

    return $import;
}

/** @param array<string, mixed> $says */
function readAgain(FeatureTestCase $test, Import $import, array $says): Import
{
    $subject = $import->reading['table']['subject'];
    $test->put("/salon/data/imports/{$import->id}", $says + ['subject' => $subject])->assertSessionHasNoErrors();
    $test->get("/salon/data/imports/{$import->id}")->assertOk();

    return $import->refresh();
}

function take(FeatureTestCase $test, Import $import): TestResponse
{
    return $test->post("/salon/data/imports/{$import->id}")->assertRedirect("/salon/data/imports/{$import->id}");
}

/** @return list<string> what keeps lines out, by line */
function keptOut(Import $import): array
{
    return array_values(array_map(
        fn (array $line): string => "{$line['where']}: " . implode(' ', $line['problems']),
        array_filter($import->found, fn (array $line): bool => $line['problems'] !== []),
    ));
}

/** A table as a spreadsheet, written by the program that reads them. */
function spreadsheet(string $csv, string $kind, string ...$more): string
{
    $folder = sys_get_temp_dir() . '/' . uniqid('sheet');
    mkdir($folder);
    foreach ([$csv, ...$more] as $i => $text) {
        file_put_contents("{$folder}/sheet{$i}.csv", $text);
    }
    $sheets = glob("{$folder}/sheet*.csv") ?: [];
    $one = count($sheets) === 1;
    $book = "{$folder}/book.{$kind}";
    (new Process(['ssconvert', ...$one ? [$sheets[0], $book] : ['--merge-to', $book, ...$sheets]]))->mustRun();

    return (string) file_get_contents("{$folder}/book.{$kind}");
}
