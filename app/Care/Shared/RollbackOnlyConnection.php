<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;
use PDO;
use PDOException;
use Throwable;

/**
 * Where the database has refused one of two that were in each other's way, it has taken back all that one has done.
 * Whoever does not notice would go on outside of any transaction, each row for good by itself: from then on everything
 * is refused, until the whole is begun anew.
 *
 * A node of a Galera cluster may take everything back while it answers a question, and answers it as if nothing had
 * happened: only the state of the connection tells (MariaDB 10.11, measured; docs/beyond-one-machine.md).
 */
final class RollbackOnlyConnection extends MariaDbConnection
{
    private const TAKEN_BACK = 'SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock; '
        . 'the transaction was taken back while something else was asked';

    private ?QueryException $refused = null;

    /**
     * @param string       $query
     * @param array<mixed> $bindings
     *
     * @throws QueryException as the database did, of every query until the transaction is over
     */
    protected function run($query, $bindings, Closure $callback)
    {
        if ($this->refused !== null && $this->transactions > 0) {
            throw $this->refused;
        }
        $wasWithin = $this->transactions > 0 && $this->isWithin();
        try {
            $result = parent::run($query, $bindings, $callback);
            if ($wasWithin && ! $this->isWithin() && self::asks($query)) {
                throw $this->takenBack($query);
            }

            return $result;
        } catch (QueryException $failed) {
            if ($this->transactions > 0 && $this->causedByConcurrencyError($failed)) {
                $this->refused = $failed;
            }
            throw $failed;
        }
    }

    protected function createTransaction()
    {
        if ($this->transactions === 0) {
            $this->refused = null;
        }
        parent::createTransaction();
    }

    protected function createSavepoint()
    {
        $this->unlessTakenBack('savepoint', parent::createSavepoint(...));
    }

    /**
     * @param string $event
     *
     * @return array<mixed>|null
     *
     * @throws QueryException where there is nothing left to commit
     */
    protected function fireConnectionEvent($event)
    {
        if ($event === 'committing' && $this->refused !== null) {
            throw $this->refused;
        }

        return parent::fireConnectionEvent($event);
    }

    /**
     * What the server refused to commit is over on its side; the connection has to hear of it.
     *
     * @param int $currentAttempt
     * @param int $maxAttempts
     */
    protected function handleCommitTransactionException(Throwable $e, $currentAttempt, $maxAttempts)
    {
        try {
            parent::handleCommitTransactionException($e, $currentAttempt, $maxAttempts);
        } finally {
            if ($this->transactions === 0 && $this->getRawPdo() instanceof PDO && $this->getPdo()->inTransaction()) {
                $this->getPdo()->rollBack();
            }
        }
    }

    /** @param int $toLevel */
    protected function performRollBack($toLevel)
    {
        if ($toLevel === 0) {
            $this->refused = null;
            parent::performRollBack(0);
        } elseif ($this->refused === null) {
            // Where its savepoint is gone the rest went as well, and whoever began it hears of that.
            try {
                parent::performRollBack($toLevel);
            } catch (PDOException) {
                $this->refused = $this->takenBack('rollback to savepoint');
            }
        }
    }

    /**
     * As the server said with its last answer.
     *
     * @phpstan-impure
     */
    private function isWithin(): bool
    {
        return $this->getPdo()->inTransaction();
    }

    /** A change of tables ends a transaction as well, and is meant to. */
    private static function asks(string $query): bool
    {
        return strncasecmp(ltrim($query, " \n("), 'select', 6) === 0;
    }

    /** @param Closure(): void $does */
    private function unlessTakenBack(string $what, Closure $does): void
    {
        if ($this->refused !== null) {
            throw $this->refused;
        }
        try {
            $does();
        } catch (PDOException $failed) {
            throw $this->causedByConcurrencyError($failed) ? $this->refused = $this->takenBack($what) : $failed;
        }
    }

    private function takenBack(string $query): QueryException
    {
        return new QueryException((string) $this->getName(), $query, [], new PDOException(self::TAKEN_BACK));
    }
}
