<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\SalonDays;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\ClientShelf;
use App\Bridge\Products\ClientShelves;
use App\Bridge\WashDays\StyleTakeDown;
use App\Drawings\StrandHang;
use App\Drawings\StrandPortrait;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Style;
use App\Pages\Now\NowScreen;
use App\Wording\AmountWords;
use App\Wording\ChairWorkWords;
use App\Wording\HomeDates;
use App\Wording\HomeStepWords;
use App\Wording\PromisedTreatments;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Head\Method;
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
    /** As closely as anybody plans an evening. */
    private const ROUNDED_MINUTES = 5;

    /** The week about three weeks on, counted from today. */
    private const LATER_DAYS = [18, 24];

    public function __construct(
        private HeadRecord $headRecord,
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
        /** @var Collection<int, PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')
            ->where('date', '>=', $today->format('Y-m-d'))
            ->where('date', '<=', ($next->date ?? $today->addWeeks(self::WEEKS))->format('Y-m-d'))
            ->limit(self::MOST_DAYS)->get();
        $inSalon = SalonDays::of($head, $head->planItems()->where('status', 'planned')->get());
        $shelf = $this->clientShelves->of($head);
        $isTested = ! $this->headRecord->isNotReadYet($head);
        $style = Style::running($head);
        $method = new Method($head->method);

        return new HomeRoutine(
            head: $head,
            strands: $isTested ? $this->strands($head) : null,
            today: $today,
            salon: $head->salon,
            next: $next === null ? null : [
                'when' => HomeDates::moment($next->starts_at->setTimezone($head->salon->timezone)),
                'service' => $next->service,
            ],
            days: array_values($items->whereNotIn('id', $inSalon)->map(
                fn (PlanItem $item): array => $this->day($item, $shelf, $method, $isTested),
            )->all()),
            eves: $this->eves($items->whereIn('id', $inSalon), $shelf, $method),
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
    private function eves(Collection $items, ClientShelf $shelf, Method $method): array
    {
        $eves = [];
        foreach ($items as $item) {
            foreach ($this->day($item, $shelf, $method, true)['steps'] as $i => $step) {
                if (StoredSteps::isBefore($item->steps[$i] ?? null)) {
                    $eves[] = Words::say('booking.evening-before', [
                        'day' => HomeDates::day($item->date),
                        'what' => implode('. ', array_filter([
                            HomeStepWords::of(['evening_before' => false] + $item->steps[$i], $method)['what'],
                            ucfirst($step['with']),
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
     *     uid: string, date: CarbonImmutable, minutes: int, title: string, because: string,
     *     steps: list<array{what: string, how: string, minutes: int, with: string}>,
     * }
     */
    private function day(PlanItem $item, ClientShelf $shelf, Method $method, bool $isTested): array
    {
        $day = StoredSteps::of($item->steps);
        $on = Calendar::dayOf($item->date);
        $own = $this->bottleChooser->ofSteps($shelf, $day, $on, Place::Home);
        $salon = $this->bottleChooser->ofSteps($shelf, $day, $on, Place::Salon);
        $minutes = (int) (self::ROUNDED_MINUTES * max(1.0, round($item->minutes / self::ROUNDED_MINUTES)));

        return [
            'uid' => $item->uid,
            'date' => $item->date,
            'minutes' => $minutes,
            'title' => $this->title($item, $minutes),
            'because' => implode(' ', array_filter([
                $isTested ? $this->because($item) : Words::say('home-routine.because.untested'),
                $item->styles_after ? Words::say('home-routine.style-after') : '',
            ])),
            'steps' => array_map(fn (array $step, int $i): array => HomeStepWords::of($step, $method) + [
                'with' => $this->with($own[$i] ?? null, $salon[$i] ?? null),
            ], $item->steps, array_keys($item->steps)),
        ];
    }

    /** The day and how long it takes. */
    private function title(PlanItem $item, int $minutes): string
    {
        $day = ucfirst(HomeDates::day($item->date));

        return $minutes < 60
            ? trans_choice('home-routine.day', $minutes, ['day' => $day])
            : Words::say('home-routine.long', [
                'day' => $day, 'hours' => intdiv($minutes, 60), 'minutes' => sprintf('%02d', $minutes % 60),
            ]);
    }

    /** What the day is for, by what is done on it: one short clause. Of hair nobody tested nothing is claimed. */
    private function because(PlanItem $item): string
    {
        $treatments = PromisedTreatments::of($item);
        $protein = array_intersect($treatments, ['mild-protein', 'strong-protein']) !== [];

        return Words::say('home-routine.because.' . match (true) {
            $protein && $item->look => 'look',
            $protein => 'protein',
            in_array('clarifying', $treatments, true) => 'clarifying',
            in_array('mask', $treatments, true) => 'mask',
            default => 'usual',
        });
    }

    /**
     * The hair now and in three weeks, if the plan is kept to: over a week of them, whatever day washes fall on.
     *
     * @return array{now: StrandPortrait, later: StrandPortrait, same: bool}|null
     */
    private function strands(Head $head): ?array
    {
        if ($head->outlook === null) {
            return null;
        }
        $now = StrandHang::ofStanding($head->outlook->standing);
        $later = StrandHang::ahead($head->outlook->hair_balance, $head->outlook->standing, self::LATER_DAYS);

        return [
            'now' => StrandPortrait::of($head, $now), 'later' => StrandPortrait::of($head, $later),
            'same' => $now === $later,
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
            'ml' => HomeDates::number($comesTo, $comesTo < 10 ? 1 : 0),
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
            fn (Caution $caution): string => Words::say("home-routine.cautions.{$caution->value}"),
            [...$own, ...$protein ? [Caution::Protein] : [], Caution::WaterHeat],
        );
    }

    /** @return list<string> when to call */
    private function calls(?Style $style, Head $head): array
    {
        $takeDown = $style === null ? null : $this->styleTakeDown->of($style, Calendar::dayOf($head->salon->today()));

        $calls = array_map(
            static fn (string $call): string => Words::say("home-routine.calls.{$call}"),
            ['burning', 'skin', 'breakage'],
        );

        return $style === null || $takeDown === null ? $calls : [...$calls, Words::say('home-routine.calls.take-down', [
            'style' => Words::of("stylings.{$style->styling}"),
            'day' => HomeDates::day(CarbonImmutable::instance($takeDown->dueOn)),
        ])];
    }
}
