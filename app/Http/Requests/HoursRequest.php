<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\User;
use App\Pages\Salon\HoursForm;
use App\Wording\TypedMoney;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;

/** Chairs and equipment, a week of hours for each stylist, and the services with minutes and price. */
final class HoursRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    private const EQUIPMENT = ['basins', 'dryers', 'hoods'];
    private const NUMBERS = ['minutes' => true, 'long_from' => true];
    private const SUMS = ['price' => true, 'quarter' => true, 'step' => true, 'deposit' => true];
    private const MISSED = ['late_cancel_hours', 'missed_from', 'missed_rule'];

    protected function prepareForValidation(): void
    {
        $salon = $this->stylist()->salon;
        $this->mergeWhatOthersChanged(app(HoursForm::class)->name($salon), app(HoursForm::class)->fields($salon));
        $services = array_map(
            fn (mixed $service): array => is_array($service)
                ? array_map(TypedNumber::from(...), array_intersect_key($service, self::NUMBERS)) + array_map(
                    fn (mixed $typed): int|float|string|null => TypedMoney::from($typed, $salon->currency),
                    array_intersect_key($service, self::SUMS),
                ) + $service
                : [],
            (array) $this->input('services', []),
        );
        // A line left empty is no service.
        $isFilled = fn (array $service): bool => ! in_array($service['name'] ?? '', ['', null], true)
            || ! in_array($service['id'] ?? '', ['', null], true) && ($service['minutes'] ?? null) !== null;
        $this->merge([
            'chairs' => TypedNumber::from($this->input('chairs')),
            'services' => array_filter($services, $isFilled),
        ] + array_map(TypedNumber::from(...), $this->only([
            ...self::EQUIPMENT, 'late_cancel_hours', 'missed_from', 'tax',
        ])));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'chairs' => ['required', 'integer', 'between:1,40'],
            ...array_fill_keys(self::EQUIPMENT, ['nullable', 'integer', 'between:0,40']),
            'late_cancel_hours' => ['nullable', 'integer', 'between:0,336'],
            'missed_from' => ['nullable', 'required_with:missed_rule', 'integer', 'between:1,20'],
            'missed_rule' => ['nullable', 'required_with:missed_from', 'string', 'max:200'],
            'tax' => ['nullable', 'numeric', 'between:0,100'],
            'hours' => ['array'],
            'hours.*.*' => ['nullable', 'string', 'max:80'],
            'services' => ['array', 'max:40'],
            'services.*.name' => ['required', 'string', 'max:80', 'distinct:ignore_case'],
            'services.*.minutes' => ['required', 'integer', 'between:5,720'],
            'services.*.price' => ['required', $this->sum('refusals.hours.services-price', false)],
            'services.*.quarter' => ['nullable', $this->sum('prices.salon.quarter-wrong')],
            'services.*.long_from' => ['nullable', 'required_with:services.*.step', 'numeric', 'between:1,200'],
            'services.*.step' => [
                'nullable', 'required_with:services.*.long_from', $this->sum('prices.salon.step-wrong'),
            ],
            'services.*.deposit' => ['nullable', $this->sum('prices.salon.deposit-wrong')],
            'services.*.does' => ['nullable', 'in:trim,take-down', 'prohibited_if_accepted:services.*.is_wash_day'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'chairs' => Words::say('refusals.hours.chairs'),
            ...array_combine(self::EQUIPMENT, array_map(
                static fn (string $of): string => Words::say("booking.equipment.wrong.{$of}"),
                self::EQUIPMENT,
            )),
            'late_cancel_hours' => Words::say('booking.missed.hours-wrong'),
            'missed_from' => Words::say('booking.missed.from-wrong'),
            'missed_rule' => Words::say('booking.missed.own-wrong'),
            'services.*.name' => Words::say('refusals.hours.services-name'),
            'services.*.minutes' => Words::say('refusals.hours.services-minutes'),
            'services.*.price' => $this->sum('refusals.hours.services-price', false)->says(),
            'tax' => Words::say('prices.salon.rate-wrong'),
            'services.*.long_from' => Words::say('prices.salon.long-wrong'),
            'services.*.step' => $this->sum('prices.salon.step-wrong')->says(),
            'services.*.does' => __('chair-work.does.wrong'),
        ]) + ['services.*.name.distinct' => Words::say('refusals.hours.services-name-distinct')];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            foreach ($this->typedWeek()->problems() as $field => $says) {
                $validator->errors()->add($field, $says);
            }
        });
    }

    public function typedWeek(): TypedWeek
    {
        return new TypedWeek((array) $this->input('hours', []), app(Parameters::class)->scheduling);
    }

    /** @return array<string, int|null> null: nobody counts them; where nothing is said of some, they are as they were */
    public function equipment(): array
    {
        $equipment = [];
        foreach (array_intersect(self::EQUIPMENT, array_keys($this->all())) as $of) {
            $equipment[$of] = $this->filled($of) ? $this->integer($of) : null;
        }

        return $equipment;
    }

    /** @return array<string, int|string|null> about missed visits; what is not sent is as it was */
    public function missedRule(): array
    {
        $rule = [];
        foreach (array_intersect(self::MISSED, array_keys($this->all())) as $name) {
            $rule[$name] = match (true) {
                ! $this->filled($name) => null,
                $name === 'missed_rule' => trim($this->string($name)->value()),
                default => $this->integer($name),
            };
        }

        return $rule;
    }

    /** @return array<string, int|bool|null> what is not sent is as it was */
    public function tax(): array
    {
        return $this->exists('tax') ? [
            'tax_hundredths' => $this->filled('tax') ? (int) round(100 * $this->float('tax')) : null,
            'tax_added' => $this->boolean('tax_added'),
        ] : [];
    }

    /** @return array<int, array<int, list<array{int, int}>>> by stylist of this salon and weekday */
    public function week(): array
    {
        $week = [];
        $typed = $this->typedWeek();
        foreach (app(SalonSchedule::class)->working($this->stylist()->salon)->keys()->all() as $stylist) {
            foreach (range(1, 7) as $weekday) {
                $week[(int) $stylist][$weekday] = $typed->spans($stylist, $weekday) ?? [];
            }
        }

        return $week;
    }

    /**
     * @return list<array{
     *     id: int|null, name: string, is_wash_day: bool, does: string|null, minutes: int, price_cents: int,
     *     quarter_cents?: int|null, long_from_mm?: int|null, step_cents?: int|null, deposit_cents?: int|null,
     * }>
     */
    public function services(): array
    {
        $services = [];
        foreach (array_keys((array) $this->input('services', [])) as $i) {
            $services[] = [
                'id' => $this->filled("services.{$i}.id") ? $this->integer("services.{$i}.id") : null,
                'name' => trim($this->string("services.{$i}.name")->value()),
                'is_wash_day' => $this->boolean("services.{$i}.is_wash_day"),
                'does' => $this->string("services.{$i}.does")->value() ?: null,
                'minutes' => $this->integer("services.{$i}.minutes"),
                'price_cents' => (int) round(100 * $this->float("services.{$i}.price")),
            ] + $this->more("services.{$i}");
        }

        return $services;
    }

    /** @return array{quarter_cents?: int|null, long_from_mm?: int|null, step_cents?: int|null, deposit_cents?: int|null} */
    private function more(string $of): array
    {
        // A page from before there was more to say leaves it as it was.
        return ! $this->exists("{$of}.quarter") ? [] : [
            'quarter_cents' => $this->times(100, "{$of}.quarter"),
            'long_from_mm' => $this->times(10, "{$of}.long_from"),
            'step_cents' => $this->times(100, "{$of}.step"),
            'deposit_cents' => $this->times(100, "{$of}.deposit"),
        ];
    }

    private function times(int $factor, string $field): ?int
    {
        return $this->filled($field) ? (int) round($factor * $this->float($field)) : null;
    }

    /** @param string $wrong key of what is said of a sum that is none, or too large */
    private function sum(string $wrong, bool $some = true): SumOfMoney
    {
        return new SumOfMoney($this->stylist()->salon->currency, $wrong, $some);
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
