<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Bridge\WashDays\StyleLooks;
use App\Models\Head;
use App\Models\Style;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\RefreshEffects;
use Nagomi\Core\WashDay\StyleLook;

/** A style day by day, in words; and what each way to refresh it gave, over all styles of a client. */
final readonly class StyleDays
{
    /** Styles further back say little of how hair is refreshed now. */
    private const STYLES = 40;

    /** @return list<array{day: string, number: int, looks: string, did: string}> */
    public function of(Style $style): array
    {
        $looks = StyleLooks::of($style);
        $days = array_unique([...array_keys($style->log), ...array_keys($looks)]);
        sort($days);

        return array_map(static fn (string $day): array => [
            'day' => $day,
            'number' => (int) $style->made_on->diffInDays(CarbonImmutable::parse($day)) + 1,
            'looks' => isset($looks[$day]) ? self::says($looks[$day]) : '',
            'did' => implode(', ', array_map(
                static fn (string $what): string => lcfirst(Words::of("keeping.{$what}")),
                $style->log[$day] ?? [],
            )),
        ], $days);
    }

    private static function says(StyleLook $look): string
    {
        $points = ['definition' => $look->definition, 'frizz' => $look->frizz, 'moisture' => $look->moisture];

        return implode(', ', array_map(
            static fn (string $sign, int $of): string => Words::say("wash.look.{$sign}.{$of}"),
            array_keys($points),
            $points,
        ));
    }

    /** @return list<string> */
    public function gave(Head $head): array
    {
        $styles = Style::query()->where('head_id', $head->id)->latest('id')->limit(self::STYLES)->get();
        $effects = RefreshEffects::of(array_values($styles->map(static fn (Style $style): array => [
            'looks' => StyleLooks::of($style),
            'done' => array_map(
                static fn (array $done): array => array_values(array_intersect(Style::REFRESHING, $done)),
                $style->log,
            ),
        ])->all()));
        $says = [];
        foreach ($effects->counts as $way => $counts) {
            $says[] = Words::say('wash.look.gave', [
                'way' => Words::of("keeping.{$way}"), 'of' => array_sum($counts), ...$counts,
            ]);
        }

        return $says;
    }

    /** @return int days on which it was refreshed */
    public function refreshed(Style $style): int
    {
        return count(array_filter(
            $style->log,
            static fn (array $done): bool => array_intersect(Style::REFRESHING, $done) !== [],
        ));
    }
}
