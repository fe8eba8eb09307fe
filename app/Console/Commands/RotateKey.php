<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Keys\KeyPass;
use App\Care\Keys\KeyRotation;
use Illuminate\Console\Command;

/** Encrypts all with the key of now that a key of before still opens. bin/rotate-key makes the keys and calls it. */
final class RotateKey extends Command
{
    /** What is written meanwhile is looked for once more; somebody who writes without end has not taken the key. */
    private const MOST_PASSES = 20;

    protected $signature = 'nagomi:rotate-key';

    protected $description = 'Encrypts with APP_KEY whatever a key of APP_PREVIOUS_KEYS still opens';

    public function handle(KeyRotation $rotation): int
    {
        [$rows, $pictures] = [0, 0];
        for ($passes = 1; $passes <= self::MOST_PASSES; $passes++) {
            $pass = $rotation->pass();
            $rows += $pass->rows;
            $pictures += $pass->pictures;
            if ($pass->isNothing()) {
                return $this->told($pass, $rows, $pictures);
            }
        }
        $this->error('Something still writes with the key of before: restart what runs of Nagomi, and do this again.');

        return self::FAILURE;
    }

    private function told(KeyPass $last, int $rows, int $pictures): int
    {
        $this->info("{$rows} rows and {$pictures} pictures took the key of now; none is left with one of before.");
        if ($last->lost > 0) {
            $this->warn("{$last->lost} texts or pictures open with none of these keys, and stay as they are.");
        }

        return self::SUCCESS;
    }
}
