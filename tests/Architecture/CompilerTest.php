<?php

declare(strict_types=1);

/*
 * What reckons is compiled alike everywhere: a limit left out of one place costs a quarter of the speed there, and a
 * compiler that keeps numbers in registers has told other numbers than were worked out; nobody would notice either.
 */

/** @return list<string> the settings in the house's own words, each "-d name=value" */
function engineSettings(): array
{
    $house = (string) file_get_contents(__DIR__ . '/../../bin/lib/house.sh');
    preg_match('/^PHP_ENGINE_SETTINGS="([^"]+)"$/m', $house, $found);
    preg_match_all('/-d \S+/', $found[1] ?? '', $settings);

    return $settings[0];
}

it('lets the compiler go on past what the framework uses up', function (): void {
    $values = [];
    foreach (engineSettings() as $setting) {
        [$name, $value] = explode('=', substr($setting, 3), 2);
        $values[$name] = $value;
    }
    expect($values['opcache.jit'])->toBe('1054')
        ->and((int) $values['opcache.jit_max_root_traces'])->toBeGreaterThan(1_024)
        ->and((int) $values['opcache.jit_max_side_traces'])->toBeGreaterThan(128)
        ->and((int) $values['opcache.jit_max_exit_counters'])->toBeGreaterThan(8_192);
});

it('says the same compiled as not compiled', function (string $record): void {
    $said = static function (string $settings) use ($record): string {
        exec(PHP_BINARY . " {$settings} bin/core explain docs/examples/{$record} --today 2027-01-09 2>&1", $lines, $status);
        expect($status)->toBe(0, implode("\n", $lines));

        return implode("\n", $lines);
    };
    $plain = $said('-d opcache.enable_cli=0');
    expect(strlen($plain))->toBeGreaterThan(10_000)->and($said(implode(' ', engineSettings())))->toBe($plain);
})->with(['mixed-porosity.json', 'growing-out-bleach.json']);

it('compiles the tools, the worker and the tests as the house says', function (): void {
    $file = static fn (string $path): string => (string) file_get_contents(__DIR__ . '/../../' . $path);
    foreach (['bin/core', 'bin/bench'] as $tool) {
        foreach (engineSettings() as $setting) {
            expect(strtok($file($tool), "\n"))->toContain($setting);
        }
    }
    // The installed worker has the compiler from php.ini, and the limits from its unit.
    foreach (engineSettings() as $setting) {
        $isLimit = str_contains($setting, 'jit_max_');
        [$name, $value] = explode('=', substr($setting, 3), 2);
        expect($file($isLimit ? 'deploy/nagomi-worker.service' : 'deploy/php.ini'))
            ->toContain($isLimit ? $setting : "{$name} = {$value}");
    }
    expect($file('bin/test'))->toContain('JIT="$PHP_ENGINE_SETTINGS ')
        ->and($file('bin/start'))->toContain('php $PHP_ENGINE_SETTINGS artisan nagomi:work')
        ->toContain('php $PHP_ENGINE_SETTINGS artisan nagomi:demo');
});

it('is taken by this PHP, each limit of it', function (): void {
    exec(PHP_BINARY . ' ' . implode(' ', engineSettings()) . ' -r ' . escapeshellarg(
        'echo json_encode(ini_get_all("zend opcache", false));',
    ) . ' 2>&1', $said);
    /** @var array<string, string>|null $taken */
    $taken = json_decode(implode('', $said), true);
    foreach (engineSettings() as $setting) {
        [$name, $value] = explode('=', substr($setting, 3), 2);
        expect($taken[$name] ?? implode('', $said))->toBe($value);
    }
});
