<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\DryingQuote;
use App\Wording\Words;
use Nagomi\Core\Scheduling\Equipment;
use Nagomi\Core\WashDay\DryingMethod;

/** In which ways a wash day that is booked can be dried, what each takes, and whether anybody else fits in between. */
final readonly class OfferedDryings
{
    /**
     * @param list<DryingQuote> $quotes the usual way first
     * @param bool              $isBroken nothing of what it needs works
     * @param string            $says   why somebody else fits in between, or why not
     */
    private function __construct(
        public array $quotes,
        public DryingMethod $chosen,
        public bool $isChosen,
        public bool $isBroken,
        public string $says,
    ) {
    }

    /**
     * @param non-empty-list<DryingQuote> $quotes the usual way first
     * @param DryingMethod|null           $chosen null: nobody chose
     * @param array<string, int>          $equipment that works, where it is counted
     */
    public static function of(array $quotes, ?DryingMethod $chosen, array $equipment): self
    {
        $drying = $chosen ?? $quotes[0]->drying;
        $by = array_combine(
            array_map(static fn (DryingQuote $quote): string => $quote->drying->value, $quotes),
            $quotes,
        );

        $needs = self::needs($drying);
        $isBroken = $needs !== null && ($equipment[$needs->value] ?? null) === 0;
        $hood = ($equipment[Equipment::Hood->value] ?? null) === 0 ? null : $by[DryingMethod::Hood->value] ?? null;

        return new self(
            $quotes,
            $drying,
            $chosen !== null,
            $isBroken,
            $isBroken
                ? Words::say("booking.drying.no.{$needs->value}")
                : self::says($by[$drying->value] ?? $quotes[0], $hood),
        );
    }

    /** @param DryingQuote|null $hood null: none works */
    private static function says(DryingQuote $chosen, ?DryingQuote $hood): string
    {
        $of = static fn (DryingQuote $quote): array => [
            'free' => $quote->freeMinutes, 'minutes' => $quote->minutes,
        ];

        return implode(' ', array_filter([
            $chosen->freeMinutes === 0
                ? Words::say('booking.drying.all-hands')
                : Words::say('booking.drying.free', $of($chosen)),
            $hood !== null && $hood->freeMinutes > $chosen->freeMinutes
                ? Words::say('booking.drying.hood-free', $of($hood))
                : '',
        ]));
    }

    private static function needs(DryingMethod $drying): ?Equipment
    {
        return match ($drying) {
            DryingMethod::Hood => Equipment::Hood,
            DryingMethod::Diffuse => Equipment::Dryer,
            default => null,
        };
    }
}
