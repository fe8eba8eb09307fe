<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Bridge\Readings\VisitImpact;
use App\Drawings\ResultRange;
use App\Models\Head;
use App\Models\VisitStatement;
use App\Wording\Said;
use App\Wording\SignWords;
use App\Wording\Words;
use App\Wording\YardstickWords;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** What a visit said: out of range first, each on the range that was expected; the rest folded; the balance beside. */
final class Results extends Component
{
    /** @var list<ToldSign> what lies outside what was expected, the furthest first */
    public readonly array $off;

    /** @var list<ToldSign> */
    public readonly array $expected;

    /** @var list<ToldSign> of which nothing was expected */
    public readonly array $others;

    /** @var array<string, array<string, float>> how likely each state is, before and after; none where it is not known */
    public readonly array $cells;

    /** @var StoredAccount */
    public readonly array $account;

    /** @param bool $live results can still be confirmed */
    public function __construct(public readonly Head $head, VisitStatement $statement, public readonly bool $live)
    {
        $account = $statement->account;
        // Of hair that nobody had tested lately no state is claimed, also later.
        foreach (['before', 'after'] as $when) {
            $account[$when] = $account['tested'][$when] ?? true ? $account[$when] : [];
        }
        $account['verdict'] = Said::kept($account['verdict'] ?? '');
        $this->account = $account;
        $signs = $this->signs();
        $is = static fn (?string $side): array => array_values(array_filter(
            $signs,
            static fn (ToldSign $sign): bool => $sign->range?->side === $side,
        ));
        $off = [...$is('below'), ...$is('above')];
        usort($off, static fn (ToldSign $a, ToldSign $b): int => ($b->range->off ?? 0) <=> ($a->range->off ?? 0));
        $this->off = $off;
        $this->expected = $is('within');
        $this->others = $is(null);
        $this->cells = [
            'before' => VisitImpact::cellsOf($this->account['before']),
            'after' => VisitImpact::cellsOf($this->account['after']),
        ];
    }

    /** @return list<ToldSign> */
    private function signs(): array
    {
        $signs = [];
        foreach ($this->account['readings'] as $reading) {
            $besides = Said::kept($reading['besides'] ?? '');
            foreach ($reading['signs'] as $sign) {
                $between = $sign['expected_between'] ?? null;
                $signs[] = new ToldSign(
                    value: YardstickWords::number((float) $sign['value']),
                    unit: SignWords::unit($sign['sign'], (float) $sign['value']),
                    name: SignWords::name($sign['sign'], (float) $sign['value']),
                    zone: $reading['zone'] === null ? '' : Words::of("zones.{$reading['zone']}"),
                    means: Said::kept($sign['means']),
                    beside: implode(', ', array_filter([
                        $between === null ? '' : Words::say('history.results.between', [
                            'least' => YardstickWords::number((float) $between[0]),
                            'most' => YardstickWords::number((float) $between[1]),
                        ]),
                        isset($sign['last'])
                            ? Words::say('history.results.last', [
                                'value' => YardstickWords::number((float) $sign['last']),
                            ])
                            : '',
                    ])),
                    range: $between === null ? null : ResultRange::of(
                        (float) $sign['value'],
                        [(float) $between[0], (float) $between[1]],
                    ),
                    again: $sign['again'],
                    reading: $reading['key'],
                    besides: $besides,
                );
                // It is said of the reading once.
                $besides = '';
            }
        }

        return $signs;
    }

    public function render(): View
    {
        return view('components.results');
    }
}
