<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\SalonClimate;
use App\Models\User;
use App\Pages\Salon\SalonForm;
use App\Wording\Money;
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
            'name' => 'Name: type what the salon is called, up to 120 characters.',
            'phone' => Words::say('messages.phone.wrong'),
            'timezone' => 'Time zone: choose one from the list.',
            'hardness_mg_per_l' => 'Water hardness: type 0 to 1000 mg/L of CaCO₃.',
            'humidity_percent' => 'Humidity: type 0 to 100 %.',
            'currency' => 'Currency: choose one from the list.',
            'climate' => 'Weather: choose one from the list.',
        ]) + [
            'phone.regex' => Words::say('messages.phone.wrong'),
            'weather.max' => 'Weather: choose a CSV file of under 4 MB.',
            'weather.file' => 'Weather: choose a CSV file of under 4 MB.',
            'weather.uploaded' => 'Weather: choose a CSV file of under 4 MB.',
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
                        $validator->errors()->add('weather', $problem);
                    }
                }
            }
            if (
                ! $file instanceof UploadedFile
                    && $this->input('climate') === SalonClimate::OWN
                    && $this->stylist()->salon->air === null
            ) {
                $validator->errors()->add('weather', 'Weather: choose your file, or one of the climates that ship.');
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
