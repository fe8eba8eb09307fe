<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Models\Head;
use App\Models\Picture;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/**
 * Every row that hangs on a head, by table. The tables are asked of the database itself, so that one that is added
 * later is
 * counted, and deleted, without anybody thinking of it here.
 */
final readonly class ClientTraces
{
    /** @param array<string, list<int|string>> $ids keys of the rows, by table */
    private function __construct(public string $headId, private array $ids)
    {
    }

    public static function of(Head $head): self
    {
        $ids = ['heads' => [$head->id]];
        $links = DB::table('information_schema.KEY_COLUMN_USAGE as k')->join(
            'information_schema.REFERENTIAL_CONSTRAINTS as r',
            fn (JoinClause $join): JoinClause => $join->on('r.CONSTRAINT_NAME', '=', 'k.CONSTRAINT_NAME')->on(
                'r.CONSTRAINT_SCHEMA',
                '=',
                'k.CONSTRAINT_SCHEMA',
            ),
        )
            ->where('k.TABLE_SCHEMA', DB::getDatabaseName())->where('r.DELETE_RULE', 'CASCADE')->whereNotIn(
                'k.REFERENCED_TABLE_NAME',
                ['salons', 'users'],
            )
            ->get(['k.TABLE_NAME as child', 'k.COLUMN_NAME as column', 'k.REFERENCED_TABLE_NAME as parent']);
        $todo = ['heads'];
        while (($parent = array_shift($todo)) !== null) {
            foreach ($links->where('parent', $parent) as $link) {
                /** @var object{child: string, column: string, parent: string} $link */
                $key = self::key($link->child);
                /** @var list<int|string> $found */
                $found = DB::table($link->child)->whereIn($link->column, $ids[$parent])->pluck($key)->all();
                $new = array_values(array_diff($found, $ids[$link->child] ?? []));
                if ($new !== []) {
                    $ids[$link->child] = [...$ids[$link->child] ?? [], ...$new];
                    $todo[] = $link->child;
                }
            }
        }
        $ids['activity_log'] = self::trail($ids);

        return new self($head->id, array_filter($ids));
    }

    private static function key(string $table): string
    {
        return $table === 'outlooks' ? 'head_id' : 'id';
    }

    /**
     * What the audit trail tells of any of these rows.
     *
     * @param array<string, list<int|string>> $ids
     *
     * @return list<int|string>
     */
    private static function trail(array $ids): array
    {
        $trail = [];
        foreach ($ids as $table => $rows) {
            /** @var list<int|string> $of */
            $of = DB::table('activity_log')
                ->where('subject_type', 'App\\Models\\' . Str::studly(Str::singular($table)))
                ->whereIn('subject_id', array_map(strval(...), $rows))
                ->pluck('id')
                ->all();
            $trail = [...$trail, ...$of];
        }
        /** @var list<int|string> $named */
        $named = DB::table('activity_log')->whereIn('head_id', $ids['heads'] ?? [])->pluck('id')->all();

        return array_values(array_unique([...$trail, ...$named]));
    }

    /** @return array<string, int> rows by table */
    public function counts(): array
    {
        return array_map(count(...), $this->ids);
    }

    /** @return array<string, int> how many of the same rows are still there, and of any other that names the head */
    public function left(): array
    {
        $left = [];
        foreach ($this->ids as $table => $rows) {
            $left[$table] = DB::table($table)->whereIn(self::key($table), $rows)->count();
        }

        return $left;
    }

    public function forgetTrail(): void
    {
        // The trail only grows but here, and only while this is said.
        DB::statement('set @nagomi_forgets = 1');
        try {
            DB::table('activity_log')->whereIn('id', $this->ids['activity_log'] ?? [])->delete();
        } finally {
            DB::statement('set @nagomi_forgets = null');
        }
    }

    /** @return list<string> paths of the client’s pictures */
    public function files(Head $head): array
    {
        /** @var list<string> */
        return Picture::query()
            ->where('head_id', $head->id)
            ->get()
            ->map(fn (Picture $picture): string => $picture->path())
            ->filter(fn (string $path): bool => Storage::disk(Picture::DISK)->exists($path))
            ->values()
            ->all();
    }
}
