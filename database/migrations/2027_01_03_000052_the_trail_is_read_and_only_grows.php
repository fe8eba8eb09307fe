<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The trail belongs to a salon, says from where, and only grows: the database itself refuses to change or take out a
 * row, but where a client is deleted and what it tells of them goes with them.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->unsignedBigInteger('salon_id')->nullable();
            $table->string('head_id', 36)->nullable();
            $table->string('from_address', 45)->nullable();
            $table->index(['salon_id', 'id']);
            $table->index(['salon_id', 'head_id', 'id']);
        });
        DB::statement('update activity_log join users on users.id = activity_log.causer_id
            set activity_log.salon_id = users.salon_id');
        DB::statement("update activity_log join heads on heads.id = activity_log.subject_id
            set activity_log.salon_id = heads.salon_id, activity_log.head_id = heads.id
            where activity_log.subject_type = 'App\\\\Models\\\\Head'");
        DB::statement("update activity_log
            set head_id = json_unquote(json_extract(properties, '$.attributes.head_id'))
            where head_id is null and json_extract(properties, '$.attributes.head_id') is not null");
        foreach (['update', 'delete'] as $act) {
            DB::unprepared("create trigger activity_log_no_{$act} before {$act} on activity_log for each row
                begin
                    if @nagomi_forgets is null then
                        signal sqlstate '45000' set message_text = 'The trail only grows.';
                    end if;
                end");
        }
    }

    public function down(): void
    {
        foreach (['update', 'delete'] as $act) {
            DB::unprepared("drop trigger if exists activity_log_no_{$act}");
        }
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->dropIndex(['salon_id', 'head_id', 'id']);
            $table->dropIndex(['salon_id', 'id']);
            $table->dropColumn(['salon_id', 'head_id', 'from_address']);
        });
    }
};
