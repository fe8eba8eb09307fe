<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

/** The lines of one language as they stand in a folder of PHP files, for whoever reads them without the application. */
final class SentenceFiles
{
    /** @param string $folder such as lang/en/core */
    public static function in(string $folder): Sentences
    {
        $files = [];

        return new Sentences(static function (string $key) use ($folder, &$files): ?string {
            $path = explode('.', $key);
            $file = array_shift($path);
            $line = $files[$file] ??= is_file("{$folder}/{$file}.php") ? require "{$folder}/{$file}.php" : [];
            foreach ($path as $name) {
                $line = is_array($line) ? $line[$name] ?? null : null;
            }

            return is_string($line) ? $line : null;
        });
    }
}
