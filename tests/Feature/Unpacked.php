<?php

declare(strict_types=1);

/** @return array<string, string> what is in a zip, by name */
function unpacked(string $file): array
{
    $zip = new ZipArchive();
    expect($zip->open($file))->toBeTrue();
    $in = [];
    for ($i = 0; $i < $zip->numFiles; $i++) {
        $in[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
    }

    return $in;
}
