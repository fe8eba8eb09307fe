<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Head;
use App\Models\Outlook;
use App\Models\ZonePart;

/** Heads that are only drawn: nothing of them is stored. */
final class DrawnHeads
{
    /** @return array<string, mixed> a part of the hair that is as it likes to be */
    public static function part(float $share, float $wear): array
    {
        return [
            'share' => $share, 'wear' => [$wear, 1.0], 'build_up' => [0.0, 1.0], 'moisture' => [60.0, 1.0],
            'protein' => [50.0, 1.0], 'target_moisture' => 60.0, 'target_protein' => 50.0,
        ];
    }

    /** @param list<string> $porosities by zone */
    public static function head(
        array $porosities = [],
        ?float $ringMm = 12.0,
        ?float $strandUm = 70.0,
        float $wear = 0.0,
    ): Head {
        $head = (new Head())->forceFill([
            'id' => '01m8aaaaaaaaaaaaaaaaaaaaaa', 'ring_mm' => $ringMm, 'strand_um' => $strandUm,
            'bends_without_ring' => false,
        ]);
        $head->setRelation('zoneParts', collect(array_map(
            fn (string $porosity): ZonePart => (new ZonePart())->forceFill(['porosity' => $porosity]),
            $porosities,
        )));
        $head->setRelation('outlook', (new Outlook())->forceFill([
            'standing' => [
                self::part(0.25, 0.0), self::part(0.75, $wear / 0.75),
            ],
        ]));

        return $head;
    }
}
