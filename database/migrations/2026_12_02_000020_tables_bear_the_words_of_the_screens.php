<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tables and what points at them are called what code and screens call them; nothing in them changes. */
return new class () extends Migration {
    private const TABLES = [
        'basins' => 'wash_sessions',
        'basin_acts' => 'wash_session_acts',
        'bench_drafts' => 'test_drafts',
        'offers' => 'services',
        'season_edits' => 'plan_edits',
        'visit_accounts' => 'visit_statements',
        'head_days' => 'head_snapshots',
    ];

    private const POINTERS = [
        ['wash_session_acts', 'basin_id', 'wash_session_id'],
        ['stock_moves', 'basin_id', 'wash_session_id'],
    ];

    private const MODELS = [
        'Basin' => 'WashSession', 'BasinAct' => 'WashSessionAct', 'BenchDraft' => 'TestDraft', 'Offer' => 'Service',
        'SeasonEdit' => 'PlanEdit', 'VisitAccount' => 'VisitStatement', 'HeadDay' => 'HeadSnapshot',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $from => $to) {
            Schema::rename($from, $to);
        }
        foreach (self::POINTERS as [$table, $from, $to]) {
            Schema::table($table, fn (Blueprint $blueprint) => $blueprint->renameColumn($from, $to));
        }
        $this->trail(self::MODELS);
    }

    public function down(): void
    {
        foreach (self::POINTERS as [$table, $from, $to]) {
            Schema::table($table, fn (Blueprint $blueprint) => $blueprint->renameColumn($to, $from));
        }
        foreach (self::TABLES as $from => $to) {
            Schema::rename($to, $from);
        }
        $this->trail(array_flip(self::MODELS));
    }

    /** @param array<string, string> $models the audit trail names what an entry is about by its class */
    private function trail(array $models): void
    {
        foreach ($models as $from => $to) {
            DB::table('activity_log')->where('subject_type', 'App\\Models\\' . $from)->update([
                'subject_type' => 'App\\Models\\' . $to,
            ]);
        }
    }
};
