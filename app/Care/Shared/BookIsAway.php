<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Aws\Exception\AwsException;
use Illuminate\Database\DetectsLostConnections;
use PDOException;
use RedisException;
use Throwable;

/**
 * Whether something failed because the database cannot be reached, Redis where sessions are kept in it, or the
 * store of the pictures: each passes by itself. So does a node of a cluster that answers and has no part in it just now.
 */
final class BookIsAway
{
    use DetectsLostConnections;

    /** What a node of a Galera cluster says that has lost the others, or is still taking over what they have. */
    private const NOT_PART_OF_IT = '/WSREP has not yet prepared node|[Nn]ot connected to Primary Component/';

    public static function because(Throwable $failed): bool
    {
        for ($one = $failed; $one !== null; $one = $one->getPrevious()) {
            $isDatabase = $one instanceof PDOException
                && ((new self())->causedByLostConnection($one)
                    || preg_match(self::NOT_PART_OF_IT, $one->getMessage()) === 1);
            if (
                $isDatabase
                || $one instanceof RedisException
                || ($one instanceof AwsException && $one->isConnectionError())
            ) {
                return true;
            }
        }

        return false;
    }
}
