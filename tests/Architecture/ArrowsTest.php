<?php

declare(strict_types=1);

use Tests\Architecture\Arrows;

/** @return array<string, list<string>> the rows of the house */
function rows(): array
{
    return require __DIR__ . '/arrows.php';
}

/** @return array<string, string> source by path, of every file of some folders */
function sources(string $kind, string ...$folders): array
{
    $sources = [];
    foreach ($folders as $folder) {
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                __DIR__ . "/../../{$folder}",
                FilesystemIterator::SKIP_DOTS,
            )) as $file
        ) {
            if ($file instanceof SplFileInfo && str_ends_with($file->getFilename(), $kind)) {
                $sources["{$folder}/" . $file->getFilename()] = (string) file_get_contents($file->getPathname());
            }
        }
    }

    return $sources;
}

/** A file of a room that knows a class, written the one way or the other. */
function knowing(string $room, string $whom, string $how): string
{
    $full = fn (string $name): string => str_starts_with($name, 'Core\\') ? 'Nagomi\\' . $name : $name;
    $name = '\\' . $full($whom);
    $short = substr($whom, (int) strrpos($whom, '\\') + 1);
    [$use, $body] = match ($how) {
        'use' => ["use {$full($whom)};", "/** @param {$short} \$one */ public function any(\$one): void {}"],
        'new' => ['', "public function any(): object { return new {$name}(); }"],
        'static call' => ['', "public function any(): mixed { return {$name}::of(); }"],
        'constant' => ['', "public function any(): mixed { return {$name}::SOME; }"],
        'parameter' => ['', "public function any({$name} \$one): void {}"],
        'property' => ['', "public function __construct(private {$name} \$one) {}"],
        'return' => ['', "public function any(): ?{$name} { return null; }"],
        'instanceof' => ['', "public function any(object \$one): bool { return \$one instanceof {$name}; }"],
        'catch' => ['', "public function any(): void { try { return; } catch ({$name}) {} }"],
        default => throw new InvalidArgumentException("An arrow cannot be written as {$how}."),
    };

    return "<?php\nnamespace {$full($room)};\n{$use}\nfinal class Broken { {$body} }\n";
}

it('draws no arrow that has no row', function (): void {
    $arrows = new Arrows(rows());
    $wrong = [];
    foreach (sources('.php', 'app', 'core/src') as $path => $source) {
        foreach ($arrows->wrongIn($source) as $sentence) {
            $wrong[] = "{$path}: {$sentence}";
        }
    }
    expect($wrong)->toBe([]);
});

it('names no class in a template beyond page models', function (): void {
    $wrong = [];
    foreach (sources('.blade.php', 'resources/views') as $path => $template) {
        foreach (Arrows::namedInBlade($template) as $name) {
            $wrong[] = "{$path}: {$name}";
        }
    }
    expect($wrong)->toBe([]);
});

it('notices an arrow broken on purpose', function (string $room, string $whom, string $how): void {
    $wrong = (new Arrows(rows()))->wrongIn(knowing($room, $whom, $how));
    expect($wrong)->toBe([
        str_starts_with($whom, 'App\\') || str_starts_with($whom, 'Core\\')
            ? "{$room} knows {$whom}."
            : "{$room} knows {$whom}, which is not of the core.",
    ]);
})->with(require __DIR__ . '/broken-arrows.php');

it('notices every arrow between two rooms that has no row, however it is written', function (): void {
    $arrows = new Arrows(rows());
    $ways = ['use', 'new', 'static call', 'constant', 'parameter', 'property', 'return', 'instanceof', 'catch'];
    $tried = 0;
    foreach (rows() as $room => $allowed) {
        foreach (array_keys(rows()) as $whom) {
            if (
                $room === $whom
                    || array_filter(
                        $allowed,
                        fn (string $one): bool => $one === $whom
                            || str_starts_with($one, "{$whom}\\")
                            || str_starts_with($whom, "{$one}\\"),
                    ) !== []
            ) {
                continue;
            }
            expect($arrows->wrongIn(knowing(
                $room,
                "{$whom}\\Anything",
                $ways[$tried++ % count($ways)],
            )))->toBe(["{$room} knows {$whom}\\Anything."]);
        }
    }
    expect($tried)->toBeGreaterThan(600);
});

it('opens only the class of a room that its row names', function (): void {
    $arrows = new Arrows(rows());
    expect($arrows->wrongIn(knowing('Core\Scheduling', 'Core\WashDay\WashDayPlan', 'parameter')))->toBe([])
        ->and($arrows->wrongIn(knowing(
            'Core\Scheduling',
            'Core\WashDay\WashDayPlanner',
            'parameter',
        )))->toBe(['Core\Scheduling knows Core\WashDay\WashDayPlanner.'])
        ->and($arrows->wrongIn(knowing('App\Http\Middleware', 'App\Care\Shared\Lock', 'new')))->toBe([]);
});

it('refuses a folder without a row', function (string $namespace): void {
    expect((new Arrows(rows()))->wrongIn("<?php\nnamespace {$namespace};\nfinal class Some {}\n"))->toHaveCount(1);
})->with(['App\Helpers', 'App\Services', 'Nagomi\Core\Utilities', 'App\Http\Kernels', 'App']);

it('has a row for no folder that is not there', function (): void {
    foreach (array_keys(rows()) as $room) {
        expect(is_dir(
            __DIR__ . '/../../' . str_replace(['Core\\', 'App\\', '\\'], ['core/src/', 'app/', '/'], $room),
        ))->toBeTrue($room);
    }
});

it('notices a clock, chance or output in the core', function (string $line, string $sentence): void {
    expect((new Arrows(rows()))->wrongIn(
        "<?php\nnamespace Nagomi\\Core\\Planning;\nfinal class Some { public function any(): mixed { {$line} } }\n",
    ))->toBe([$sentence]);
})->with([
    ['return time();', 'Core\Planning calls time().'],
    ['return \microtime(true);', 'Core\Planning calls microtime().'],
    ['return random_int(1, 2);', 'Core\Planning calls random_int().'],
    ['return file_get_contents("x");', 'Core\Planning calls file_get_contents().'],
    ['return new \DateTimeImmutable();', 'Core\Planning reads the clock: a date without a moment.'],
    ['return new \DateTimeImmutable("now");', 'Core\Planning reads the clock: a date without a moment.'],
    ['return config("app.name");', 'Core\Planning calls config().'],
]);

it('finds what a template names', function (string $template, array $names): void {
    expect(Arrows::namedInBlade($template))->toBe($names);
})->with([
    ['{{ App\Care\Money::shown(3) }}', ['App\Care\Money']],
    ['@foreach (Nagomi\Core\Head\Zone::cases() as $zone)', ['Nagomi\Core\Head\Zone']],
    ['@php use App\Models\Head; @endphp', ['App\Models\Head']],
    ['{{ Str::limit($a, 3) }}', ['Str']],
    ['{{ \Carbon\CarbonImmutable::parse($d) }}', ['Carbon\CarbonImmutable']],
    ['{{ $page::WIDTH }} {{ route("today") }} <a href="/App/x">', []],
    ['{{ App\Pages\Now\NowPage::WEEKS }}', []],
]);

it('gives no short name twice in one layer', function (string $folder): void {
    $names = array_map(
        fn (string $path): string => basename($path, '.php'),
        explode(
            "\n",
            trim((string) shell_exec('cd ' . escapeshellarg(__DIR__ . '/../..') . " && find {$folder} -name '*.php'")),
        ),
    );
    expect(array_keys(array_filter(array_count_values($names), fn (int $times): bool => $times > 1)))->toBe([]);
})->with(['core/src', 'app/Bridge', 'app/Care', 'app/Pages', 'app/Http', 'app/Models', 'app/Drawings', 'app/Wording']);

it('is strict, and final unless there is a reason', function (): void {
    $wrong = [];
    foreach (sources('.php', 'app', 'core/src') as $path => $source) {
        if (! str_contains($source, 'declare(strict_types=1);')) {
            $wrong[] = "{$path} is not strict.";
        }
        // A salon with real instruments binds a registry of its own in place of ours.
        if (preg_match('/^(readonly )?class /m', $source) === 1 && ! str_ends_with($path, '/InstrumentRegistry.php')) {
            $wrong[] = "{$path} is neither final nor abstract.";
        }
        if (preg_match('/(Manager|Helper|Util|Utils)\.php$/', $path) === 1) {
            $wrong[] = "{$path} has a name that says nothing.";
        }
    }
    expect($wrong)->toBe([]);
});

it('injects what people do instead of calling it by its class', function (): void {
    $static = [];
    foreach (sources('.php', 'app/Care', 'app/Pages') as $path => $source) {
        // Values make themselves; whoever does something for somebody is handed to who needs it.
        if (
            preg_match_all('/^    public static function (\w+)\([^)]*\): (?!\??self|\??static)/m', $source, $found) > 0
        ) {
            $static[$path] = $found[1];
        }
    }
    // Plain sums on what they are given, without a collaborator.
    expect(array_diff(
        array_keys($static),
        ['app/Care/QuietHours.php', 'app/Care/BookIsAway.php',
        'app/Care/WashSessionReadings.php', 'app/Care/ActMoment.php', 'app/Care/WashTap.php'],
    ))->toBe([]);
});

it('takes the shipped parameters at the edges alone; everything else is handed them', function (): void {
    $takers = array_filter(
        sources('.php', 'core/src', 'app'),
        static fn (string $source): bool => str_contains($source, 'Parameters::shipped()'),
    );
    expect(array_keys($takers))->toEqualCanonicalizing([
        'app/AppServiceProvider.php', 'core/src/Head.php', 'core/src/Reading.php',
    ]);
});

/** Tables of a demo and of scenarios. */
const TABLES = ['DemoHeads.php', 'Scenarios.php'];

it('keeps files to one idea', function (): void {
    $long = [];
    foreach (sources('.php', 'core/src', 'app', 'core/tests', 'tests', 'database') as $path => $source) {
        $most = str_contains($path, 'tests/') ? 450 : 300;
        if (substr_count($source, "\n") > $most && ! in_array(basename($path), TABLES, true)) {
            $long[] = $path . ' has ' . substr_count($source, "\n") . ' lines.';
        }
    }
    expect($long)->toBe([]);
});
