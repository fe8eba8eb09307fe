<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Head;

/** The strand on each day of the hair balance, and after the wash of today: states that look alike are drawn once. */
final readonly class LivingStrand
{
    /**
     * @param StrandPortrait             $now    of the hair there is most of
     * @param list<StrandPortrait>       $shapes that occur
     * @param list<list<int>>            $days   by stratum, then day of the picture, the place among the shapes
     * @param list<int>                  $after  by stratum, what today comes to as planned
     */
    private function __construct(
        public StrandPortrait $now,
        public array $shapes,
        public array $days,
        public array $after,
    ) {
    }

    /**
     * @param Head                $head     with its zone parts
     * @param StoredBalance       $balance
     * @param list<StoredStratum> $standing of the same strata
     */
    public static function of(Head $head, array $balance, array $standing): self
    {
        $shapes = $places = [];
        $place = function (StrandHang $hang) use ($head, &$shapes, &$places): int {
            $key = "{$hang->slack} {$hang->stiff} {$hang->coat} {$hang->wear}";
            if (! isset($places[$key])) {
                $places[$key] = count($shapes);
                $shapes[] = StrandPortrait::of($head, $hang);
            }

            return $places[$key];
        };
        $days = $after = [];
        foreach ($balance['strata'] as $s => $stratum) {
            [$moisture, $protein] = $stratum['targets'];
            $wear = $standing[$s]['wear'][0] ?? 0.0;
            $until = $ahead = [];
            foreach ($stratum['days'] as $day) {
                $until[] = $place(StrandHang::of($day[0] - $moisture, $day[2] - $protein, $day[4], $wear));
            }
            foreach ($stratum['ahead'] as $day) {
                $ahead[] = $place(StrandHang::of($day[0] - $moisture, $day[2] - $protein, $day[4], $wear));
            }
            $days[] = [...$until, ...array_slice($ahead, $until === [] ? 0 : 1)];
            $after[] = $ahead[0] ?? 0;
        }

        return new self(
            $shapes[$days[0][max(0, count($balance['strata'][0]['days']) - 1)]],
            $shapes,
            $days,
            $after,
        );
    }

    /** @return array{shapes: list<array{string, float, string}>, days: list<list<int>>} path, coat and nicks of each shape */
    public function forThePage(): array
    {
        return [
            'shapes' => array_map(
                static fn (StrandPortrait $shape): array => [$shape->path, $shape->coat, $shape->nickPath()],
                $this->shapes,
            ),
            'days' => $this->days,
        ];
    }
}
