<?php

declare(strict_types=1);

use App\Care\Monitoring\Heartbeat;
use App\Models\Act;
use App\Models\Import;
use App\Models\WebhookDelivery;
use Illuminate\Support\Facades\Schedule;

// Each runs on one machine, whichever comes first, where several serve the same salons (onOneServer).

// Whoever looks after the machine sees that the clock goes.
Schedule::call(static fn (Heartbeat $heartbeat) => $heartbeat->beat())->name('heartbeat')->everyMinute();

// The days go on whether anybody opens a head or not: outlooks are renewed in the small hours.
Schedule::command('nagomi:renew --queued')->dailyAt('03:30')->onOneServer();

// A change whose outlook could not be worked out at once is tried again, and again.
Schedule::command('nagomi:renew --due')->everyMinute()->withoutOverlapping(10)->onOneServer();

// Acts are remembered for a week, so that one sent again is not done again.
Schedule::command('model:prune', ['--model' => [Act::class]])->dailyAt('04:10')->onOneServer();

// Reminders are looked for often and queued; each goes out once at most.
Schedule::command('nagomi:remind')->everyFiveMinutes()->withoutOverlapping(10)->onOneServer();

// Other programs are told at once; what was not heard is told again.
Schedule::command('nagomi:tell')->everyMinute()->withoutOverlapping(10)->onOneServer();
Schedule::command('model:prune', ['--model' => [WebhookDelivery::class]])->dailyAt('04:20')->onOneServer();

// Whom a salon has not seen for as long as it wishes to keep anybody.
Schedule::command('nagomi:forget')->dailyAt('04:40')->onOneServer();

// Of pictures that were deleted while their store was away.
Schedule::command('nagomi:sweep-pictures')->dailyAt('04:50')->onOneServer();

// Of what the cache keeps in the database most is never asked for again, and would stay for good.
Schedule::command('nagomi:sweep-cache')->dailyAt('05:00')->onOneServer();

// A job that failed is looked into within a month or never.
Schedule::command('queue:prune-failed', ['--hours' => 24 * 30])->dailyAt('05:10')->onOneServer();

// Stylists' biases move slowly; readings of a week are enough to look again.
Schedule::command('nagomi:biases')->weeklyOn(1, '03:00')->onOneServer();
// Results alone do not tell that tests show less here than elsewhere; what is learned does.
Schedule::command('nagomi:learn')->monthlyOn(1, '02:00')->onOneServer();

// What was read of a file and not confirmed, or can no more be undone, is forgotten after a day.
Schedule::command('model:prune', ['--model' => [Import::class]])->hourly()->onOneServer();
