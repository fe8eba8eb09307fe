<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Products\BottleReading;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\PorosityBelief;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\StepKind;

/** Questions to drill. What is right is worked out by what reads real clients and real labels. */
final readonly class Drill
{
    /** Sections a head is done in. */
    private const SECTIONS = [3, 4, 5, 6, 8];

    private const DOSED = ['shampoo', 'conditioner', 'mask', 'leave-in', 'styler'];

    /** Four times and a quarter of what is right are wrong beyond doubt. */
    private const TIMES = 2.0;

    /** Stretch in %, and how much of it comes back in %: from weak to stiff. */
    private const STRETCHES = [
        'short-of-protein' => [[68, 110], [55, 80]],
        'healthy' => [[30, 46], [96, 100]],
        'stiff' => [[6, 16], [96, 100]],
    ];

    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @param int $item 0 to 11
     *
     * @throws InvalidArgumentException for another item
     * @throws InvalidIngredientList    never: lists that are put together here can be read
     */
    public function of(DrillKind $kind, int $item): DrillQuestion
    {
        if ($item < 0 || $item >= DrillKind::ITEMS) {
            throw new InvalidArgumentException('Drills: give 0 to ' . (DrillKind::ITEMS - 1) . '.');
        }
        $chance = new SeededRandom(crc32("{$kind->value} {$item}"));
        [$shows, $choices, $right] = match ($kind) {
            DrillKind::Porosity => $this->porosity($item, $chance),
            DrillKind::Stretch => $this->stretch($item, $chance),
            DrillKind::Breakage => $this->breakage($item, $chance),
            DrillKind::Ingredients => $this->ingredients($item, $chance),
            DrillKind::Doses => $this->doses($item, $chance),
            DrillKind::Minutes => $this->minutes($item, $chance),
        };

        return new DrillQuestion($kind, $item, $shows, $choices, $right);
    }

    /** @return array{array<string, float|string>, non-empty-list<string>, string} */
    private function porosity(int $item, SeededRandom $chance): array
    {
        [$kinds, $readings] = [Porosity::kinds(), $this->parameters->readings];
        $raw = PorosityReadings::of('wetting', $kinds[$item % count($kinds)], $readings, $chance) ?? [];
        $reading = new Reading('drill', new DateTimeImmutable('@0'), Moment::BeforeCleansing, 'wetting', $raw);

        return [
            $raw,
            ['low', 'medium', 'high'],
            PorosityBelief::of($reading->measured, $readings)->likeliest()->value,
        ];
    }

    /** @return array{array<string, float|string>, non-empty-list<string>, string} */
    private function stretch(int $item, SeededRandom $chance): array
    {
        $choices = array_keys(self::STRETCHES);
        $right = $choices[$item % count($choices)];
        [$stretch, $back] = self::STRETCHES[$right];
        $rest = 5.0 * $chance->between(12, 24);
        $stretched = round($rest * (1 + $chance->between($stretch[0], $stretch[1]) / 100));
        $returned = round($stretched - $chance->between($back[0], $back[1]) / 100 * ($stretched - $rest));

        return [['rest_mm' => $rest, 'stretched_mm' => $stretched, 'returned_mm' => $returned], $choices, $right];
    }

    /** @return array{array<string, float|string>, non-empty-list<string>, string} */
    private function breakage(int $item, SeededRandom $chance): array
    {
        $days = $chance->between(1, 7);
        $shed = BrokenHairs::usualShed($days, $this->parameters->readings);
        $broken = BrokenHairs::usualBroken($days, $this->parameters->signs);
        $choices = ['usual', 'breaks', 'sheds'];
        $right = $choices[$item % count($choices)];

        return [[
            'days' => (float) $days,
            'shed' => round($right === 'sheds' ? 1.8 * $shed['most'] : ($shed['least'] + $shed['most']) / 2),
            'broken' => round($right === 'breaks' ? 4.0 * $broken + 6 : $broken),
        ], $choices, $right];
    }

    /**
     * @return array{array<string, float|string>, non-empty-list<string>, string}
     *
     * @throws InvalidIngredientList never: what is put together here can be read
     */
    private function ingredients(int $item, SeededRandom $chance): array
    {
        $list = DrillLabels::list(DrillLabels::CHOICES[$item % count(DrillLabels::CHOICES)], $chance);
        $reading = ProductAnalysis::of($list, IngredientBook::shipped(), $this->parameters->products);
        $contents = BottleReading::contents($reading, $this->parameters->contents);
        $films = $contents->of(Content::WashableFilm)->typicalPercent
            + $contents->of(Content::StubbornFilm)->typicalPercent;

        return [['list' => $list], DrillLabels::CHOICES, match (true) {
            $contents->of(Content::Protein)->typicalPercent > 0.0 => 'protein',
            $films > 0.0 => 'film',
            default => 'neither',
        }];
    }

    /** @return array{array<string, float|string>, non-empty-list<string>, string} */
    private function doses(int $item, SeededRandom $chance): array
    {
        $kind = self::DOSED[$item % count(self::DOSED)];
        $sections = self::SECTIONS[$chance->between(0, count(self::SECTIONS) - 1)];
        [$least, $most] = $this->parameters->products->doseMlASection[$kind];
        $range = static fn (float $times): string => round($times * $sections * $least, 1)
            . '-' . round($times * $sections * $most, 1);

        // What is right may be the least, the middle or the most.
        $from = -($item % 3);

        return [
            ['kind' => $kind, 'sections' => (float) $sections],
            array_map(static fn (int $step): string => $range(self::TIMES ** (2 * $step)), range($from, $from + 2)),
            $range(1.0),
        ];
    }

    /** @return array{array<string, float|string>, non-empty-list<string>, string} */
    private function minutes(int $item, SeededRandom $chance): array
    {
        $sections = self::SECTIONS[$chance->between(0, count(self::SECTIONS) - 1)];
        $mask = 5.0 * $chance->between(2, 8);
        $head = new Head(
            [new ZonePart(Zone::Crown, Part::Length, Porosity::Medium, StrandDiameter::Medium)],
            sections: $sections,
            parameters: $this->parameters,
        );
        $wash = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, $mask);
        $takes = static fn (float $times): string => (string) round($times * $wash->minutes($head));
        $times = [[1.0, 1.5, 2.0], [0.6, 1.0, 1.5], [0.4, 0.6, 1.0]][$item % 3];

        return [
            ['sections' => (float) $sections, 'mask' => $mask],
            [$takes($times[0]), $takes($times[1]), $takes($times[2])],
            $takes(1.0),
        ];
    }
}
