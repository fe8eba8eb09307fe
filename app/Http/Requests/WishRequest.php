<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Plans\WishedFor;
use App\Models\Head;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Treatments\Calendar;

/** Something wished of the plan for some days: a treatment left out or done later, another rhythm. */
final class WishRequest extends FormRequest
{
    use Sentences;

    private const LATER = 'later';

    private ?WishedFor $wished = null;

    protected function prepareForValidation(): void
    {
        $this->merge($this->fromTheSentence());
        $this->merge(['wish_days' => TypedNumber::from($this->input('wish_days'))]);
    }

    /**
     * The sentence of the page has one menu for all that can be done differently, and one number.
     *
     * @return array<string, mixed>
     */
    private function fromTheSentence(): array
    {
        $asked = $this->query('asked');

        return match ($asked) {
            null, '' => [],
            'leave-out' => ['wish' => 'leave-out'],
            self::LATER => ['wish' => self::LATER, 'wish_days' => $this->query('number')],
            'wash-every-for' => ['wish' => 'wash-every', 'wish_days' => $this->query('number')],
            default => ['change' => $asked],
        };
    }

    /** Asked by looking at the page, without anything to keep. */
    public function isAsked(): bool
    {
        return $this->filled('wish');
    }

    /** What was asked wrongly is asked again where it was asked. */
    protected function getRedirectUrl(): string
    {
        return route('clients.plan.what-if', $this->route('head'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->isMethod('get') && ! $this->isAsked()) {
            return [];
        }
        /** @var Head $head */
        $head = $this->route('head');
        $today = $head->salon->today();
        $last = "before_or_equal:{$today->addYears(2)->format('Y-m-d')}";
        $isLater = $this->input('wish') === self::LATER;

        return [
            'wish' => ['required', Rule::in(['leave-out', self::LATER, 'wash-every'])],
            'wish_what' => ['exclude_if:wish,wash-every', 'required', Rule::in(Wish::TREATMENTS)],
            'wish_from' => [
                'exclude_if:wish,later', 'required', 'date_format:Y-m-d',
                "after_or_equal:{$today->format('Y-m-d')}", $last,
            ],
            'wish_until' => [
                'exclude_if:wish,later', 'required', 'date_format:Y-m-d', 'after_or_equal:wish_from', $last,
            ],
            'wish_days' => [
                'exclude_if:wish,leave-out', 'required', 'integer',
                $isLater ? 'between:1,84' : 'between:' . Wish::FEWEST_DAYS . ',' . Wish::MOST_DAYS,
            ],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || ! $this->isAsked()) {
                return;
            }
            /** @var Head $head */
            $head = $this->route('head');
            $this->wished = $this->input('wish') === self::LATER
                ? WishedFor::later($head, $this->string('wish_what')->value(), $this->integer('wish_days'))
                : WishedFor::within(
                    $this->string('wish')->value(),
                    $this->input('wish') === 'leave-out' ? $this->string('wish_what')->value() : null,
                    $this->input('wish') === 'wash-every' ? $this->integer('wish_days') : null,
                    Calendar::dayOf($this->date('wish_from', 'Y-m-d') ?? now()),
                    Calendar::dayOf($this->date('wish_until', 'Y-m-d') ?? now()),
                );
            if ($this->wished === null) {
                $validator->errors()->add('wish_what', __('wishes.wrong.none-planned'));
            }
        });
    }

    /** @return array<string, string> what is wished, field by field, however it was asked */
    public function fields(): array
    {
        $fields = [];
        foreach (['wish', 'wish_what', 'wish_from', 'wish_until', 'wish_days'] as $field) {
            $value = $this->input($field);
            $fields[$field] = is_scalar($value) ? (string) $value : '';
        }

        return $fields;
    }

    /** Null where the page was only looked at. */
    public function wished(): ?WishedFor
    {
        return $this->wished;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'wish' => __('wishes.wrong.kind'),
            'wish_what' => __('wishes.wrong.treatment'),
            'wish_from' => __('wishes.wrong.from'),
            'wish_until' => __('wishes.wrong.until'),
            'wish_days' => __($this->input('wish') === self::LATER
                ? 'wishes.wrong.days-later'
                : 'wishes.wrong.days-every'),
        ]);
    }
}
