<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/*
 * Test files of one folder are read by one process, in an order that hangs on how many there are and how large: two
 * functions of one name would end a run before it begins.
 */

/**
 * @param array<string, string> $sources by path
 *
 * @return list<string> functions and constants that two files of one folder name alike
 */
function namedTwice(array $sources): array
{
    $named = [];
    foreach ($sources as $path => $source) {
        preg_match_all('/^(?:function|const) (\w+)/m', $source, $found);
        foreach ($found[1] as $name) {
            $named[strtok($path, '/') . " {$name}"][] = $path;
        }
    }
    $twice = array_filter($named, static fn (array $paths): bool => count($paths) > 1);

    return array_map(
        static fn (string $name, array $paths): string => "{$name}: " . implode(', ', $paths),
        array_keys($twice),
        array_values($twice),
    );
}

it('gives no two functions of one folder of tests one name', function (): void {
    $sources = [];
    foreach ([dirname(__DIR__) => '', dirname(__DIR__, 2) . '/core/tests' => 'core/'] as $folder => $before) {
        $files = (new Finder())->files()->in($folder)->name('*.php')->notPath(['Browser/Support', 'fixtures']);
        foreach ($files as $file) {
            $sources[$before . $file->getRelativePathname()] = $file->getContents();
        }
    }
    expect(namedTwice($sources))->toBe([]);
});

it('notices two functions of one name in one folder, and lets those of two folders pass', function (): void {
    $one = "<?php\nfunction aCut(): void\n{\n}\n";
    expect(namedTwice(['Feature/A.php' => $one, 'Feature/B.php' => $one]))
        ->toBe(['Feature aCut: Feature/A.php, Feature/B.php'])
        ->and(namedTwice(['Feature/A.php' => $one, 'Browser/B.php' => $one]))->toBe([])
        ->and(namedTwice(['Feature/A.php' => $one, 'Feature/B.php' => "<?php\n// function aCut\n"]))->toBe([]);
});
