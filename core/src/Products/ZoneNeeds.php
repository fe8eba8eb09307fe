<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\ZonePart;

/**
 * How much more or less of a product each zone takes than the head in the mean: coarse and low-porosity parts take more,
 * fine ones less, as in Dose. Common practice, no source.
 */
final class ZoneNeeds
{
    /** @return array<string, array{need: float, porosity: string}> by zone; the mean over the hair of the head is 1 */
    public static function of(Head $head): array
    {
        $needs = $shares = $porosities = [];
        foreach ($head->zoneParts as $part) {
            $both = count(array_filter(
                $head->zoneParts,
                static fn (ZonePart $other): bool => $other->zone === $part->zone,
            )) > 1;
            $zone = $part->zone->value;
            $share = $part->shareOfHair($both);
            $needs[$zone] = ($needs[$zone] ?? 0.0) + $share * self::need($part, $head);
            $shares[$zone] = ($shares[$zone] ?? 0.0) + $share;
            // Where a zone has new growth and lengths, the lengths are most of its hair and say what it is like.
            $porosities[$zone] = $part->porosity;
        }
        $mean = array_sum($needs) / max(array_sum($shares), PHP_FLOAT_EPSILON);
        $of = [];
        foreach ($needs as $zone => $need) {
            $of[$zone] = [
                'need' => round($need / max($shares[$zone] ?? 0.0, PHP_FLOAT_EPSILON) / $mean, 4),
                'porosity' => ($porosities[$zone] ?? Porosity::NotMeasured)->value,
            ];
        }

        return $of;
    }

    private static function need(ZonePart $part, Head $head): float
    {
        $usual = $head->parameters->products->doseBy;

        return match ($part->strand) {
            StrandDiameter::Fine => $usual['fine'],
            StrandDiameter::Coarse => $usual['coarse'],
            default => 1.0,
        } * ($part->porosity === Porosity::Low ? $usual['low-porosity'] : 1.0);
    }
}
