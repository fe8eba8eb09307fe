<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\PorosityFindings;
use App\Bridge\Plans\OutlookLimits;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\UnderVerdict;
use App\Bridge\Products\AllergyNotes;
use App\Drawings\HairBalance;
use App\Drawings\HeadMap;
use App\Drawings\LivingStrand;
use App\Drawings\ResultRange;
use App\Models\Clearance;
use App\Models\Head;
use App\Models\Outlook;
use App\Wording\DoneAtHomeWords;
use App\Wording\HairWays;
use App\Wording\LimitWords;
use App\Wording\MeasuredTraits;
use App\Wording\ReasonLines;
use App\Wording\SignWords;
use App\Wording\Words;
use App\Wording\YardstickWords;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Safety\Caution;

/** Everything the page of a head shows, read from what is stored. */
final readonly class NowScreen
{
    /** Wash days shown of the plan after the next, and reasons of each. */
    private const NEXT = 2;
    private const REASONS = 2;

    /** Results that say how the hair stands. */
    private const TELLING = 3;

    public function __construct(
        private AllergyNotes $allergyNotes,
        private HeadRecord $headRecord,
        private NextWashes $nextWashes,
        private OutlookLimits $outlookLimits,
        private Outlooks $outlooks,
        private PorosityFindings $porosityFindings,
        private Parameters $parameters,
    ) {
    }


    public function of(Head $head): NowPage
    {
        $head->loadMissing(['zoneParts', 'salon', 'outlook']);
        $outlook = $this->outlooks->current($head);
        $items = $head->planItems()->where('status', 'planned')->get();
        $today = $head->salon->today();
        $signs = array_map($this->sign(...), $outlook->signs);
        $clearances = Clearance::query()->where('head_id', $head->id)->orderBy('id')->get();

        return new NowPage(
            head: $head,
            today: $today,
            outlook: $outlook,
            balance: HairBalance::of($outlook->hair_balance, $this->parameters->model->bandHalfWidth),
            map: HeadMap::porosity($head->zoneParts),
            strand: LivingStrand::of($head, $outlook->hair_balance, $outlook->standing),
            next: $this->nextWashes->of(
                $head,
                $outlook,
                $items->first(),
                ReasonLines::of($items->take(1), null, UnderVerdict::said())[$items->first()->id ?? 0] ?? [],
            ),
            items: $items->slice(1, self::NEXT),
            reasons: ReasonLines::of($items->take(1 + self::NEXT), self::REASONS, UnderVerdict::said()),
            cautions: $this->cautions($head),
            allergiesUnread: $this->allergyNotes->unread($head),
            measured: MeasuredTraits::of($head),
            washedToday: $head->washDays()->whereDate('date', $today->format('Y-m-d'))->exists(),
            findings: $this->porosityFindings->of($head),
            cleared: $clearances->whereNotNull('cleared_on')->sortByDesc('cleared_on')->take(3)->values(),
            notReadYet: $this->headRecord->isNotReadYet($head),
            signs: $signs,
            telling: $this->telling($signs),
            yardstick: $this->yardstick($outlook->signs),
            ways: $this->ways($outlook),
            unlooked: array_values($clearances->filter->isUnlooked()->all()),
            limits: LimitWords::sentence(
                $this->outlookLimits->of($head, $outlook),
                7 * Outlooks::WEEKS_AHEAD,
            ),
        );
    }

    /** @return list<string> */
    private function ways(Outlook $outlook): array
    {
        return [
            ...HairWays::of($outlook->learned ?? [], $outlook->length),
            ...DoneAtHomeWords::leftOut($outlook->done_at_home, $this->parameters->habits->shortMaskMinutes),
        ];
    }

    /** @param StoredSign $sign */
    private function sign(array $sign): SignLine
    {
        $name = SignWords::name($sign['sign'], $sign['value']);

        return new SignLine(
            value: YardstickWords::number($sign['value']),
            unit: SignWords::unit($sign['sign'], $sign['value']),
            name: SignWords::at($sign['zone'], $name),
            date: $sign['date'],
            again: $sign['again']
                ? Words::say('yardsticks.again', ['value' => YardstickWords::number($sign['expected'])])
                : null,
            beside: YardstickWords::of($sign, $this->parameters->readings->usualFromFirst),
            bands: array_filter([
                'usual' => $sign['usual']['range'] ?? null, 'today' => $sign['today'], 'balance' => $sign['balance'],
            ]),
            series: $sign['series'],
            changed: $sign['usual']['changed'] ?? false,
            range: ResultRange::of($sign['value'], $sign['balance']),
        );
    }

    /**
     * @param list<SignLine> $signs
     *
     * @return list<SignLine> the furthest out of balance first, then the latest
     */
    private function telling(array $signs): array
    {
        usort(
            $signs,
            static fn (SignLine $a, SignLine $b): int => [$b->range->off, $b->date] <=> [$a->range->off, $a->date],
        );

        return array_slice($signs, 0, self::TELLING);
    }

    /** @param list<StoredSign> $signs */
    private function yardstick(array $signs): string
    {
        return array_filter(array_column($signs, 'usual')) === [] ? 'balance' : 'usual';
    }

    /** @return list<Caution> */
    public function cautions(Head $head): array
    {
        return Caution::forHead(
            $head->sore_scalp,
            $head->red_sign,
            $head->tender_edges,
            $head->isMinor($head->salon->today()),
            $this->allergyNotes->any($head),
            $head->asthma_or_pregnant,
            ($head->method[MethodQuestion::MaskHeat->value] ?? '') === 'cap-or-hood' && ! $head->sore_scalp,
        );
    }
}
