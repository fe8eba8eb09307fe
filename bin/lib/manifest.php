<?php

declare(strict_types=1);

/*
 * Every table of a dump and every picture, so that two of them can be compared:
 *   php bin/lib/manifest.php write DUMP FOLDER        prints the manifest; APP_KEY of the environment is marked, not told
 *   php bin/lib/manifest.php key MANIFEST             exit 1 where what is encrypted was written with another APP_KEY
 *   php bin/lib/manifest.php compare ONE OTHER        prints what differs; exit 1 where anything does
 */

/** @return array<string, array{rows: int, sha256: string}> by table: its rows as they stand in the dump, each on a line */
function tables(string $dump): array
{
    $handle = fopen($dump, 'r') ?: exit("{$dump} cannot be read.\n");
    [$rows, $hashes] = [[], []];
    while (($line = fgets($handle)) !== false) {
        if (preg_match('/^CREATE TABLE `(\w+)`/', $line, $found) === 1) {
            $rows[$found[1]] = 0;
            $hashes[$found[1]] = hash_init('sha256');
        } elseif (preg_match('/^INSERT INTO `(\w+)` VALUES/', $line, $found) === 1) {
            $rows[$found[1]]++;
            hash_update($hashes[$found[1]], $line);
        }
    }
    $tables = [];
    foreach ($rows as $table => $many) {
        $tables[$table] = ['rows' => $many, 'sha256' => hash_final($hashes[$table])];
    }
    ksort($tables);

    return $tables;
}

/** @return array<string, array{bytes: int, sha256: string}> by path within the folder */
function files(string $folder): array
{
    $files = [];
    if (is_dir($folder)) {
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            if ($file instanceof SplFileInfo && $file->isFile()) {
                $files[substr($file->getPathname(), strlen($folder) + 1)] = [
                    'bytes' => (int) $file->getSize(), 'sha256' => (string) hash_file('sha256', $file->getPathname()),
                ];
            }
        }
    }
    ksort($files);

    return $files;
}

/** @return array{key?: string, tables: array<string, array<string, int|string>>, files: array<string, array<string, int|string>>} */
function read(string $manifest): array
{
    return json_decode((string) file_get_contents($manifest), true, 8, JSON_THROW_ON_ERROR);
}

/** Says of a key whether it is the same one, and nothing else. */
function marked(): string
{
    return hash_hmac('sha256', 'whose notes these are', (string) getenv('APP_KEY'));
}

[, $does, $one, $other] = $argv + [1 => '', '', ''];
if ($does === 'write') {
    echo json_encode(['key' => marked(), 'tables' => tables($one), 'files' => files($other)], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR), "\n";
    exit(0);
}
if ($does === 'key') {
    exit(hash_equals((string) (read($one)['key'] ?? ''), marked()) ? 0 : 1);
}
[$before, $now] = [read($one), read($other)];
$differ = 0;
foreach (['tables' => 'rows', 'files' => 'bytes'] as $part => $measure) {
    foreach (array_unique([...array_keys($before[$part]), ...array_keys($now[$part])]) as $name) {
        [$was, $is] = [$before[$part][$name] ?? null, $now[$part][$name] ?? null];
        if ($was !== $is) {
            $differ++;
            printf("%s: %s %s, now %s%s\n", $name, $was[$measure] ?? 'not there', $measure, $is[$measure] ?? 'not there', ($was[$measure] ?? null) === ($is[$measure] ?? null) ? ' of another content' : '');
        }
    }
}
if ($differ === 0) {
    printf("%d tables with %d rows and %d files are the same.\n", count($now['tables']), array_sum(array_column($now['tables'], 'rows')), count($now['files']));
}
exit($differ === 0 ? 0 : 1);
