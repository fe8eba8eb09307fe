<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Reading;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading as CoreReading;
use Nagomi\Core\Treatments\Calendar;

/** A reading as it was stored, turned into signs by what its salon goes by. */
final readonly class StoredReading
{
    public static function of(Reading $reading, Parameters $parameters): CoreReading
    {
        return new CoreReading(
            $reading->key,
            Calendar::dayOf($reading->date),
            Moment::from($reading->moment),
            $reading->test,
            $reading->raw,
            $reading->zone === null ? null : Zone::from($reading->zone),
            $reading->by,
            $reading->confirmed,
            $parameters,
        );
    }

    /**
     * @param array<array-key, Reading> $readings
     *
     * @return list<CoreReading>
     */
    public static function all(array $readings, Parameters $parameters): array
    {
        return array_values(array_map(
            static fn (Reading $reading): CoreReading => self::of($reading, $parameters),
            $readings,
        ));
    }
}
