<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Accounts\GoodPassword;
use App\Bridge\Clients\SalonClimate;
use App\Wording\Money;
use App\Wording\TypedMoney;
use App\Wording\Words;
use DateTimeZone;
use Illuminate\Contracts\Validation\Validator as ValidatorContract;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;

/** The first salon of a machine: its name, who opens it, when hands are there, what it can be booked for. */
final class FirstSalonRequest extends FormRequest
{
    use Sentences;

    /** Services that are asked for, by what they do: a wash day, a cut, a visit that is neither. */
    public const SERVICES = ['wash-day' => null, 'dry-cut' => 'trim', 'first-visit' => null];

    private const OWNER = 'owner';

    protected function prepareForValidation(): void
    {
        $services = array_intersect_key((array) $this->input('services', []), self::SERVICES);
        $this->merge([
            'chairs' => TypedNumber::from($this->input('chairs')),
            'hardness_mg_per_l' => TypedNumber::from($this->input('hardness_mg_per_l')),
            'services' => array_map(
                fn (mixed $service): array => ! is_array($service) ? [] : [
                    'minutes' => TypedNumber::from($service['minutes'] ?? null),
                    'price' => TypedMoney::from($service['price'] ?? null, $this->currency()),
                ] + Arr::only($service, ['name']),
                $services,
            ),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'code' => ['bail', 'required', 'string', 'max:40', new CodeOfTerminal()],
            'name' => ['required', 'string', 'max:120'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
            'currency' => ['required', Rule::in(array_keys(Money::currencies()))],
            'hardness_mg_per_l' => ['required', 'numeric', 'between:0,1000'],
            'climate' => ['required', Rule::in($this->climates())],
            'chairs' => ['required', 'integer', 'between:1,40'],
            'owner' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190', 'unique:users,email'],
            'password' => GoodPassword::rules([
                $this->string('owner')->value(), $this->string('email')->value(), $this->string('name')->value(),
            ]),
            'hours' => ['array'],
            'hours.' . self::OWNER => ['array'],
            'hours.*.*' => ['nullable', 'string', 'max:80'],
            'services' => ['array'],
            'services.*.name' => ['nullable', 'string', 'max:80', 'distinct:ignore_case'],
            'services.*.minutes' => ['required_with:services.*.name', 'nullable', 'integer', 'between:5,720'],
            'services.*.price' => ['required_with:services.*.name', 'nullable', $this->price()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $of = ['code', 'name', 'chairs', 'owner', 'email', 'password'];

        return $this->forEveryRule([
            ...array_combine($of, array_map(static fn (string $one): string => Words::say("begin.wrong.{$one}"), $of)),
            'timezone' => Words::say('refusals.salon.timezone'),
            'currency' => Words::say('refusals.salon.currency'),
            'hardness_mg_per_l' => Words::say('refusals.salon.hardness-mg-per-l'),
            'climate' => Words::say('refusals.salon.climate'),
            'services.*.name' => Words::say('refusals.hours.services-name'),
            'services.*.minutes' => Words::say('refusals.hours.services-minutes'),
            'services.*.price' => $this->price()->says(),
        ]) + [
            'email.email' => Words::say('begin.wrong.email'),
            'email.unique' => Words::say('begin.wrong.email-taken'),
            'services.*.name.distinct' => Words::say('refusals.hours.services-name-distinct'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach ($this->typedWeek()->problems() as $field => $says) {
                $validator->errors()->add($field, $says);
            }
        });
    }

    /** The right code need not be read off the terminal once more, because of another field. */
    protected function failedValidation(ValidatorContract $validator): void
    {
        if (! $validator->errors()->has('code')) {
            $this->session()->flash('code-of-terminal', $this->string('code')->value());
        }
        parent::failedValidation($validator);
    }

    /** @return array<int, list<array{int, int}>> minutes of the day by weekday, 1 Monday */
    public function week(): array
    {
        $week = [];
        foreach (range(1, 7) as $weekday) {
            $week[$weekday] = $this->typedWeek()->spans(self::OWNER, $weekday) ?? [];
        }

        return $week;
    }

    /**
     * @return list<array{
     *     id: null, name: string, is_wash_day: bool, does: string|null, minutes: int, price_cents: int,
     * }> whose name was not taken out
     */
    public function services(): array
    {
        $services = [];
        foreach (self::SERVICES as $key => $does) {
            if ($this->filled("services.{$key}.name")) {
                $services[] = [
                    'id' => null,
                    'name' => trim($this->string("services.{$key}.name")->value()),
                    'is_wash_day' => $key === 'wash-day',
                    'does' => $does,
                    'minutes' => $this->integer("services.{$key}.minutes"),
                    'price_cents' => (int) round(100 * $this->float("services.{$key}.price")),
                ];
            }
        }

        return $services;
    }

    private function price(): SumOfMoney
    {
        return new SumOfMoney($this->currency(), 'refusals.hours.services-price');
    }

    /** @return string ISO 4217; one that has hundredths where none is chosen that there is */
    private function currency(): string
    {
        $typed = $this->input('currency');

        return is_string($typed) && isset(Money::currencies()[$typed]) ? $typed : 'EUR';
    }

    /** @return list<string> those that ship, and none: a file of its own comes later */
    private function climates(): array
    {
        return array_values(array_diff(array_keys((array) trans('nagomi.climates')), [SalonClimate::OWN]));
    }

    private function typedWeek(): TypedWeek
    {
        return new TypedWeek((array) $this->input('hours', []), app(Parameters::class)->scheduling);
    }
}
