<?php

declare(strict_types=1);

/*
 * A salon is backed up, its machine loses everything, and comes back to the last row and picture: by another reader than
 * the one that writes the proof as well.
 */

use Tests\Machine\Copy;
use Tests\Machine\FirstSalon;

/** A client with all their history, a private note, a picture; and somebody signed in. */
const CLIENT_OF_THE_BACKUP = <<<'PHP'
    $salon = App\Models\Salon::query()->sole();
    $text = file_get_contents('docs/examples/mixed-porosity.json');
    $record = Nagomi\Core\Record\CareRecordReader::read($text, app(Nagomi\Core\Parameters\Parameters::class));
    $head = app(App\Bridge\Clients\RecordImporter::class)->record($record, $salon);
    $head->update(['name' => "Æ 漢 'quoted' \\\\ back", 'health_notes' => 'a private matter']);
    $picture = (new App\Models\Picture())->forceFill(['salon_id' => $salon->id, 'head_id' => $head->id,
        'taken_on' => '2026-11-01', 'kind' => 'hair', 'consent_by' => 'V', 'consent_on' => '2026-11-01', 'by' => 'Odd',
        'width' => 3, 'height' => 3]);
    $picture->save();
    app(App\Care\Clients\PictureFiles::class)->keep($picture, "\xFF\xD8\xFF" . random_bytes(40_000));
    PHP;

/** What a second reader sees: rows and a checksum by the database's own count, pictures by another program. */
const SECOND_READER = <<<'PHP'
    $sums = [];
    foreach (['heads', 'readings', 'wash_days', 'visits', 'users', 'activity_log', 'services'] as $table) {
        $rows = Illuminate\Support\Facades\DB::select("checksum table {$table}");
        $sums[$table] = [Illuminate\Support\Facades\DB::table($table)->count(), ((array) $rows[0])['Checksum']];
    }
    $head = App\Models\Head::query()->sole();
    $picture = app(App\Care\Clients\PictureFiles::class)->read(App\Models\Picture::query()->sole());
    echo json_encode([$sums, $head->name, $head->health_notes, strlen((string) $picture)]);
    PHP;

/** @return array{string, string} of the database and of the pictures */
function seenByAnother(Copy $copy): array
{
    [$status, $says] = $copy->does('php artisan tinker --execute=' . escapeshellarg(SECOND_READER));
    expect($status)->toBe(0, $says);
    $pictures = $copy->does('cd storage/app/private && find pictures -type f -exec sha256sum {} + | sort')[1];

    return [trim($says), $pictures];
}

it('comes back whole after everything is lost', function (): void {
    $copy = Copy::fresh('backup');
    try {
        $copy->start('--empty');
        $at = $copy->address(300);
        preg_match('/with the code\s+([A-Z0-9-]+)/', $copy->said(), $code);
        expect(FirstSalon::openedAtOnce($at, $code[1], ['odd@quay.example']))->toBe(['/today']);
        // Nothing is backed up yet, and that is said.
        expect($copy->does('bin/prove')[1])->toContain('There is no backup');
        [$status, $says] = $copy->does('php artisan tinker --execute=' . escapeshellarg(CLIENT_OF_THE_BACKUP));
        expect($status)->toBe(0, $says);
        $before = seenByAnother($copy);
        expect($before[0])->toContain('a private matter')->and($before[1])->toContain('.jpg');
        [$status, $says] = $copy->does('bin/backup --keys keys.txt');
        expect($status)->toBe(0, $says)->and($says)->toContain('1 pictures');
        expect((string) file_get_contents("{$copy->folder}/keys.txt"))->toContain('APP_KEY=base64:')
            ->and(fileperms("{$copy->folder}/keys.txt") & 0777)->toBe(0600);
        // What is in the vault tells nobody anything.
        expect($copy->does("grep -rlE 'private matter|quoted|Odd Eir' var/vault")[1])->toBe('');
        expect($copy->does('bin/prove'))->toBe([0, $says = $copy->does('bin/prove')[1]])
            ->and($says)->toMatch('/\d+ tables with \d+ rows and 1 files are the same/');

        // A change after the backup is seen by whoever compares, and a salon is not overwritten by a slip.
        $copy->does("php artisan tinker --execute='App\\Models\\Head::query()->update([\"wash_every_days\" => 13]);'");
        expect($copy->does('bin/restore')[1])->toContain('A salon is here');

        // The power goes, and takes the disk with it.
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $copy->processes());
        Copy::until(20, fn (): bool => $copy->processes('mariadbd') === [], fn (): string => 'It did not die.');
        $copy->does('rm -rf var/mariadb var/mariadb.* storage/app/private/pictures');
        $copy->start('--empty');
        $at = $copy->address(300);
        [$status, $says] = $copy->does('bin/restore');
        expect($status)->toBe(0, $says)->and($says)->toContain('is back')
            ->and(seenByAnother($copy))->toBe($before);
        // Who worked there signs in again, and what the trail says can still not be changed.
        expect($copy->does("php artisan tinker --execute='echo DB::table(\"activity_log\")->delete();'")[1])
            ->toContain('only grows');

        // With another key the rows are there and what is private stays closed: that is said, and the old key mends it.
        $copy->does('cp .env .env.kept && sed -i "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" .env');
        [$status, $says] = $copy->does('bin/restore --replace');
        expect($status)->toBe(0, $says)->and($says)->toContain('written with another APP_KEY');
        $copy->does('mv .env.kept .env');
        expect(seenByAnother($copy))->toBe($before);

        // The key is changed: all opens with the new one, and a backup of before with the one that was kept.
        [$status, $says] = $copy->does('bin/rotate-key');
        expect($status)->toBe(0, $says)->and($says)->toContain('and 1 pictures took the key of now')
            ->and(substr_count((string) file_get_contents("{$copy->folder}/.env"), 'KEY'))->toBe(2)
            ->and((string) file_get_contents("{$copy->folder}/var/former.keys"))->toContain('APP_KEY=base64:')
            ->and(fileperms("{$copy->folder}/var/former.keys") & 0777)->toBe(0600);
        $rotated = seenByAnother($copy);
        expect($rotated[0])->toContain('a private matter')->toContain(',40003]')->not->toBe($before[0])
            ->and($rotated[1])->not->toBe($before[1]);
        expect($copy->does("curl -s -o /dev/null -w '%{http_code}' {$at}/sign-in")[1])->toBe('200');
        [$status, $says] = $copy->does('bin/restore --replace');
        expect($status)->toBe(0, $says)->and($says)->toContain('APP_PREVIOUS_KEYS');
        $copy->does('sed -n "s/^APP_KEY=/APP_PREVIOUS_KEYS=/p" var/former.keys | tail -n 1 >>.env');
        expect($copy->does('bin/rotate-key')[1])->toContain('goes on with it')->toContain('The key is changed');
        expect(seenByAnother($copy)[0])->toContain('a private matter')->toContain(',40003]')
            ->and((string) file_get_contents("{$copy->folder}/.env"))->not->toContain('APP_PREVIOUS_KEYS');

        // A bit that turned in the vault is found.
        $packs = explode("\n", $copy->does('find var/vault/data -type f -size +1k | sort')[1]);
        $copy->does('chmod u+w ' . escapeshellarg($packs[0]) . ' && printf "\\377\\377\\377" | dd of='
            . escapeshellarg($packs[0]) . ' bs=1 seek=100 conv=notrunc');
        expect($copy->does('bin/prove')[0])->not->toBe(0);
    } finally {
        $copy->remove();
    }
});
