<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** Sorts the parts of a head into one to three strata of like hair. */
final class Strata
{
    public const MOST = 3;

    /**
     * Parts that share porosity and strand form a stratum. Where that would make more than three, parts are
     * told apart by porosity alone and the strand of the larger share stands for the stratum.
     *
     * @param list<ZonePart> $parts
     *
     * @return list<Stratum> largest share first
     *
     * @throws RefusedInput without any part, or with the same part twice
     */
    public static function of(array $parts, Parameters $parameters): array
    {
        if ($parts === []) {
            throw new RefusedInput(Message::of('refusals.no-zone'));
        }
        $groups = self::grouped(
            $parts,
            static fn (ZonePart $part): string => $part->porosity->value . ' ' . $part->strand->value,
        );
        if (count($groups) > self::MOST) {
            $groups = self::grouped($parts, static fn (ZonePart $part): string => $part->porosity->value);
        }

        $shares = self::shares($parts);
        $all = array_sum($shares);
        $strata = array_map(
            static fn (array $group): Stratum => self::stratum(
                $group,
                $shares,
                $all,
                count($groups) === 1,
                $parameters,
            ),
            array_values($groups),
        );
        usort($strata, static fn (Stratum $a, Stratum $b): int => [$b->share, $a->name] <=> [$a->share, $b->name]);

        return $strata;
    }

    /**
     * @param list<ZonePart>             $parts
     * @param callable(ZonePart): string $key
     *
     * @return array<string, non-empty-list<ZonePart>>
     */
    private static function grouped(array $parts, callable $key): array
    {
        $groups = [];
        foreach ($parts as $part) {
            $groups[$key($part)][] = $part;
        }
        ksort($groups);

        return $groups;
    }

    /**
     * @param list<ZonePart> $parts
     *
     * @return array<string, float> share of the head's hair by "zone part"
     *
     * @throws RefusedInput where one stands there twice
     */
    private static function shares(array $parts): array
    {
        $partsOfZone = array_count_values(array_map(static fn (ZonePart $part): string => $part->zone->value, $parts));
        $shares = [];
        foreach ($parts as $part) {
            $key = self::key($part);
            if (isset($shares[$key])) {
                throw new RefusedInput(Message::of(
                    'refusals.zone-twice',
                    part: $part->part->value,
                    zone: $part->zone->value,
                ));
            }
            $shares[$key] = $part->shareOfHair($partsOfZone[$part->zone->value] > 1);
        }

        return $shares;
    }

    /**
     * @param non-empty-list<ZonePart> $group
     * @param array<string, float>     $shares
     */
    private static function stratum(
        array $group,
        array $shares,
        float $all,
        bool $only,
        Parameters $parameters,
    ): Stratum {
        $share = $treated = 0.0;
        $byStrand = $zoneShares = $partShares = [];
        foreach ($group as $part) {
            $partShare = $shares[self::key($part)];
            $share += $partShare;
            $treated += $part->chemicallyTreated ? $partShare : 0.0;
            $byStrand[$part->strand->value] = ($byStrand[$part->strand->value] ?? 0.0) + $partShare;
            $zone = $part->zone->value;
            $partShares[self::key($part)] = $partShare / $all;
            $zoneShares[$zone] = ($zoneShares[$zone] ?? 0.0) + $partShare / $part->zone->shareOfHair();
        }
        arsort($byStrand);

        return new Stratum(
            name: $only ? StratumName::WHOLE_HEAD : StratumName::of($group),
            porosity: $group[0]->porosity,
            strand: StrandDiameter::from((string) array_key_first($byStrand)),
            share: $share / $all,
            parameters: $parameters,
            treatedShare: $treated / $share,
            zoneShares: $zoneShares,
            partShares: $partShares,
        );
    }

    private static function key(ZonePart $part): string
    {
        return $part->zone->value . ' ' . $part->part->value;
    }
}
