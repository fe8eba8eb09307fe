<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;

/*
 * The application as browser tests drive it: the salon's clock runs ahead by the minutes that stand in a file, so that
 * a wash day of two hours can be tried in one minute. See Browser::later().
 */

$clock = getenv('NAGOMI_CLOCK');
$ahead = is_string($clock) && is_file($clock) ? file_get_contents($clock) : false;
if (is_string($ahead) && is_numeric($ahead)) {
    require_once __DIR__ . '/../../../vendor/autoload.php';
    $now = CarbonImmutable::createFromFormat('U.u', sprintf('%.6F', microtime(true)));
    CarbonImmutable::setTestNow($now->addMilliseconds((int) round(60_000 * (float) $ahead)));
}
return require __DIR__ . '/../../../bin/lib/serve.php';
