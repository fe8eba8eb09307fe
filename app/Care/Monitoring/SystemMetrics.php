<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use App\Models\DeliveryState;
use Illuminate\Support\Facades\DB;

/**
 * What is measured, as text that Prometheus reads (its exposition format 0.0.4, from memory): counts of what waits, and
 * nothing of anybody.
 */
final readonly class SystemMetrics
{
    public const TYPE = 'text/plain; version=0.0.4; charset=utf-8';

    private const PREFIX = 'nagomi_';

    /** What each is, by name; all of them are gauges. */
    private const HELP = [
        'check_ok' => 'One where a check is well, none where it fails or is not known.',
        'database_seconds' => 'How long the database takes to answer.',
        'redis_seconds' => 'How long Redis takes to answer, where several machines share it.',
        'pictures_seconds' => 'How long the bucket of the pictures takes to answer, where they are kept in one.',
        'queue_oldest_seconds' => 'How long the first of the jobs waits whose turn has come.',
        'clock_age_seconds' => 'Since the clock went last.',
        'backup_age_seconds' => 'Since the last backup.',
        'disk_free_bytes' => 'Room on the disk.',
        'migrations_pending' => 'Migrations that are there and were not run.',
        'jobs' => 'Jobs that wait or are done just now.',
        'jobs_failed' => 'Jobs that failed and were given up.',
        'reminders' => 'Reminders by how they stand.',
        'webhook_deliveries' => 'What other programs are told, by how it stands.',
        'outlooks_due' => 'Clients whose balance is still to be worked out anew.',
        'salons' => 'Salons.',
        'clients' => 'Clients.',
    ];

    /** Metrics of checks, by check. */
    private const OF_CHECKS = [
        'database' => 'database_seconds', 'redis' => 'redis_seconds', 'pictures' => 'pictures_seconds',
        'migrations' => 'migrations_pending', 'queue' => 'queue_oldest_seconds',
        'clock' => 'clock_age_seconds', 'disk' => 'disk_free_bytes', 'backup' => 'backup_age_seconds',
    ];

    public function __construct(private SystemChecks $systemChecks, private WaitingJobs $waitingJobs)
    {
    }

    public function text(): string
    {
        $checks = $this->systemChecks->all();
        $values = [];
        foreach ($checks as $name => $check) {
            $values['check_ok']["{check=\"{$name}\"}"] = $check->state === CheckState::Ok ? 1.0 : 0.0;
            if ($check->value !== null) {
                $values[self::OF_CHECKS[$name]][''] = $check->value;
            }
        }
        if ($checks['database']->state === CheckState::Ok) {
            $values += $this->counts();
        }
        $text = '';
        foreach (array_intersect_key(self::HELP, $values) as $name => $help) {
            $text .= '# HELP ' . self::PREFIX . "{$name} {$help}\n# TYPE " . self::PREFIX . "{$name} gauge\n";
            foreach ($values[$name] as $labels => $value) {
                $text .= self::PREFIX . "{$name}{$labels} " . json_encode($value) . "\n";
            }
        }

        return $text;
    }

    /** @return array<string, array<string, float>> by name and labels */
    private function counts(): array
    {
        return [
            'jobs' => ['' => (float) $this->waitingJobs->count()],
            'jobs_failed' => ['' => (float) DB::table('failed_jobs')->count()],
            'reminders' => $this->byState('reminders', 'status', ['due', 'sending', 'sent', 'failed', 'dropped']),
            'webhook_deliveries' => $this->byState('webhook_deliveries', 'state', array_column(
                DeliveryState::cases(),
                'value',
            )),
            'outlooks_due' => ['' => (float) DB::table('heads')->whereNotNull('outlook_due_from')->count()],
            'salons' => ['' => (float) DB::table('salons')->count()],
            'clients' => ['' => (float) DB::table('heads')->count()],
        ];
    }

    /**
     * @param list<string> $states those of which there are none as well
     *
     * @return array<string, float>
     */
    private function byState(string $table, string $column, array $states): array
    {
        $found = DB::table($table)->groupBy($column)->selectRaw("{$column} as state, count(*) as many")
            ->pluck('many', 'state');
        $counts = [];
        foreach ($states as $state) {
            $many = $found[$state] ?? 0;
            $counts["{state=\"{$state}\"}"] = is_numeric($many) ? (float) $many : 0.0;
        }

        return $counts;
    }
}
