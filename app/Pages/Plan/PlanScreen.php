<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Clients\BookedDay;
use App\Bridge\Plans\OutlookLimits;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\PlanAct;
use App\Bridge\Plans\PlanActs;
use App\Bridge\Plans\PlanPreview;
use App\Bridge\Plans\PromiseChanges;
use App\Bridge\WashDays\ComposedDay;
use App\Bridge\WashDays\PlannedBottles;
use App\Bridge\WashDays\PlannedMinutes;
use App\Drawings\PlanBalance;
use App\Drawings\PlanTimeline;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanEdit;
use App\Models\PlanItem;
use App\Models\Programme;
use App\Models\Promise;
use App\Models\WashSession;
use App\Wording\DoneAtHomeWords;
use App\Wording\LimitWords;
use App\Wording\PromisedTreatments;
use App\Wording\ReasonLines;
use App\Wording\SalonClock;
use App\Wording\StepWords;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Treatments\Calendar;

/** A head's season as a picture to work in, and as a list with every reason. */
final readonly class PlanScreen
{
    public function __construct(
        private OutlookLimits $outlookLimits,
        private Outlooks $outlooks,
        private PlannedBottles $plannedBottles,
        private PlanPreview $planPreview,
        private PlanActs $planActs,
        private Parameters $parameters,
    ) {
    }

    public function of(Head $head): PlanPage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $items = $this->items($head);
        $booked = BookedDay::of($head);
        $promises = Promise::latestOf($head);
        $promise = $promises->first(fn (Promise $one): bool => $one->released_at === null);
        $today = $head->salon->today();
        $last = PlanEdit::last($head);
        $line = $this->line($head, $items, $promise === null ? [] : array_column($promise->items, 'date'));

        return new PlanPage(
            head: $head,
            outlook: $outlook,
            today: $today,
            items: $items,
            reasons: ReasonLines::of($items),
            bottles: $this->plannedBottles->of($head, $items),
            line: $line,
            ahead: PlanBalance::of($outlook->hair_balance, $this->parameters->model->bandHalfWidth, $line),
            room: $this->planActs->rooms($items, $head, $booked),
            booked: array_map(self::booked(...), $booked),
            acts: self::byDate($items, PromisedTreatments::of(...)),
            promise: $promise,
            changes: $promise === null ? [] : PromiseChanges::since($promise, $items, $today),
            promises: $promises,
            last: $last,
            next: PlanEdit::next($head),
            occasions: $this->occasions($head),
            tooNear: $this->tooNear($head),
            laidOut: self::laidOut($head),
            parts: self::byDate($items, fn (PlanItem $item): string => PlannedMinutes::shortOf($item->parts)),
            limits: LimitWords::sentence(
                $this->outlookLimits->of($head, $outlook),
                7 * Outlooks::WEEKS_AHEAD,
            ),
            keepsTo: $this->keepsTo($head),
            wishes: $this->wishes($head),
            doneAtHome: DoneAtHomeWords::of($outlook->done_at_home, $this->parameters->habits->shortMaskMinutes),
            every: self::every($head, $outlook),
        );
    }

    /** @return array{id: string, says: string} */
    private static function booked(BookedDay $day): array
    {
        return ['id' => $day->bookingId, 'says' => $day->says('booking.on-plan')];
    }

    /**
     * @template T
     *
     * @param Collection<int, PlanItem> $items
     * @param callable(PlanItem): T     $of
     *
     * @return array<string, T>
     */
    private static function byDate(Collection $items, callable $of): array
    {
        $byDate = [];
        foreach ($items as $item) {
            $byDate[$item->date->format('Y-m-d')] = $of($item);
        }

        return $byDate;
    }

    /** @return int days between two wash days of the plan */
    private static function every(Head $head, Outlook $outlook): int
    {
        return $outlook->scalp === null || $outlook->scalp['rhythm']['kept']
            ? $head->wash_every_days
            : $outlook->scalp['rhythm']['days'];
    }

    /** @return array{id: string, date: string, minutes: int}|null */
    private static function laidOut(Head $head): ?array
    {
        $draft = WashSession::draft($head);

        return $draft === null ? null : [
            'id' => $draft->id,
            'date' => is_string($draft->plan['planned_for'] ?? null) ? $draft->plan['planned_for'] : '',
            'minutes' => (int) round(ComposedDay::of($draft)?->careMinutes() ?? 0.0),
        ];
    }

    /** @return list<string> in the order they are kept */
    private function wishes(Head $head): array
    {
        $wishes = is_array($head->season['wishes'] ?? null) ? $head->season['wishes'] : [];

        return array_values(array_map(function (mixed $wish): string {
            $of = fn (string $name): string => is_array($wish) && is_scalar($wish[$name] ?? null)
                ? (string) $wish[$name]
                : '';

            return Words::say("wishes.{$of('kind')}", [
                'what' => Words::say("wishes.treatments.{$of('what')}"),
                'days' => $of('days'),
                'from' => SalonClock::dayInWords($of('from'), 'j M'),
                'until' => SalonClock::dayInWords($of('until'), 'j M'),
            ]);
        }, $wishes));
    }

    /** @return list<string> */
    private function keepsTo(Head $head): array
    {
        $today = $head->salon->today();
        /** @var Collection<int, Programme> $programmes */
        $programmes = $head->programmes()->whereNull('broken_off_on')->orderBy('began_on')->get();

        return array_values($programmes
            ->filter(
                fn (Programme $programme): bool => $programme->endsOn()->format('Y-m-d') >= $today->format('Y-m-d'),
            )
            ->map(fn (Programme $programme): string => Words::say('programmes.running', [
                'kind' => lcfirst(Words::of("programmes.{$programme->kind}")),
                'until' => SalonClock::dayInWords($programme->endsOn(), 'j M'),
            ]))
            ->all());
    }

    /** @return Collection<int, PlanItem> */
    public function items(Head $head): Collection
    {
        /** @var Collection<int, PlanItem> */
        return $head->planItems()->where('status', 'planned')->get();
    }

    /**
     * @param Collection<int, PlanItem> $items
     * @param list<string>              $promised
     * @param bool                      $inWords whether each stone says what is done on it
     */
    public function line(Head $head, Collection $items, array $promised = [], bool $inWords = true): PlanTimeline
    {
        $days = array_values($items->map(fn (PlanItem $item): array => [
            'date' => $item->date->format('Y-m-d'), 'minutes' => $item->minutes,
            'kinds' => PromisedTreatments::of($item), 'byHand' => $item->by_hand !== null,
            'broken' => $item->broken !== [],
            'says' => ! $inWords
                ? SalonClock::dayInWords($item->date, 'j M')
                : Words::say($item->by_hand === null ? 'plan.day-says' : 'plan.day-says-by-hand', [
                    'day' => SalonClock::dayInWords($item->date, 'l j F'),
                    'steps' => StepWords::summary($item->steps), 'minutes' => (int) round($item->minutes),
                ]),
        ])->all());
        $away = array_map(
            fn (array $span): array => [
                'from' => $span['from'],
                'until' => $span['until'],
                'kind' => 'away',
                'says' => Words::of('occasions.away'),
            ],
            $this->spans($head, 'away'),
        );
        $occasions = array_map(
            fn (array $span): array => [
                'from' => $span['from'],
                'until' => $span['until'],
                'kind' => $span['kind'],
                'says' => $span['what'] !== '' ? $span['what'] : Words::of("occasions.{$span['kind']}"),
            ],
            $this->occasions($head),
        );

        return PlanTimeline::of(
            $head->salon->today(),
            Outlooks::WEEKS_AHEAD,
            $days,
            [...$away, ...$occasions],
            $promised,
        );
    }

    /**
     * @return array{
     *     says: string, days: float, minutes: int, washes: int, broken: list<string>, dates: list<string>,
     *     words: string,
     * } what an act would come to; nothing is stored
     */
    public function preview(Head $head, PlanAct $act): array
    {
        $preview = $this->planPreview->of($head, $act);

        return $preview + ['words' => $this->planPreview->inWords($preview)];
    }

    /** @return list<array{kind: string, from: string, until: string, what: string, style_day: int|null}> */
    public function occasions(Head $head): array
    {
        return $this->spans($head, 'occasions');
    }

    /**
     * Colour keeps its distance from a day that counts: a sentence for each that does not.
     *
     * @return list<string>
     */
    private function tooNear(Head $head): array
    {
        $of = fn (OccasionKind $kind): array => array_filter(
            $this->occasions($head),
            static fn (array $occasion): bool => $occasion['kind'] === $kind->value,
        );
        $apart = $this->parameters->planning->beforeADayThatCountsDays;
        $sentences = [];
        foreach ($of(OccasionKind::BestDay) as $best) {
            foreach ($of(OccasionKind::NewColour) as $colour) {
                [$done, $counts] = [Calendar::day($colour['until']), Calendar::day($best['from'])];
                $days = $done === null || $counts === null ? -1 : Calendar::daysBetween($done, $counts);
                if ($days >= 0 && $days <= $apart) {
                    $sentences[] = Words::say('plan.colour-too-near', [
                        'days' => $days,
                        'apart' => $apart,
                        'what' => $best['what'] === '' ? Words::of('occasions.best-day') : $best['what'],
                    ]);
                }
            }
        }

        return $sentences;
    }

    /** @return list<array{kind: string, from: string, until: string, what: string, style_day: int|null}> */
    private function spans(Head $head, string $name): array
    {
        $spans = [];
        foreach (is_array($head->season[$name] ?? null) ? $head->season[$name] : [] as $span) {
            $text = fn (string $of): string => is_array($span) && is_string($span[$of] ?? null) ? $span[$of] : '';
            $spans[] = [
                'kind' => $text('kind'),
                'from' => $text('from'),
                'until' => $text('until'),
                'what' => $text('what'),
                'style_day' => is_array($span) && is_int($span['style_day'] ?? null) ? $span['style_day'] : null,
            ];
        }

        return $spans;
    }
}
