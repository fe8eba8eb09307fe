<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether everything goes that a salon stands on: database, its shape, queue, clock, disk and backup. */
final readonly class SystemChecks
{
    public function __construct(private Heartbeat $heartbeat, private Migrator $migrator)
    {
    }

    /** @return array<string, Check> */
    public function all(): array
    {
        $database = $this->database();
        $isThere = $database->state === CheckState::Ok;
        $isNew = $isThere && $this->isNew();

        return [
            'database' => $database,
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
        $began = hrtime(true);
        try {
            DB::select('select 1');
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
        $oldest = DB::table('jobs')->whereNull('reserved_at')->min('available_at');
        $waits = is_numeric($oldest) ? CarbonImmutable::now()->getTimestamp() - (int) $oldest : 0;

        return Check::atMost((float) max(0, $waits), self::limit('queue_seconds'), 'seconds');
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
