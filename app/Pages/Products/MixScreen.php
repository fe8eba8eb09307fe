<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixKind;
use Nagomi\Core\Products\MixPart;
use Nagomi\Core\Products\MixUse;

/** A mix made up in the salon, and how long it keeps. */
final readonly class MixScreen
{
    public function __construct(private Parameters $parameters)
    {
    }

    public function of(?Mix $mix, string $title): MixPage
    {
        return new MixPage(
            mix: $mix,
            title: $title,
            waterKeepsDays: $this->parameters->products->homeMadeKeepsDays,
            keeps: $mix === null ? '' : Words::say('mix.keeps.' . self::keeps($mix), ['days' => $mix->keepsDays()]),
            uses: self::named(MixUse::ways(), 'use'),
            people: ['' => Words::say('mix.for.nobody')] + self::named(MixUse::people(), 'for'),
            dropsAMl: $this->parameters->products->dropsAMl,
        );
    }

    /** What of the mix says how long it keeps. */
    private static function keeps(Mix $mix): string
    {
        $kinds = array_map(
            fn (MixPart $part): MixKind => $part->kind,
            array_filter($mix->parts, fn (MixPart $part): bool => $part->percent > 0),
        );

        return match (true) {
            in_array(MixKind::Fresh, $kinds, true) => 'fresh',
            in_array(MixKind::Water, $kinds, true) => 'water',
            in_array(MixKind::Unknown, $kinds, true) => 'unknown',
            default => 'oil',
        };
    }

    /**
     * @param non-empty-list<MixUse> $uses
     *
     * @return array<string, string>
     */
    private static function named(array $uses, string $group): array
    {
        return array_combine(
            array_column($uses, 'value'),
            array_map(fn (MixUse $use): string => Words::say("mix.{$group}.{$use->value}"), $uses),
        );
    }
}
