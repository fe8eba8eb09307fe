<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use App\Models\Picture;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Redis;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Whether everything goes that a salon stands on: database, its shape, queue, clock, disk and backup. */
final readonly class SystemChecks
{
    public function __construct(
        private Heartbeat $heartbeat,
        private Migrator $migrator,
        private WaitingJobs $waitingJobs,
    ) {
    }

    /** @return array<string, Check> */
    public function all(): array
    {
        $database = $this->database();
        $shared = $this->sharedServices();
        // Jobs and the clock's last beat are asked of the database, or of Redis where it holds them.
        $isThere = $database->state === CheckState::Ok
            && ($shared['redis'] ?? $database)->state === CheckState::Ok;
        $isNew = $isThere && $this->isNew();

        return [
            'database' => $database,
            ...$shared,
            'migrations' => $isThere ? $this->migrations() : Check::unknown(0.0, 'migrations'),
            'queue' => $isThere ? $this->queue() : Check::unknown(self::limit('queue_seconds'), 'seconds'),
            'clock' => $isThere
                ? $this->age($this->heartbeat->age(), 'clock_seconds', $isNew)
                : Check::unknown(self::limit('clock_seconds'), 'seconds'),
            'disk' => $this->disk(),
            'backup' => $isThere
                ? $this->age($this->backupAge(), 'backup_seconds', $isNew)
                : Check::unknown(self::limit('backup_seconds'), 'seconds'),
        ];
    }

    private function database(): Check
    {
        return $this->answers(static fn (): array => DB::select('select 1'));
    }

    /** @return array<string, Check> what only several machines have: Redis, and a bucket for the pictures */
    private function sharedServices(): array
    {
        $checks = [];
        if (config('session.driver') === 'redis') {
            $checks['redis'] = $this->answers(static fn (): mixed => Redis::connection()->command('ping'));
        }
        if (config('filesystems.disks.' . Picture::DISK . '.driver') === 's3') {
            $checks['pictures'] = $this->answers(
                static fn (): bool => Storage::disk(Picture::DISK)->exists('pictures/none'),
            );
        }

        return $checks;
    }

    /** @param Closure(): mixed $asks */
    private function answers(Closure $asks): Check
    {
        $began = hrtime(true);
        try {
            $asks();
        } catch (Throwable) {
            return new Check(CheckState::Failing, null, null, 'seconds');
        }

        return new Check(CheckState::Ok, (hrtime(true) - $began) / 1e9, null, 'seconds');
    }

    /** A release that was installed and not migrated answers with errors of its own. */
    private function migrations(): Check
    {
        $there = array_keys($this->migrator->getMigrationFiles(database_path('migrations')));
        $pending = array_diff($there, $this->migrator->getRepository()->getRan());

        return Check::atMost((float) count($pending), 0.0, 'migrations');
    }

    /** How long the first of those waits whose turn has come. */
    private function queue(): Check
    {
        $waits = $this->waitingJobs->oldestSeconds(CarbonImmutable::now());

        return Check::atMost((float) $waits, self::limit('queue_seconds'), 'seconds');
    }

    private function disk(): Check
    {
        $free = disk_free_space(storage_path());

        return $free === false
            ? Check::unknown(self::limit('free_bytes'), 'bytes')
            : Check::atLeast($free, self::limit('free_bytes'), 'bytes');
    }

    /** @param int|null $seconds null: never yet, which only a new salon may say */
    private function age(?int $seconds, string $limit, bool $isNew): Check
    {
        return match (true) {
            $seconds !== null => Check::atMost((float) $seconds, self::limit($limit), 'seconds'),
            $isNew => Check::unknown(self::limit($limit), 'seconds'),
            default => new Check(CheckState::Failing, null, self::limit($limit), 'seconds'),
        };
    }

    private function backupAge(): ?int
    {
        $stamp = config()->string('monitoring.backup_stamp');
        $at = is_file($stamp) ? trim((string) file_get_contents($stamp)) : '';

        return ctype_digit($at) ? max(0, CarbonImmutable::now()->getTimestamp() - (int) $at) : null;
    }

    private function isNew(): bool
    {
        $first = Salon::query()->withoutGlobalScopes()->min('created_at');
        $since = CarbonImmutable::now()->subSeconds((int) self::limit('new_seconds'));

        return ! is_string($first) || CarbonImmutable::parse($first)->greaterThan($since);
    }

    private static function limit(string $of): float
    {
        return (float) config()->integer("monitoring.{$of}");
    }
}
