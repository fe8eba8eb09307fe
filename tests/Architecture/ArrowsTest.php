<?php

declare(strict_types=1);

/*
 * The arrows of the house, which run one way: views → controllers → Care → core; inside core Balance and Treatment
 * know Head, Season knows Balance, Treatment and Safety, nothing knows Record but bin and Care; Stats, Air and
 * Parameter know nobody.
 */

const CORE = 'Nagomi\Core';

arch('core is plain PHP, without framework or application')
    ->expect(CORE)
    ->not->toUse(['Illuminate', 'App', 'Symfony', 'Database']);

arch('core has no clock, no output and no chance of its own')
    ->expect(CORE)
    ->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'file_put_contents', 'print_r', 'var_dump', 'dd']);

foreach (['Stats', 'Air', 'Parameter'] as $alone) {
    arch("{$alone} knows nobody")
        ->expect(CORE . "\\{$alone}")
        ->not->toUse([CORE . '\Head', CORE . '\Reading', CORE . '\Balance', CORE . '\Treatment', CORE . '\Season', CORE . '\Safety', CORE . '\Record', CORE . '\Simulation']);
}

arch('a head knows its parameters only')
    ->expect(CORE . '\Head')
    ->not->toUse([CORE . '\Stats', CORE . '\Air', CORE . '\Reading', CORE . '\Balance', CORE . '\Treatment', CORE . '\Season', CORE . '\Safety', CORE . '\Record', CORE . '\Simulation']);

foreach (['Treatment', 'Reading'] as $early) {
    arch("{$early} knows heads, not balance")
        ->expect(CORE . "\\{$early}")
        ->not->toUse([CORE . '\Balance', CORE . '\Season', CORE . '\Safety', CORE . '\Record', CORE . '\Simulation']);
}

arch('balance knows neither season nor record')
    ->expect(CORE . '\Balance')
    ->not->toUse([CORE . '\Season', CORE . '\Safety', CORE . '\Record', CORE . '\Simulation']);

arch('season knows no record')
    ->expect(CORE . '\Season')
    ->not->toUse([CORE . '\Record', CORE . '\Simulation', CORE . '\Reading']);

arch('virtual heads share no code with the filter and the planner')
    ->expect(CORE . '\Simulation')
    ->not->toUse([CORE . '\Balance', CORE . '\Season', CORE . '\Record', CORE . '\Parameter']);

arch('nothing of the engine knows its proof')
    ->expect(CORE . '\Balance')
    ->not->toUse([CORE . '\Validation']);

arch('models never reach up, nor into core')
    ->expect('App\Models')
    ->not->toUse(['App\Care', 'App\Http', 'App\Pictures', 'App\Policies', CORE]);

arch('care knows no request and no controller')
    ->expect('App\Care')
    ->not->toUse(['App\Http']);

arch('controllers leave balance and season to Care')
    ->expect('App\Http\Controllers')
    ->not->toUse([CORE . '\Balance', CORE . '\Season', CORE . '\Treatment', CORE . '\Reading']);

arch('pictures draw from what is stored')
    ->expect('App\Pictures')
    ->not->toUse(['App\Http', 'App\Care', CORE . '\Balance', CORE . '\Season']);

foreach ([CORE, 'App\Care', 'App\Pictures', 'App\Policies'] as $ours) {
    arch("{$ours} is strict, and final unless there is a reason")
        ->expect($ours)
        ->toUseStrictTypes()
        ->classes->toBeFinal();
}

foreach ([CORE, 'App'] as $ours) {
    foreach (['Manager', 'Helper', 'Util', 'Service'] as $empty) {
        arch("nothing in {$ours} is called {$empty}")->expect($ours)->not->toHaveSuffix($empty);
    }
}

it('keeps files to one idea', function (): void {
    $long = [];
    foreach (['core/src', 'app', 'core/tests', 'tests', 'database'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__ . "/../../{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php' && count(file($file->getPathname()) ?: []) > 400) {
                $long[] = $file->getFilename();
            }
        }
    }
    expect($long)->toBe([]);
});
