<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

/** Numbers of rows, from those of one database to those of another: in an archive each table counts from 1. */
final class ArchiveKeys
{
    /** @var array<string, array<int, int>> */
    private array $keys = [];

    public function add(string $table, int $from, int $to): void
    {
        $this->keys[$table][$from] = $to;
    }

    /** @return int|null null: there is no such row in this salon */
    public function of(string $table, int $from): ?int
    {
        return $this->keys[$table][$from] ?? null;
    }

    public function knows(string $table): bool
    {
        return isset($this->keys[$table]);
    }
}
