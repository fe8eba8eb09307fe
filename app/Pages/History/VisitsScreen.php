<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Readings\MeasuredSigns;
use App\Bridge\Readings\VisitImpacts;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Visit;
use App\Models\VisitStatement;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;

/** The visits of a head, and what one of them told: now, and before it was corrected. */
final readonly class VisitsScreen
{
    /** On one page. */
    private const LISTED = 60;

    public function __construct(
        private HeadRecord $headRecord,
        private VisitImpacts $visitImpacts,
        private MeasuredSigns $measuredSigns,
    ) {
    }

    /**
     * @return LengthAwarePaginator<int, Visit> the latest first, with their tests and how often each was corrected
     */
    public function all(Head $head): LengthAwarePaginator
    {
        /** @var LengthAwarePaginator<int, Visit> */
        return $head->visits()->with('readings:id,visit,test,zone')->withCount('accounts')->paginate(self::LISTED);
    }

    public function of(Head $head, Visit $visit): VisitPage
    {
        $visit->load(['accounts', 'readings']);
        $accounts = $visit->accounts->reverse()->values();
        if ($accounts->isEmpty() && $visit->readings->isNotEmpty()) {
            $accounts = collect([$this->anew($head, $visit)]);
        }

        return new VisitPage(
            head: $head,
            visit: $visit,
            account: $accounts->first(),
            earlier: $accounts->slice(1)->values(),
            beside: $this->beside($head, $visit),
        );
    }

    /**
     * What another stylist read of the same head, day and moment, side by side.
     *
     * @return list<array{sign: string, mine: float, theirs: float, by: string}>
     */
    private function beside(Head $head, Visit $visit): array
    {
        /** @var Collection<int, Reading> $others */
        $others = $head
            ->readings()
            ->where('date', $visit->date->format('Y-m-d'))
            ->where('moment', $visit->moment)
            ->where('by', '!=', $visit->by)
            ->get();
        $pairs = [];
        foreach ($others as $other) {
            $mine = $visit->readings->first(
                fn (Reading $reading): bool => $reading->test === $other->test && $reading->zone === $other->zone,
            );
            $theirs = $this->measuredSigns->of($other);
            foreach ($mine === null ? [] : $this->measuredSigns->of($mine) as $i => $measured) {
                if (isset($theirs[$i]) && $theirs[$i]->sign === $measured->sign) {
                    $pairs[] = [
                        'sign' => $measured->sign->value,
                        'mine' => round($measured->value, 1),
                        'theirs' => round($theirs[$i]->value, 1),
                        'by' => $other->by,
                    ];
                }
            }
        }

        return $pairs;
    }

    /**
     * A visit that came with a record from elsewhere said nothing here: what it tells is worked out as it is asked for,
     * and not stored.
     */
    private function anew(Head $head, Visit $visit): VisitStatement
    {
        $readings = array_values($visit->readings->map($this->headRecord->reading(...))->all());
        $told = $readings === []
            ? null
            : $this->visitImpacts->of(
                $head,
                $readings,
                array_values($visit->readings->map(fn (Reading $reading): string => $reading->key)->all()),
            );

        return new VisitStatement(['by' => $visit->by, 'because' => '', 'written_at' => now(), 'account' => [
            'date' => $visit->date->format('Y-m-d'), 'moment' => $visit->moment, 'before' => $told->before ?? [],
            'after' => $told->after ?? [], 'ruled_out' => $told->ruledOut ?? [], 'readings' => $told->readings ?? [],
            'tested' => ['before' => $told->testedBefore ?? false, 'after' => $told->testedAfter ?? false],
            'verdict' => '',
        ]]);
    }
}
