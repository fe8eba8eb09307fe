<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\SalonClimate;
use App\Models\User;
use App\Pages\Salon\SalonForm;
use App\Wording\Money;
use App\Wording\Said;
use App\Wording\Words;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Climate\InvalidWeather;
use Nagomi\Core\Climate\WeatherFile;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does by default. */
final class SalonRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    /** @var array<string, float>|null the year of the weather file that came along */
    private ?array $year = null;

    protected function prepareForValidation(): void
    {
        $salon = $this->stylist()->salon;
        $this->mergeWhatOthersChanged(app(SalonForm::class)->name($salon), app(SalonForm::class)->fields($salon));
        $this->merge(array_map(TypedNumber::from(...), $this->only(['hardness_mg_per_l', 'humidity_percent'])));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [
            'name' => ['required', 'string', 'max:120'],
            'phone' => ['nullable', 'string', 'regex:/^\+?[\d ()\/-]{5,30}$/'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
            'hardness_mg_per_l' => ['required', 'numeric', 'between:0,1000'],
            'humidity_percent' => ['required', 'numeric', 'between:0,100'],
            'currency' => ['sometimes', 'required', Rule::in(array_keys(Money::currencies()))],
            'climate' => ['nullable', Rule::in(array_keys((array) trans('nagomi.climates')))],
            'weather' => ['nullable', 'file', 'max:4000'],
        ];
        foreach (MethodQuestion::cases() as $question) {
            $rules["method.{$question->value}"] = ['required', Rule::in($question->choices())];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => Words::say('refusals.salon.name'),
            'phone' => Words::say('messages.phone.wrong'),
            'timezone' => Words::say('refusals.salon.timezone'),
            'hardness_mg_per_l' => Words::say('refusals.salon.hardness-mg-per-l'),
            'humidity_percent' => Words::say('refusals.shared.humidity-percent'),
            'currency' => Words::say('refusals.salon.currency'),
            'climate' => Words::say('refusals.salon.climate'),
        ]) + [
            'phone.regex' => Words::say('messages.phone.wrong'),
            'weather.max' => Words::say('refusals.salon.weather-max'),
            'weather.file' => Words::say('refusals.salon.weather-max'),
            'weather.uploaded' => Words::say('refusals.salon.weather-max'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            $file = $this->file('weather');
            if ($file instanceof UploadedFile && ! $validator->errors()->has('weather')) {
                try {
                    $this->year = WeatherFile::year($file->getContent());
                } catch (InvalidWeather $invalid) {
                    foreach ($invalid->problems as $problem) {
                        $validator->errors()->add('weather', Said::of($problem));
                    }
                }
            }
            if (
                ! $file instanceof UploadedFile
                    && $this->input('climate') === SalonClimate::OWN
                    && $this->stylist()->salon->air === null
            ) {
                $validator->errors()->add('weather', Words::say('refusals.salon.weather'));
            }
        });
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        /** @var array<string, mixed> $validated */
        $validated = $this->validated();
        $columns = array_diff_key($validated, ['climate' => true, 'weather' => true]);
        $columns['climate'] = $this->year !== null
            ? SalonClimate::OWN
            : $this->input('climate') ?? $this->stylist()->salon->climate;

        return $this->year === null ? $columns : $columns + ['air' => $this->year];
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
