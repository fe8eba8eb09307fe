<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/** A worker of every queue that salons are shared out among: one that was forgotten would never be worked off. */
final class Work extends Command
{
    protected $signature = 'nagomi:work
        {--queue= : some of them, the most urgent first, with commas between; all of them otherwise}
        {--sleep=3 : seconds to wait where there was nothing to do}
        {--max-time=0 : seconds after which it ends by itself, to be begun anew; 0 for never}
        {--memory=128 : megabytes at which it ends by itself, to be begun anew}
        {--stop-when-empty : ends where there is nothing to do}';

    protected $description = 'Does what was put off: reminders, other programs, outlooks';

    public function handle(): int
    {
        /** @var list<string> $known */
        $known = config()->array('queue.names');
        $asked = array_filter(explode(',', (string) $this->option('queue')));
        $unknown = array_diff($asked, $known);
        if ($unknown !== []) {
            $this->error('--queue: ' . implode(', ', $unknown) . ' is none of ' . implode(', ', $known) . '.');

            return self::INVALID;
        }

        return $this->call('queue:work', [
            '--queue' => implode(',', $asked === [] ? $known : $asked),
            '--sleep' => $this->option('sleep'),
            '--max-time' => $this->option('max-time'),
            '--memory' => $this->option('memory'),
            '--stop-when-empty' => $this->option('stop-when-empty'),
            '--tries' => 1,
            '--quiet' => $this->option('quiet'),
        ]);
    }
}
