<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Illuminate\Database\DetectsLostConnections;
use PDOException;
use Throwable;

/** Whether something failed because the database cannot be reached, which passes by itself. */
final class BookIsAway
{
    use DetectsLostConnections;

    public static function because(Throwable $failed): bool
    {
        for ($one = $failed; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof PDOException && (new self())->causedByLostConnection($one)) {
                return true;
            }
        }

        return false;
    }
}
