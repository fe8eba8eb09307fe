<?php

declare(strict_types=1);

/*
 * How long pages of one salon take where it is alone and where it is one of many, by turns in one run:
 * php tests/Cluster/pages.php ADDRESS-ALONE ADDRESS-AMONG-MANY CLIENT
 */

use Tests\Together\Device;

require __DIR__ . '/../../vendor/autoload.php';

const ROUNDS = 25;

[, $alone, $among, $client] = $argv;
$devices = [];
foreach ([$alone, $among] as $url) {
    $devices[] = (new Device($url))->signIn('ilse@saltlight.example', 'harbour-demo');
}
$median = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};
foreach (['Today' => '/today', 'Clients' => '/clients', 'Now' => "/clients/{$client}"] as $name => $path) {
    $times = [[], []];
    for ($round = -3; $round < ROUNDS; $round++) {
        foreach ($devices as $which => $device) {
            $began = hrtime(true);
            $answer = $device->now('GET', $path);
            $answer->status === 200 || throw new RuntimeException("{$path} answered {$answer->status}.");
            $round < 0 || $times[$which][] = (hrtime(true) - $began) / 1e6;
        }
    }
    [$one, $many] = array_map($median, $times);
    printf("%-8s alone %4.0f ms, among many %4.0f ms: %.2f times\n", $name, $one, $many, $many / $one);
}
