<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use Illuminate\Support\Facades\DB;

/** Where one machine is the whole house: Laravel's own table. */
final readonly class SessionsInDatabase implements OpenSessions
{
    public function of(array $userIds): array
    {
        $rows = DB::table('sessions')
            ->whereIn('user_id', $userIds)
            ->where('last_activity', '>', now()->subMinutes(config()->integer('session.lifetime'))->getTimestamp())
            ->orderByDesc('last_activity')
            ->get();
        $sessions = [];
        /** @var object{id: string, ip_address: string|null, user_agent: string|null, last_activity: int} $row */
        foreach ($rows as $row) {
            $sessions[] = new OpenSession(
                $row->id,
                (string) $row->ip_address,
                (string) $row->user_agent,
                $row->last_activity,
            );
        }

        return $sessions;
    }

    public function end(array $userIds, string $but = ''): int
    {
        return DB::table('sessions')->whereIn('user_id', $userIds)->where('id', '!=', $but)->delete();
    }
}
