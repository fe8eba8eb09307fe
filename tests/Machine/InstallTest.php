<?php

declare(strict_types=1);

/*
 * docs/deploying.md followed word for word on a root of its own, and what it leaves used as a salon does: over HTTPS,
 * with uploads of 20 MB, after a second run, and with what systemd would start started as its units say.
 */

use Tests\Machine\Copy;
use Tests\Machine\FirstSalon;
use Tests\Machine\FreshRoot;

const INSTALLED = '/opt/nagomi';
const SITE = 'https://nagomi.example';

/** Asked of the shell: nobody there is an answer, and no warning. */
function isAnswered(int $port): bool
{
    exec("bash -c 'exec 3<>/dev/tcp/127.0.0.1/{$port}' 2>/dev/null", $lines, $status);

    return $status === 0;
}

/** @return list<string> the commands of the page, as they stand there */
function commandsOfThePage(): array
{
    $page = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/deploying.md');
    preg_match('/\*\*On a server\.\*\*.*?```sh\n(.*?)```/s', $page, $found);

    return explode("\n", trim($found[1] ?? ''));
}

/** @return array<string, list<string>> what a unit says, as it is installed */
function unitOf(FreshRoot $root, string $name): array
{
    $says = [];
    foreach (explode("\n", $root->must("cat /etc/systemd/system/nagomi-{$name}.service")) as $line) {
        [$key, $value] = array_pad(explode('=', $line, 2), 2, '');
        $says[$key][] = $value;
    }

    return $says;
}

/** As systemd would: the unit's own user, folder, settings and command. */
function startUnit(FreshRoot $root, string $name, string $after = ''): string
{
    $unit = unitOf($root, $name);
    $settings = implode(' ', array_map(escapeshellarg(...), $unit['Environment'] ?? []));

    return $root->must(
        "cd {$unit['WorkingDirectory'][0]} && runuser -u {$unit['User'][0]} -- "
            . "env {$settings} {$unit['ExecStart'][0]} {$after}",
    );
}

/** @return array<int, mixed> how curl finds the site, and whose certificate it believes */
function wayToSite(string $certificate): array
{
    return [CURLOPT_CAINFO => $certificate, CURLOPT_CONNECT_TO => ['nagomi.example::127.0.0.1:']];
}

/**
 * @param array<int, mixed> $with
 *
 * @return array{int, array<string, string>, string} status, headers and what came
 */
function fromSite(string $path, string $certificate, array $with = []): array
{
    $curl = curl_init(str_starts_with($path, 'http') ? $path : SITE . $path);
    $headers = [];
    curl_setopt_array($curl, $with + wayToSite($certificate) + [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 90,
        CURLOPT_HEADERFUNCTION => function (CurlHandle $curl, string $line) use (&$headers): int {
            [$name, $value] = array_pad(explode(':', $line, 2), 2, '');
            $headers[strtolower(trim($name))] = trim($value);

            return strlen($line);
        },
    ]);
    $came = curl_exec($curl);
    expect($came)->not->toBeFalse(curl_error($curl));

    return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $headers, (string) $came];
}

/** A picture of some 10 MB, which no packing makes smaller. */
function aLargePicture(): string
{
    $side = 1600;
    $image = imagecreatetruecolor($side, $side);
    mt_srand(1);
    for ($y = 0; $y < $side; $y++) {
        for ($x = 0; $x < $side; $x++) {
            imagesetpixel($image, $x, $y, mt_rand(0, 0xFFFFFF));
        }
    }
    $file = (string) tempnam(sys_get_temp_dir(), 'large');
    imagejpeg($image, $file, 100);
    expect(filesize($file))->toBeGreaterThan(8_000_000)->toBeLessThan(12_000_000);

    return $file;
}

function started(FreshRoot $root, string $certificate): void
{
    $version = PHP_MAJOR_VERSION . '.' . PHP_MINOR_VERSION;
    $root->must("php-fpm{$version} --daemonize && nginx");
    Copy::until(30, fn (): bool => isAnswered(443), fn (): string => 'nginx does not answer.');
    file_put_contents($certificate, $root->must('cat /etc/ssl/nagomi.crt'));
}

it('is installed as the page says, and used', function (): void {
    foreach ([80, 443, 3306] as $port) {
        if (isAnswered($port)) {
            $this->markTestSkipped("Port {$port} is somebody else's on this machine.");
        }
    }
    $root = FreshRoot::laid() ?? $this->markTestSkipped('This machine does not let a root be laid upon its own.');
    $certificate = (string) tempnam(sys_get_temp_dir(), 'certificate');
    try {
        $project = dirname(__DIR__, 2);
        $root->must(
            'mkdir -p ' . INSTALLED . " && cd '{$project}' && git -c safe.directory='*' ls-files -z --cached --others"
                . ' --exclude-standard | tar --null --ignore-failed-read -cf - --files-from=- | tar -xf - -C ' . INSTALLED,
        );
        // Whoever unpacked it may have kept things to themselves.
        $root->must('chmod -R go-rwx ' . INSTALLED);
        $commands = commandsOfThePage();
        expect($commands)->toHaveCount(2);
        $said = $root->must(implode(' && ', $commands));
        expect($said)->toContain(SITE . '/begin')->toMatch('/Code\s+\S+ opens the first salon/');
        preg_match('/Code\s+(\S+) opens/', $said, $code);
        started($root, $certificate);

        // HTTPS from the first minute, and nothing but it.
        [$status, $headers] = fromSite('http://nagomi.example/today', $certificate);
        expect($status)->toBe(308)->and($headers['location'])->toBe(SITE . '/today');
        [$status, $headers] = fromSite('/sign-in', $certificate, [CURLOPT_ENCODING => 'gzip']);
        expect($status)->toBe(302)->and($headers['set-cookie'])->toContain('secure');
        [$status, $headers, $page] = fromSite('/begin', $certificate, [CURLOPT_ENCODING => 'gzip']);
        expect($status)->toBe(200)->and($headers['content-encoding'])->toBe('gzip')
            ->and($headers['x-request-id'])->toMatch('/^[0-9a-f]{32}$/')->and($headers)->not->toHaveKey('x-powered-by');
        // What ships is kept for a year, and packed by the web server.
        preg_match('#href="(/a/[0-9a-f]+/css/app\.css)"#', $page, $style);
        [$status, $headers, $css] = fromSite($style[1], $certificate, [CURLOPT_ENCODING => 'gzip']);
        expect($status)->toBe(200)->and($headers['cache-control'])->toBe('public, max-age=31536000, immutable')
            ->and($headers['content-encoding'])->toBe('gzip')->and($headers['content-type'])->toContain('text/css')
            ->and($css)->toBe((string) file_get_contents("{$project}/public/css/app.css"));
        $hidden = [
            '/.env', '/composer.json', '/vendor/autoload.php', '/storage/logs/php.log', '/index.php', '/a/../.env',
        ];
        foreach ($hidden as $path) {
            expect(fromSite($path, $certificate, [CURLOPT_PATH_AS_IS => true])[0])->toBeIn([400, 404], $path);
        }

        // A year of nothing but HTTPS, and only by its own name: links in messages are made with it.
        [$status, $headers] = fromSite('/begin', $certificate);
        expect($headers['strict-transport-security'])->toBe('max-age=31536000')
            ->and(fromSite('/begin', $certificate, [CURLOPT_HTTPHEADER => ['Host: evil.example']])[0])->toBe(400)
            ->and(fromSite('/robots.txt', $certificate)[2])->toContain('Disallow: /');

        // Somebody opens their salon there, and takes a client in with a large picture.
        $way = wayToSite($certificate);
        expect(FirstSalon::openedAtOnce(SITE, $code[1], ['odd@quay.example'], $way))->toBe(['/today']);
        $large = aLargePicture();
        $jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        $token = function (string $path) use ($certificate, $jar): string {
            [, , $page] = fromSite($path, $certificate, [CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar]);

            return preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found) === 1 ? $found[1] : '';
        };
        $sent = fn (string $path, array $fields): array => fromSite($path, $certificate, [
            CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar, CURLOPT_POST => true, CURLOPT_POSTFIELDS => $fields,
        ]);
        $sent('/sign-in', [
            '_token' => $token('/sign-in'), 'email' => 'odd@quay.example', 'password' => 'lamp ferry moss',
        ]);
        $root->must('cd ' . INSTALLED . ' && runuser -u nagomi -- php artisan tinker --execute=' . escapeshellarg(<<<'PHP'
            app(App\Care\Clients\UnseenClients::class)
                ->take(App\Models\Salon::query()->sole(), ['name' => 'Vesla', 'phone' => null]);
            PHP));
        [, , $clients] = fromSite('/clients', $certificate, [CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar]);
        expect(preg_match('#/clients/([0-9a-z]{26})#', $clients, $client))->toBe(1);
        [$status, $headers] = $sent("/clients/{$client[1]}/pictures", [
            '_token' => $token('/clients'), 'picture' => new CURLFile($large, 'image/jpeg', 'large.jpg'),
            'kind' => 'after', 'taken_on' => gmdate('Y-m-d'), 'consent' => '1', 'consent_by' => 'Vesla',
        ]);
        expect($status)->toBe(302)
            ->and($root->must('find ' . INSTALLED . '/storage/app/private/pictures'))->toContain('.jpg');

        // 20 MB come through to where they are looked at: what is wrong with them is said by us.
        $table = (string) tempnam(sys_get_temp_dir(), 'table');
        file_put_contents($table, "Name,Phone\n" . str_repeat("Vesla Ortiz,912 345 678\n", 840_000));
        expect(filesize($table))->toBeGreaterThan(20_000_000);
        [$status, $headers] = $sent('/salon/data/imports', [
            '_token' => $token('/clients'), 'file' => new CURLFile($table, 'text/csv', 'clients.csv'),
        ]);
        expect($status)->toBe(302)->and($headers['location'])->toStartWith(SITE);

        // What systemd would start does what it is for, as its own user.
        expect($root->does('systemd-analyze verify /etc/systemd/system/nagomi-*')[1])->not->toContain('nagomi-');
        $health = fn (): array => json_decode(fromSite('/health', $certificate)[2], true);
        expect($health()['checks']['clock']['state'])->toBe('unknown');
        startUnit($root, 'clock');
        startUnit($root, 'backup');
        startUnit($root, 'worker', '--stop-when-empty');
        expect(array_map(fn (array $one): string => $one['state'], $health()['checks']))->toBe([
            'database' => 'ok', 'migrations' => 'ok', 'queue' => 'ok', 'clock' => 'ok', 'disk' => 'ok',
            'backup' => 'ok',
        ])->and($root->must('cd ' . INSTALLED . ' && runuser -u nagomi -- bin/prove'))->toContain('are the same');
        expect($root->must('logrotate --debug /etc/logrotate.d/nagomi 2>&1'))->not->toContain('error');

        // The service may write what is its own and nothing else; nobody else reads its settings.
        foreach (['.', 'app', 'public', 'vendor', 'bin/install', '.env', 'lang'] as $path) {
            expect($root->does('runuser -u nagomi -- test -w ' . INSTALLED . "/{$path}")[0])->toBe(1, $path);
        }
        foreach (['.env', 'storage/logs', 'var'] as $path) {
            expect($root->does('runuser -u www-data -- test -r ' . INSTALLED . "/{$path}")[0])->toBe(1, $path);
        }

        // The key is changed while it runs: everybody signs in anew, and all there is opens with the new one.
        $settings = fn (): string => $root->must('sort ' . INSTALLED . '/.env');
        $former = $settings();
        $root->must('cd ' . INSTALLED . ' && bin/rotate-key');
        expect($settings())->not->toContain('APP_PREVIOUS_KEYS')->and($settings())->not->toBe($former)
            ->and($root->must('stat -c %U:%G:%a ' . INSTALLED . '/.env'))->toContain('root:nagomi:640')
            ->and($root->must('find ' . INSTALLED . '/storage/app/private ! -user nagomi'))->toBe('');
        expect(fromSite('/clients', $certificate, [CURLOPT_COOKIEFILE => $jar])[0])->toBe(302);
        $sent('/sign-in', [
            '_token' => $token('/sign-in'), 'email' => 'odd@quay.example', 'password' => 'lamp ferry moss',
        ]);
        [, , $page] = fromSite("/clients/{$client[1]}/pictures", $certificate, [CURLOPT_COOKIEFILE => $jar]);
        expect(preg_match('#src="(?:https://[^/]+)?(/clients/[^"]+/pictures/[^"]+)"#', $page, $picture))->toBe(1);
        [$status, , $jpeg] = fromSite($picture[1], $certificate, [CURLOPT_COOKIEFILE => $jar]);
        expect($status)->toBe(200)->and(getimagesizefromstring($jpeg)['mime'] ?? '')->toBe('image/jpeg');

        // After the next release it is run again, and everything is as it was.
        $before = $settings();
        $again = $root->must(implode(' && ', $commands));
        expect($settings())->toBe($before)
            ->and($again)->not->toContain('opens the first salon');
        // As systemd starts it anew: it looks at no file twice.
        $anew = 'nginx -s reload && kill -USR2 $(cat /run/php/php*-fpm.pid) && sleep 2';
        $root->must($anew);
        [$status, , $page] = fromSite("/clients/{$client[1]}/pictures", $certificate, [CURLOPT_COOKIEFILE => $jar]);
        expect($status)->toBe(200)->and($page)->toContain('Vesla');
        // Under another name it answers to that one, with what was there; what bin/start left is not taken over.
        $root->must('cd ' . INSTALLED . " && bin/install --name other.example && {$anew}");
        expect($settings())->toContain('TRUSTED_HOSTS=other.example')->not->toContain('nagomi.example');
        [$status] = fromSite('https://other.example/up', $certificate, [
            CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_CONNECT_TO => ['other.example::127.0.0.1:'],
        ]);
        expect($status)->toBe(200);
        $root->must('cd ' . INSTALLED . ' && cp .env .env.kept && sed -i "/^DB_DATABASE/d" .env');
        [$status, $says] = $root->does('cd ' . INSTALLED . ' && bin/install --name other.example');
        expect($status)->toBe(1)->and($says)->toContain('started here with bin/start');
        $root->must('cd ' . INSTALLED . ' && mv .env.kept .env');
        // A log of the web server has no secret of anybody's.
        fromSite('/calendars/' . str_repeat('s', 48) . '.ics', $certificate);
        expect($root->must('cat /var/log/nginx/nagomi.access.log'))->toContain('/calendars/…')->not->toContain('ssss');
    } finally {
        $root->remove();
    }
});
