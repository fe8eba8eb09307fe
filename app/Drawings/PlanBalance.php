<?php

declare(strict_types=1);

namespace App\Drawings;

/**
 * The hair balance of the days ahead, beneath the line of the plan and day by day under it: what each wash day comes to.
 * It is the picture of {@see HairBalance}, pressed into a strip.
 */
final readonly class PlanBalance
{
    public const HEIGHT = 150.0;

    /** px of the picture above and below its middle that are shown. */
    private const DEPTH = 154;

    /** px from the end of a line to the foot of its name. */
    private const NAME_ABOVE = 6.0;
    private const NAME_BELOW = 15.0;

    /** @var array{float, float} y of the edges of the comfort band, in px of the strip */
    public array $band;

    /** As an SVG inside: what of the picture is shown, and where. */
    public string $viewBox;
    public float $x;
    public float $width;

    private function __construct(public HairBalance $balance, PlanTimeline $line, int $days)
    {
        $from = HairBalance::MIDDLE - self::DEPTH;
        $this->viewBox = implode(' ', [
            HairBalance::LEFT, $from, HairBalance::RIGHT - HairBalance::LEFT, 2 * self::DEPTH,
        ]);
        $this->x = (float) PlanTimeline::LEFT;
        $this->width = round($line->dayWidth * max(1, $days - 1), 1);
        $this->band = [$this->y($balance->band[0]), $this->y($balance->band[1])];
    }

    /**
     * @param StoredBalance $balance       as an outlook stores it
     * @param float         $bandHalfWidth of the comfort band, in points of the reserve
     *
     * @return self|null null where nothing is known of the days ahead
     */
    public static function of(array $balance, float $bandHalfWidth, PlanTimeline $line): ?self
    {
        $days = count($balance['strata'][0]['ahead'] ?? []);

        return $days < 2
            ? null
            : new self(HairBalance::of(self::ahead($balance), $bandHalfWidth, ahead: null), $line, $days);
    }

    /**
     * @param StoredBalance $balance
     *
     * @return StoredBalance what is planned of it
     */
    public static function ahead(array $balance): array
    {
        return [
            'from' => $balance['today'],
            'strata' => array_map(
                static fn (array $stratum): array => ['days' => []] + $stratum,
                $balance['strata'],
            ),
            'gauges' => [],
        ] + $balance;
    }

    /**
     * y of the name of a line, beside its end: the upper one above it and the lower one below, both within the strip.
     *
     * @param 'moisture'|'protein' $side
     */
    public function nameY(string $side): float
    {
        $stratum = $this->balance->strata[0];
        $isUpper = ($stratum['moisture']['end'] <= $stratum['protein']['end']) !== ($side === 'protein');
        $end = $this->y($stratum[$side]['end']);
        [$above, $below] = [$end - self::NAME_ABOVE, $end + self::NAME_BELOW];

        return match (true) {
            $isUpper => $above < self::NAME_BELOW ? $below : $above,
            default => $below > self::HEIGHT - self::NAME_ABOVE ? $above : $below,
        };
    }

    /** y of the picture as y of the strip. */
    public function y(float $y): float
    {
        return round(self::HEIGHT * ($y - HairBalance::MIDDLE + self::DEPTH) / (2 * self::DEPTH), 1);
    }
}
