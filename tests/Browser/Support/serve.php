<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;

/*
 * The application as browser tests drive it: the salon's clock runs ahead by the minutes that stand in a file, so that
 * a wash day of two hours can be tried in one minute. See Browser::later(). It says with each answer what the processor
 * had to do for it: unlike the time that went by, that does not hang on what else the machine does.
 */

$milliseconds = static function (): float {
    $used = getrusage() ?: [];

    return 1000 * (($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0))
        + (($used['ru_utime.tv_usec'] ?? 0) + ($used['ru_stime.tv_usec'] ?? 0)) / 1000;
};
$began = $milliseconds();
header_register_callback(static function () use ($milliseconds, $began): void {
    header(sprintf('Server-Timing: processor;dur=%.2F', $milliseconds() - $began));
});

$clock = getenv('NAGOMI_CLOCK');
$ahead = is_string($clock) && is_file($clock) ? file_get_contents($clock) : false;
if (is_string($ahead) && is_numeric($ahead)) {
    require_once __DIR__ . '/../../../vendor/autoload.php';
    $now = CarbonImmutable::createFromFormat('U.u', sprintf('%.6F', microtime(true)));
    CarbonImmutable::setTestNow($now->addMilliseconds((int) round(60_000 * (float) $ahead)));
}
return require __DIR__ . '/../../../bin/lib/serve.php';
