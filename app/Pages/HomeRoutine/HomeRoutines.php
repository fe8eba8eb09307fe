<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\SalonDays;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\ClientShelf;
use App\Bridge\Products\ClientShelves;
use App\Bridge\WashDays\StyleTakeDown;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Style;
use App\Pages\Now\NowScreen;
use App\Wording\AmountWords;
use App\Wording\ChairWorkWords;
use App\Wording\PromisedTreatments;
use App\Wording\StepWords;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\KitchenMeasure;
use Nagomi\Core\Products\Presses;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;

/**
 * What a client does at home until the next visit: when, how long, how much, with what; what to look out for and when
 * to call.
 */
final readonly class HomeRoutines
{
    private const MOST_DAYS = 4;
    private const WEEKS = 5;

    public function __construct(
        private NowScreen $nowScreen,
        private Outlooks $outlooks,
        private BottleChooser $bottleChooser,
        private ClientShelves $clientShelves,
        private StyleTakeDown $styleTakeDown,
        private Parameters $parameters,
    ) {
    }


    public function of(Head $head): HomeRoutine
    {
        $head->loadMissing(['salon', 'zoneParts', 'outlook']);
        $this->outlooks->current($head);
        $today = $head->salon->today();
        /** @var Booking|null $next */
        $next = Booking::query()
            ->where('head_id', $head->id)
            ->where('status', BookingStatus::Booked)
            ->where('date', '>', $today->format('Y-m-d'))
            ->orderBy('starts_at')
            ->first();
        $until = $next === null ? $today->addWeeks(self::WEEKS) : $next->date;
        /** @var Collection<int, PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')
            ->whereBetween('date', [$today->format('Y-m-d'), $until->format('Y-m-d')])
            ->limit(self::MOST_DAYS)
            ->get();
        $inSalon = SalonDays::of($head, $head->planItems()->where('status', 'planned')->get());
        $shelf = $this->clientShelves->of($head);
        $style = Style::running($head);

        return new HomeRoutine(
            head: $head,
            today: $today,
            salon: $head->salon,
            next: $next === null ? null : [
                'when' => $next->starts_at->setTimezone($head->salon->timezone)->format('l j F, G:i'),
                'service' => $next->service,
            ],
            days: array_values($items
                ->reject(fn (PlanItem $item): bool => in_array($item->id, $inSalon, true))
                ->map(fn (PlanItem $item): array => $this->day($item, $shelf))
                ->all()),
            eves: $this->eves($items->filter(fn (PlanItem $item): bool => in_array($item->id, $inSalon, true)), $shelf),
            style: $style,
            styleDay: $style === null ? null : (int) $style->made_on->diffInDays($today->format('Y-m-d')) + 1,
            due: $this->due($head, $today),
            cautions: $this->cautions($head, $items),
            calls: $this->calls($style, $head),
        );
    }

    /**
     * A wash day in the salon may begin at home, on the evening before.
     *
     * @param Collection<int, PlanItem> $items in the salon
     *
     * @return list<string>
     */
    private function eves(Collection $items, ClientShelf $shelf): array
    {
        $eves = [];
        foreach ($items as $item) {
            foreach ($this->day($item, $shelf)['steps'] as $i => $step) {
                if (StoredSteps::isBefore($item->steps[$i] ?? null)) {
                    $eves[] = Words::say('booking.evening-before', [
                        'day' => $item->date->format('l j F'),
                        'what' => implode('. ', array_filter([
                            StepWords::line(['evening_before' => false] + $item->steps[$i]), ucfirst($step['with']),
                        ])),
                    ]);
                }
            }
        }

        return $eves;
    }

    /** @return list<string> trims and take-downs in the weeks the routine is for */
    private function due(Head $head, CarbonImmutable $today): array
    {
        $until = $today->addWeeks(self::WEEKS)->format('Y-m-d');

        return array_values(array_map(ChairWorkWords::atHome(...), array_filter(
            $head->outlook->chair_work ?? [],
            static fn (array $work): bool => $work['on'] <= $until,
        )));
    }

    /**
     * @return array{
     *     uid: string, date: CarbonImmutable, minutes: int, because: string,
     *     steps: list<array{says: string, with: string}>,
     * }
     */
    private function day(PlanItem $item, ClientShelf $shelf): array
    {
        $day = StoredSteps::of($item->steps);
        $on = Calendar::dayOf($item->date);
        $own = $this->bottleChooser->ofSteps($shelf, $day, $on, Place::Home);
        $salon = $this->bottleChooser->ofSteps($shelf, $day, $on, Place::Salon);

        return [
            'uid' => $item->uid,
            'date' => $item->date,
            'minutes' => (int) round($item->minutes),
            'because' => $item->reasons[0] ?? '',
            'steps' => array_map(fn (array $step, int $i): array => [
                'says' => StepWords::line($step),
                'with' => $this->with($own[$i] ?? null, $salon[$i] ?? null),
            ], $item->steps, array_keys($item->steps)),
        ];
    }

    /** The client's own bottle with how much of it; where there is none of the kind at home, one to look for. */
    private function with(?ChosenBottle $own, ?ChosenBottle $salon): string
    {
        $such = $own?->product === null ? $salon?->product : null;

        return match (true) {
            $own?->product !== null => Words::say('bottles.at-home', [
                'name' => $own->product->name, 'much' => $this->much($own->ml, $own->product->pump_ml),
            ]),
            $own !== null && $own->missing !== '' => $own->missing,
            $such !== null => Words::say('bottles.such-as', [
                'name' => $such->name, 'much' => $this->much($salon->ml, null),
            ]),
            default => '',
        };
    }

    /** What a bathroom has to measure with; what is said to come to in all is what that measures. */
    private function much(float $ml, ?float $pumpMl): string
    {
        $presses = $pumpMl === null || $pumpMl <= 0 ? 0.0 : round($ml / $pumpMl);
        $isPressed = $presses > 0 && abs($presses * $pumpMl - $ml) <= Presses::TOLERANCE * $ml;
        $measure = KitchenMeasure::of($ml, $this->parameters->products->dropsAMl);
        $comesTo = $isPressed ? $presses * $pumpMl : $measure->ml;

        return Words::say('amounts.much', [
            'ml' => $comesTo < 10 ? number_format($comesTo, 1) : number_format($comesTo, 0),
            'measure' => $isPressed
                ? AmountWords::presses(null, null, $presses)
                : AmountWords::measure($measure->unit, $measure->least, $measure->most),
        ]);
    }

    /**
     * @param Collection<int, PlanItem> $items
     *
     * @return list<string> what to look out for: of this head, and of what is planned
     */
    private function cautions(Head $head, Collection $items): array
    {
        $protein = $items->contains(
            fn (PlanItem $item): bool => array_intersect(
                PromisedTreatments::of($item),
                ['mild-protein', 'strong-protein'],
            ) !== [],
        );
        $own = array_filter(
            $this->nowScreen->cautions($head),
            fn (Caution $caution): bool => $caution !== Caution::Minor,
        );

        return array_map(
            fn (Caution $caution): string => $caution->sentence(),
            [...$own, ...$protein ? [Caution::Protein] : [], Caution::WaterHeat],
        );
    }

    /** @return list<string> when to call */
    private function calls(?Style $style, Head $head): array
    {
        $takeDown = $style === null ? null : $this->styleTakeDown->of($style, Calendar::dayOf($head->salon->today()));

        return array_filter([
            'Burning, swelling or a rash: rinse it off, stop, and ask a clinician; then tell us.',
            'Broken or weeping skin, pus, sudden or patchy loss, pain, ring-shaped scaling, lice, or heavy '
                . 'flaking with redness that does not ease: see a clinician before anything is put on it.',
            'Hair that snaps where it used to stretch, or a shed ball twice its usual size: call before the '
                . 'next treatment.',
            $style === null || $takeDown === null
                ? ''
                : 'Your '
                    . Words::of("stylings.{$style->styling}")
                    . ' come down by '
                    . $takeDown->dueOn->format('j F')
                    . '; tender or bumpy before that: call, the tension comes out first.',
        ]);
    }
}
