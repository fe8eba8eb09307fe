<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * A dose in presses of a pump that a hand can give: so many a section in halves, one for every few sections, or so many
 * whole ones in all. Whichever is said comes to the dose within a tolerance; nobody presses half a press alone.
 */
final readonly class Presses
{
    /** What is pressed may lie so far from the dose, as a share of it. */
    public const TOLERANCE = 0.15;

    /**
     * @param float|null $aSection       presses a section, 1 or more in halves; null: they are not said by section
     * @param int|null   $sectionsAPress sections that one press is for, 2 or more; null: it is not said so
     * @param float      $inAll          presses for the whole head
     */
    private function __construct(
        public ?float $aSection,
        public ?int $sectionsAPress,
        public float $inAll,
    ) {
    }

    /**
     * @param float $pumpMl mL of one press
     *
     * @return self|null null where no number of presses comes near the dose, or there is no pump
     */
    public static function of(Dose $dose, float $pumpMl): ?self
    {
        if ($pumpMl <= 0.0 || $dose->headMl() <= 0.0) {
            return null;
        }
        $fits = static fn (float $presses): bool
            => abs($presses * $pumpMl - $dose->headMl()) <= self::TOLERANCE * $dose->headMl();
        $exact = $dose->headMl() / $pumpMl / $dose->sections;
        $aSection = round(2 * $exact) / 2;
        $sections = (int) round(1 / $exact);
        $inAll = round($dose->headMl() / $pumpMl);

        return match (true) {
            $aSection >= 1.0 && $fits($aSection * $dose->sections) => new self(
                $aSection,
                null,
                $aSection * $dose->sections,
            ),
            $sections >= 2 && $dose->sections % $sections === 0 && $fits($dose->sections / $sections) => new self(
                null,
                $sections,
                $dose->sections / $sections,
            ),
            $inAll >= 1.0 && $fits($inAll) => new self(null, null, $inAll),
            default => null,
        };
    }
}
