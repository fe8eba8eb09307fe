<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Models\Head;
use App\Models\Import;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** Takes a looked-through import into the book, all of it or nothing. */
final readonly class Imports
{
    /** The usual, until the Bench finds out. */
    private const USUAL_SECTIONS = 4;
    private const USUAL_WASH_EVERY_DAYS = 7;

    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
        private Parameters $parameters,
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

    /** @param array<mixed> $client who she is, and nothing of her hair */
    private function client(array $client, Salon $salon): Head
    {
        $text = fn (string $name): ?string => is_string($client[$name] ?? null) ? $client[$name] : null;
        $head = new Head([
            // What hair it is nobody has seen yet.
            'name' => (string) $text('name'), 'email' => $text('email'), 'phone' => $text('phone'),
            'born_on' => $text('born_on'), 'length_mm' => null, 'density' => 'not-measured',
            'sections' => self::USUAL_SECTIONS,
            'hardness_mg_per_l' => null, 'humidity_percent' => $salon->humidity_percent,
            'styling_load' => 'not-measured', 'wash_every_days' => self::USUAL_WASH_EVERY_DAYS,
            'method' => $salon->method,
        ]);
        $head->salon_id = $salon->id;
        $head->save();
        $this->recordImporter->zones(
            $head,
            array_map(
                fn (Zone $zone): ZonePart => new ZonePart(
                    $zone,
                    Part::Length,
                    Porosity::NotMeasured,
                    StrandDiameter::NotMeasured,
                ),
                Zone::cases(),
            ),
        );

        return $head->refresh();
    }
}
