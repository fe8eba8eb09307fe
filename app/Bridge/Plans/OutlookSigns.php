<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Readings\SignSeries;
use App\Bridge\Readings\SignsOverTime;
use App\Models\Head;
use App\Models\HeadSnapshot;
use Illuminate\Support\Collection;
use Nagomi\Core\Estimation\ExpectedSign;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Usual;

/** The latest reading of each sign of the balance, with the three yardsticks it can be held against. */
final readonly class OutlookSigns
{
    /** Readings drawn beside it. */
    private const DRAWN = 12;

    public function __construct(
        private SignsOverTime $signsOverTime,
    ) {
    }

    /**
     * @param State                         $state  as it stands now
     * @param Collection<int, HeadSnapshot> $visits oldest first
     *
     * @return list<StoredSign> in the order of the signs
     */
    public function of(Head $head, State $state, Collection $visits): array
    {
        $checks = [];
        foreach ($visits as $visit) {
            foreach ($visit->checks as $check) {
                $checks[$check['sign']] = $check;
            }
        }
        $series = $this->signsOverTime->of($head);
        $signs = [];
        foreach (Sign::cases() as $sign) {
            $check = $checks[$sign->value] ?? null;
            foreach ($series[$sign->value] ?? [] as $one) {
                if ($check !== null && $one->zone?->value === $check['zone']) {
                    $signs[] = $this->sign($state, $one, $check);
                }
            }
        }

        return $signs;
    }

    /**
     * @param StoredCheck $check the latest of the sign
     *
     * @return StoredSign
     */
    private function sign(State $state, SignSeries $series, array $check): array
    {
        $last = $series->last();
        $usual = $series->usual($state->layout->parameters);

        return [
            'sign' => $series->sign->value,
            'zone' => $series->zone?->value,
            'value' => round($last->measured->value, 1),
            'date' => $last->date,
            'expected' => round($check['expected'], 1),
            'again' => $check['again'],
            'days' => count($series->days()),
            'usual' => $usual === null ? null : $this->usual($usual),
            'today' => $this->rounded(ExpectedSign::asItStands($state, $last->measured, $series->zone)),
            'balance' => $this->rounded(ExpectedSign::inBalance($state, $last->measured, $series->zone)),
            'series' => array_map(
                fn (float $value): float => round($value, 1),
                array_slice($series->values(), -self::DRAWN),
            ),
        ];
    }

    /** @return array{range: array{float, float}, changed: bool, apart: bool, average: float} */
    private function usual(Usual $usual): array
    {
        return [
            'range' => $this->rounded([$usual->least, $usual->most]),
            'changed' => $usual->changed,
            'apart' => $usual->apart,
            'average' => round($usual->average, 1),
        ];
    }

    /**
     * @param array{float, float} $range
     *
     * @return array{float, float}
     */
    private function rounded(array $range): array
    {
        return [round($range[0], 1), round($range[1], 1)];
    }
}
