<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Head;
use App\Models\ZonePart;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Head\StrandDiameter;

/** The strand of a practice client, as the eye makes of it. No client is behind it, and none is made. */
final class PracticeStrand
{
    private const STRAND_UM = [
        StrandDiameter::Fine->value => 50.0, StrandDiameter::Medium->value => 70.0,
        StrandDiameter::Coarse->value => 90.0,
    ];

    /** @param array{float, float, float, float} $looks moisture and protein beside what it likes, build-up, wear */
    public static function of(string $name, CoreHead $told, float $ringMm, array $looks): StrandPortrait
    {
        $drawn = (new Head())->forceFill([
            'id' => $name, 'ring_mm' => $ringMm, 'bends_without_ring' => false,
            'strand_um' => self::STRAND_UM[$told->strata[0]->strand->value] ?? null,
        ]);
        $drawn->setRelation('zoneParts', $drawn->newCollection([
            (new ZonePart())->forceFill(['porosity' => $told->strata[0]->porosity->value]),
        ]));

        return StrandPortrait::of($drawn, StrandHang::of(...$looks));
    }
}
