<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredPace;
use App\Bridge\WashDays\PlannedMinutes;
use App\Bridge\WashDays\UsualDrying;
use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\ScalpWords;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem as CoreItem;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\PacedSteps;
use Nagomi\Core\WashDay\PlannedPaces;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\Wording\Message;

/**
 * Keeps the stored plan in step with a new one: an item that only moved or changed keeps its uid and counts up its
 * sequence, so that a calendar updates it; one that fell away is cancelled, not forgotten.
 */
final readonly class StoredPlan
{
    public function __construct(
        private HeadRecord $headRecord,
        private OutlookParts $outlookParts,
        private UsualDrying $usualDrying,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param Pace                   $pace       of the head, on a usual day
     * @param DateTimeImmutable|null $takeDownOn day on which the style that is worn comes down; null: none is worn
     */
    public function keep(Head $head, Plan $plan, Pace $pace, ?DateTimeImmutable $takeDownOn): void
    {
        $last = StoredPace::lastDetangled($head, Calendar::dayOf($head->salon->today()));
        [$usual, $chosen] = [$this->usualDrying->of($head), $this->usualDrying->chosen($head)];
        $paced = PlannedPaces::of($plan->items, $this->headRecord->core($head), $pace, $last, $takeDownOn);
        $stored = $head->planItems()->where('status', 'planned')->get();
        $today = $head->salon->today()->format('Y-m-d');
        foreach ($paced as ['item' => $item, 'pace' => $pace]) {
            $drying = $chosen[$item->date->format('Y-m-d')] ?? $usual;
            $columns = $this->columns($item, $head, $pace, $drying);
            $match = PlanItem::near($stored, $item->date);
            if ($match === null) {
                $head->planItems()->make()->forceFill($columns + [
                    'uid' => strtolower((string) Str::ulid()) . '@nagomi',
                    'salon_id' => $head->salon_id,
                ])->save();
                continue;
            }
            $stored = $stored->reject(fn (PlanItem $other): bool => $other->id === $match->id);
            $this->change($match, $columns);
        }
        foreach ($stored as $gone) {
            // A planned day that was done or has passed is history; only days still ahead are called off.
            $status = match (true) {
                $this->isDone($head, $gone) => 'done',
                $gone->date->format('Y-m-d') >= $today => 'cancelled',
                default => 'passed',
            };
            $gone->forceFill(['status' => $status, 'sequence' => $gone->sequence + 1])->save();
        }
    }

    /** Whether the hair was washed on a planned day, or near it. */
    private function isDone(Head $head, PlanItem $item): bool
    {
        $within = PlanItem::SAME_WITHIN_DAYS - 1;

        return $head->washDays()
            ->where('date', '>=', $item->date->subDays($within)->format('Y-m-d'))
            ->where('date', '<=', $item->date->addDays($within)->format('Y-m-d'))
            ->whereHas('steps', fn (Builder $steps): Builder => $steps->where('kind', StepKind::Cleanse->value))
            ->exists();
    }

    /**
     * @return array{
     *     date: string, steps: list<array<string, mixed>>, minutes: float, parts: array<string, mixed>,
     *     styles_after: bool, reasons: list<Message>,
     *     without: array<string, mixed>|null, broken: list<Message>, barred: array<string, string>, look: bool,
     *     by_hand: array<string, string>|null,
     *     clash: array<string, list<Message>>|null, broken_hairs: float, status: string,
     * }
     */
    private function columns(CoreItem $item, Head $head, Pace $pace, DryingMethod $drying): array
    {
        $core = $this->headRecord->core($head);

        return [
            'date' => $item->date->format('Y-m-d'),
            'steps' => array_map(
                CareRecordWriter::step(...),
                PacedSteps::of($item->choice->steps($core), $core, $pace),
            ),
            'minutes' => round($item->minutes, 1),
            'parts' => $this->parts($item, $core, $pace, $drying),
            'styles_after' => $item->choice->stylesAfter,
            'reasons' => $this->reasons($item, $core),
            'without' => $this->outlookParts->without($item),
            'broken' => array_map(
                fn (Rule $rule): Message => RuleWords::sentence($rule, $this->parameters->planning),
                $item->broken,
            ),
            'barred' => array_map(fn (Rule $rule): string => $rule->key(), $item->barred),
            'look' => $item->look,
            'by_hand' => $item->byHand === null ? null : ['reason' => $item->byHand->reason, 'by' => $item->byHand->by],
            'clash' => $item->clash === null ? null : ['rules' => $item->clash->rules, 'frees' => $item->clash->frees],
            'broken_hairs' => round($item->brokenHairs, 1),
            'status' => 'planned',
        ];
    }

    /** @return array{care: float, hands: float, drying: float, by: string} */
    private function parts(CoreItem $item, CoreHead $head, Pace $pace, DryingMethod $drying): array
    {
        $styling = $item->choice->stylesAfter ? StylingMethod::NotToday : StylingMethod::Rake;
        $plan = WashDayBuilder::plan($head, $item->choice->steps($head), $pace, $drying, styling: $styling);

        return PlannedMinutes::kept($plan->minutes(), $drying);
    }

    /** @return list<Message> what the scalp asks for comes first: nobody would guess it from the balance */
    private function reasons(CoreItem $item, CoreHead $head): array
    {
        $scalp = $item->scalp;
        $cares = $scalp?->for !== null && $item->choice->cleanse === CleanseKind::ScalpCare;
        $isOilOff = $scalp !== null && ! $scalp->bearsOil && ! $head->method->says(MethodQuestion::Scalp, 'bare');

        return array_values(array_filter([
            $cares
                ? ScalpWords::careReason($scalp->for->value, $scalp->expected, $scalp->least, $scalp->most)
                : null,
            $isOilOff ? Message::of(match (true) {
                $head->soreScalp || $head->redSign => 'scalp.oil-off-sore',
                $scalp->flakes && $head->method->says(MethodQuestion::Scalp, 'oil-or-spray') => 'scalp.oil-off',
                default => 'scalp.oil-off-oily',
            }) : null,
            ...$item->reasons,
        ]));
    }

    /** @param array<string, mixed> $columns */
    private function change(PlanItem $item, array $columns): void
    {
        // What a calendar shows decides whether it must hear of the change.
        $shown = fn (mixed $date, mixed $steps, mixed $minutes, mixed $reasons): string => json_encode(
            [$date, $steps, $minutes, $reasons],
            JSON_THROW_ON_ERROR,
        );
        $before = $shown($item->date->format('Y-m-d'), $item->steps, $item->minutes, $item->reasons);
        $after = $shown(
            $columns['date'],
            json_decode(json_encode($columns['steps'], JSON_THROW_ON_ERROR), true),
            $columns['minutes'],
            $columns['reasons'],
        );
        $item->forceFill($columns + ['sequence' => $item->sequence + ($before === $after ? 0 : 1)])->save();
    }
}
