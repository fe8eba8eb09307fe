<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Plans\StoredPlanTerms;
use App\Models\Head;
use App\Pages\Plan\PlanScreen;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;

/** Something that is to come: a day that counts, swimming, new colour, days away. */
final class OccasionRequest extends FormRequest
{
    use Sentences;

    private const AWAY = 'away';

    protected function prepareForValidation(): void
    {
        // One day is from and until at once.
        $this->merge([
            'occasion_until' => $this->filled('occasion_until')
                ? $this->input('occasion_until')
                : $this->input('occasion_from'),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Head $head */
        $head = $this->route('head');
        $today = $head->salon->today();

        return [
            'occasion' => ['required', Rule::in([self::AWAY, ...array_column(OccasionKind::cases(), 'value')])],
            'occasion_from' => [
                'required',
                'date_format:Y-m-d',
                "after_or_equal:{$today->format('Y-m-d')}",
                "before_or_equal:{$today->addYears(2)->format('Y-m-d')}",
            ],
            // Where the first day is missing, that alone is asked for.
            'occasion_until' => [
                'nullable',
                'date_format:Y-m-d',
                'after_or_equal:occasion_from',
                "before_or_equal:{$today->addYears(2)->format('Y-m-d')}",
            ],
            'occasion_what' => ['nullable', 'string', 'max:80'],
            'occasion_style_day' => ['nullable', 'integer', 'between:1,' . Occasion::LAST_STYLE_DAY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'occasion' => Words::say('refusals.occasion.occasion'),
            'occasion_from' => Words::say('refusals.occasion.occasion-from'),
            'occasion_until' => Words::say('refusals.occasion.occasion-until'),
            'occasion_what' => Words::say('refusals.occasion.occasion-what'),
            'occasion_style_day' => Words::say('forms.style-day.wrong'),
        ]);
    }

    /** @return array<string, mixed> the season with it */
    public function season(): array
    {
        /** @var Head $head */
        $head = $this->route('head');
        $span = [
            'from' => $this->string('occasion_from')->value(),
            'until' => $this->string('occasion_until')->value(),
        ];
        if ($this->string('occasion')->value() === self::AWAY) {
            return app(StoredPlanTerms::class)->with(
                $head,
                [
                    'away' => [
                        ...is_array($head->season['away'] ?? null) ? array_values($head->season['away']) : [],
                        $span,
                    ],
                ],
            );
        }
        $kept = array_map(
            fn (array $occasion): array => array_filter($occasion),
            app(PlanScreen::class)->occasions($head),
        );

        return app(StoredPlanTerms::class)->with(
            $head,
            [
                'occasions' => [
                    ...$kept,
                    array_filter(
                        [
                            'kind' => $this->string('occasion')->value(),
                            'what' => trim($this->string('occasion_what')->value()),
                            'style_day' => $this->string('occasion')->value() === OccasionKind::BestDay->value
                                ? $this->integer('occasion_style_day')
                                : 0,
                        ] + $span,
                    ),
                ],
            ],
        );
    }

    public function says(): string
    {
        $from = $this->string('occasion_from')->value();
        $until = $this->string('occasion_until')->value();

        return Words::say($until === '' || $until === $from ? 'plan-acts.occasion-day' : 'plan-acts.occasion', [
            'what' => Words::of('occasions.' . $this->string('occasion')->value()),
            'from' => SalonClock::dayInWords($from, 'j M'),
            'until' => SalonClock::dayInWords($until === '' ? $from : $until, 'j M'),
        ]);
    }
}
