<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Care\Clients\UnseenClients;
use App\Models\Head;
use App\Models\Import;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** Takes a looked-through import into the book, all of it or nothing. */
final readonly class Imports
{
    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
        private Parameters $parameters,
        private UnseenClients $unseenClients,
    ) {
    }

    /**
     * @param bool $again whether those that are here already come as second copies; otherwise they are left out
     *
     * @return int how many heads are new
     */
    public function take(Import $import, Salon $salon, bool $again): int
    {
        return DB::transaction(function () use ($import, $salon, $again): int {
            $new = [];
            foreach ($import->found as $found) {
                $payload = is_string($found['payload'] ?? null) ? $found['payload'] : '';
                if (
                    ($found['problems'] ?? []) !== []
                        || $payload === ''
                        || ! $again && ($found['here'] ?? false) === true
                ) {
                    continue;
                }
                $head = $found['kind'] === 'record'
                    ? $this->recordImporter->record(CareRecordReader::read($payload, $this->parameters), $salon)
                    : $this->client((array) json_decode($payload, true), $salon);
                activity()->performedOn($head)->log('record imported');
                $new[] = $head;
            }
            $import->delete();
            foreach ($new as $head) {
                $this->outlookRefresh->after($head);
            }

            return count($new);
        });
    }

    /** @param array<mixed> $client who it is, and nothing of the hair */
    private function client(array $client, Salon $salon): Head
    {
        $text = fn (string $name): ?string => is_string($client[$name] ?? null) ? $client[$name] : null;

        return $this->unseenClients->take($salon, [
            'name' => (string) $text('name'), 'email' => $text('email'), 'phone' => $text('phone'),
            'born_on' => $text('born_on'),
        ]);
    }
}
