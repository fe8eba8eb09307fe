<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * What a migration does to tables that the version before goes on using while it runs, and until the last of its
 * machines is stopped: whatever that version could trip over.
 */
final readonly class MigrationSteps
{
    /** What takes something away, by what it says of itself. */
    private const TAKES_AWAY = [
        '/^drop table/i' => 'drops a table',
        '/^rename table|^alter table .* rename /i' => 'renames',
        '/^alter table .* drop (?!index|foreign key|constraint)/i' => 'drops a column',
        '/^alter table .* (modify|change) /i' => 'changes a column',
        '/^alter table .* add unique/i' => 'makes unique what was not',
    ];

    /**
     * @param Closure(): void $up
     *
     * @return list<string> what would break, in words
     */
    public static function breaking(Closure $up): array
    {
        $breaking = $made = [];
        foreach (DB::connection()->pretend($up) as ['query' => $sql]) {
            preg_match('/^(create|alter) table `(\w+)`/i', $sql, $of);
            [, $how, $table] = $of + ['', '', ''];
            if (strcasecmp($how, 'create') === 0) {
                $made[] = $table;
            }
            if ($table !== '' && in_array($table, $made, true)) {
                continue;
            }
            foreach (self::TAKES_AWAY as $pattern => $what) {
                if (preg_match($pattern, $sql) === 1) {
                    $breaking[] = $what;
                }
            }
            foreach (preg_split('/,(?![^(]*\))/', $sql) ?: [] as $part) {
                if (preg_match('/\badd `\w+` .*not null(?!.*\bdefault\b)/i', $part) === 1) {
                    $breaking[] = 'adds a column that rows of the version before do not fill';
                }
            }
        }

        return array_values(array_unique($breaking));
    }
}
