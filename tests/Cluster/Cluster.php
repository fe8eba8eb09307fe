<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PDO;
use PDOException;
use Symfony\Component\Process\Process;

/** The parts that bin/cluster set up, as they are killed, begun again and asked. */
final readonly class Cluster
{
    private const NODES = [1, 2, 3];
    private const FIRST_PORT = 21000;

    public function kill(string $part): void
    {
        (new Process([base_path('bin/cluster'), 'kill', $part]))->mustRun();
    }

    public function start(string $part): void
    {
        (new Process([base_path('bin/cluster'), 'start', $part]))->disableOutput()->mustRun();
    }

    /** Waits until all nodes are there and have all there is; false where that takes longer than two minutes. */
    public function isWhole(): bool
    {
        for ($second = 0; $second < 120; $second++) {
            if ($this->isSynced()) {
                return true;
            }
            sleep(1);
        }

        return false;
    }

    /** Whether all nodes are there and have all there is, just now. */
    public function isSynced(): bool
    {
        return array_unique(array_map(
            fn (int $node): string => $this->status($node, 'wsrep_local_state_comment'),
            self::NODES,
        )) === ['Synced'];
    }

    /** @return array<string, int> over all nodes: how often one of two was refused for the other's sake */
    public function conflicts(): array
    {
        $conflicts = [];
        foreach (['wsrep_local_cert_failures', 'wsrep_local_bf_aborts'] as $of) {
            $conflicts[$of] = array_sum(array_map(fn (int $node): int => (int) $this->status($node, $of), self::NODES));
        }

        return $conflicts;
    }

    /** @return list<string> tables of which a node holds something else than the others */
    public function differences(): array
    {
        $sums = [];
        foreach (self::NODES as $node) {
            $database = $this->node($node);
            foreach ($database?->query('show tables')->fetchAll(PDO::FETCH_COLUMN) ?: [] as $table) {
                $sums[$table][$node] = $database->query("checksum table `{$table}`")->fetchColumn(1);
            }
        }

        return array_keys(array_filter(
            $sums,
            static fn (array $of): bool => count($of) !== count(self::NODES) || count(array_unique($of)) !== 1,
        ));
    }

    private function status(int $node, string $name): string
    {
        try {
            $row = $this->node($node)?->query("show global status like '{$name}'")->fetch(PDO::FETCH_NUM);
        } catch (PDOException) {
            $row = null;
        }

        return is_array($row) ? (string) $row[1] : '';
    }

    private function node(int $number): ?PDO
    {
        $port = ((int) getenv('NAGOMI_CLUSTER_PORT') ?: self::FIRST_PORT) + 10 * $number;
        try {
            return new PDO("mysql:host=127.0.0.1;port={$port};dbname=nagomi", 'nagomi', 'cluster', [
                PDO::ATTR_TIMEOUT => 2, PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            ]);
        } catch (PDOException) {
            return null;
        }
    }
}
