<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\OtherBottle;
use App\Models\Head;
use DateTimeImmutable;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;

/** The steps of a wash day as it keeps them: each with its times, what it books, and its bottle. */
final readonly class KeptSteps
{
    /** Other bottles named for a step that may never be put in. */
    private const MOST_OTHERS = 4;

    public function __construct(
        private BottleChanges $bottleChanges,
        private WashDayBottles $washDayBottles,
    ) {
    }

    /** @return list<array<string, mixed>> */
    public function of(WashDayPlan $plan, State $state, Head $head, DateTimeImmutable $on): array
    {
        $day = array_values(array_filter(array_map(
            static fn (WashDayStep $step): ?Step => $step->books,
            $plan->steps,
        )));
        $bottles = $this->washDayBottles->forSteps($head, $day, $on);

        return array_map(
            fn (array $times, WashDayStep $step): array => $times + self::kept($step) + $this->bottle(
                $state,
                $head,
                $bottles[$step->uses->value ?? ''] ?? null,
                $day,
            ),
            $plan->toArray()['steps'],
            $plan->steps,
        );
    }

    /**
     * Steps that can be put in, each with the bottle it would be done with.
     *
     * @param list<WashDayStep> $steps
     *
     * @return list<array<string, mixed>>
     */
    public function palette(array $steps, Head $head, DateTimeImmutable $on): array
    {
        $chosen = $this->washDayBottles->forPalette($head, $steps, $on);

        return array_map(
            static function (WashDayStep $step) use ($chosen): array {
                $bottle = $chosen[$step->key] ?? null;

                return $step->toArray() + self::kept($step) + [
                    'product' => $bottle?->kept(),
                    'missing' => $bottle === null || $bottle->lacks() === '' ? null : $bottle->lacks(),
                    'others' => $bottle === null ? [] : array_map(
                        static fn (OtherBottle $other): array => self::other($bottle, $other, $other->miss),
                        array_slice($bottle->others, 0, self::MOST_OTHERS),
                    ),
                ];
            },
            $steps,
        );
    }

    /** @return array{after_client: bool, beside: bool, books: array<string, mixed>|null} */
    private static function kept(WashDayStep $step): array
    {
        return [
            'after_client' => $step->afterClient,
            'beside' => $step->beside,
            'books' => $step->books === null ? null : CareRecordWriter::step($step->books),
        ];
    }

    /**
     * @param list<Step> $day
     *
     * @return array{
     *     product: array<string, mixed>|null, missing: string|null, others: list<array<string, mixed>>,
     * }
     */
    private function bottle(State $state, Head $head, ?ChosenBottle $bottle, array $day): array
    {
        if ($bottle === null) {
            return ['product' => null, 'missing' => null, 'others' => []];
        }

        return [
            'product' => $bottle->kept(),
            'missing' => $bottle->lacks() === ''
                ? null
                : trim($bottle->lacks() . ' ' . $this->bottleChanges->nearest($head, $bottle, $day)),
            'others' => array_map(fn (OtherBottle $other): array => self::other($bottle, $other, implode(
                '; ',
                array_filter([
                    $other->miss, $this->bottleChanges->between($state, $day, $bottle->with, $other->with),
                ]),
            )), $bottle->others),
        ];
    }

    /** @return array<string, mixed> */
    private static function other(ChosenBottle $bottle, OtherBottle $other, string $changes): array
    {
        return [
            'id' => $other->product->id,
            'name' => $other->product->name,
            'ml' => $bottle->ml,
            'pumps' => $other->pumps,
            'cost_cents' => $other->costCents,
            'care' => $other->care,
            'left' => $other->product->left_ml,
            'label_minutes' => $other->product->label_minutes,
            'changes' => $changes,
        ];
    }
}
