<?php

declare(strict_types=1);

/*
 * Which tests of a run are tried once more: php bin/lib/again.php JUNIT MOST
 * Prints a pattern that names what failed, then the files they stand in, a line each; nothing where nothing failed, or
 * more than MOST: that is no finger too slow for a busy machine, and a second try would only take its time.
 */

$suite = @simplexml_load_file($argv[1]);
$failed = $suite === false ? [] : $suite->xpath('//testcase[failure or error]');
if ($failed === [] || count($failed) > (int) $argv[2]) {
    exit;
}
[$names, $files] = [[], []];
foreach ($failed as $case) {
    $names[] = preg_quote(explode(' with data set ', (string) $case['name'])[0], '/');
    $files[] = explode('::', (string) $case['file'])[0];
}
echo '(', implode('|', array_unique($names)), ")\n", implode("\n", array_unique($files)), "\n";
