<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\PorosityFindings;
use App\Bridge\Plans\OutlookLimits;
use App\Bridge\Plans\Outlooks;
use App\Drawings\BalanceRiver;
use App\Drawings\HeadMap;
use App\Models\Clearance;
use App\Models\Head;
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
    /** Wash days shown of the plan, and reasons of each. */
    private const NEXT = 3;
    private const REASONS = 2;

    public function __construct(
        private HeadRecord $headRecord,
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

        return new NowPage(
            head: $head,
            today: $today,
            outlook: $outlook,
            river: BalanceRiver::of($outlook->river, $this->parameters->model->bandHalfWidth),
            map: HeadMap::porosity($head->zoneParts),
            items: $items->take(self::NEXT),
            reasons: ReasonLines::of($items->take(self::NEXT), self::REASONS),
            cautions: $this->cautions($head),
            measured: MeasuredTraits::of($head),
            washedToday: $head->washDays()->whereDate('date', $today->format('Y-m-d'))->exists(),
            findings: $this->porosityFindings->of($head),
            cleared: Clearance::query()
                ->where('head_id', $head->id)
                ->whereNotNull('cleared_on')
                ->orderByDesc('cleared_on')
                ->limit(3)
                ->get(),
            notReadYet: $this->headRecord->isNotReadYet($head),
            signs: array_map($this->sign(...), $outlook->signs),
            yardstick: $this->yardstick($outlook->signs),
            own: $this->own($outlook->learned ?? []),
            length: $this->length($outlook->length),
            unlooked: Clearance::unlooked($head),
            limits: LimitWords::sentence(
                $this->outlookLimits->of($head, $outlook),
                7 * Outlooks::WEEKS_AHEAD,
            ),
        );
    }

    /** @param StoredSign $sign */
    private function sign(array $sign): SignLine
    {
        $name = Words::of("signs.{$sign['sign']}");

        return new SignLine(
            value: YardstickWords::number($sign['value']),
            unit: SignWords::unit($sign['sign']),
            name: $sign['zone'] === null ? $name : Words::say('yardsticks.at-zone', [
                'sign' => $name, 'zone' => Words::of("zones.{$sign['zone']}"),
            ]),
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
        );
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
            trim((string) $head->allergies) !== '',
            $head->asthma_or_pregnant,
            ($head->method[MethodQuestion::MaskHeat->value] ?? '') === 'cap-or-hood' && ! $head->sore_scalp,
        );
    }

    /**
     * What is this head's own by now, and how much of it is still assumption; what is all assumption is not its own.
     *
     * @param array<string, float> $learned share of prior doubt left, and the factor beside it
     */
    private function own(array $learned): string
    {
        $says = [];
        foreach (['moisture-fading', 'protein-fading', 'uptake'] as $name) {
            $assumed = (int) round(100 * ($learned[$name] ?? 1.0));
            if ($assumed < 100 && isset($learned["{$name}-factor"])) {
                $says[] = Words::of("learned.{$name}")
                    . sprintf(
                        ' %.1f × the usual (%d %% still assumed)',
                        $learned["{$name}-factor"],
                        $assumed,
                    );
            }
        }

        return $says === [] ? '' : ucfirst(implode(' · ', $says));
    }

    /** @param array<string, float>|null $length in mm */
    private function length(?array $length): string
    {
        if ($length === null) {
            return '';
        }
        $cm = fn (float $mm): string => str_replace('-', '−', number_format($mm / 10, 1)) . ' cm';

        return sprintf(
            'Over %d days about %s grew, %s were trimmed and %s kept; %s broke off (80 %%: %s to %s).',
            $length['days'],
            $cm($length['grown']),
            $cm($length['trimmed']),
            $cm($length['retained']),
            $cm(max(0.0, $length['broken'])),
            $cm(max(0.0, $length['least'])),
            $cm(max(0.0, $length['most'])),
        );
    }
}
