<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\Style;
use App\Models\User;
use App\Wording\Words;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\StyleLook;
use Nagomi\Core\WashDay\StylingMethod;

/** What was done to a style on a day: made, kept, or no longer good. */
final class StyleRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $head = $this->route('head');
        $made = $head instanceof Head ? Style::running($head)?->made_on->format('Y-m-d') : null;
        $notBefore = $this->isMethod('post') || $made === null ? 'after_or_equal:1990-01-01' : "after_or_equal:{$made}";

        return [
            'on' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->format('Y-m-d'),
                $notBefore,
            ],
            'styling' => [
                Rule::requiredIf($this->isMethod('post')),
                'nullable',
                Rule::enum(StylingMethod::class)->except(StylingMethod::NotToday),
            ],
            'stays_days' => ['nullable', 'integer', 'between:1,90'],
            'what' => ['nullable', Rule::in(Style::KEEPING)],
            ...array_fill_keys(StyleLook::SIGNS, [
                'nullable',
                'integer',
                'between:0,' . StyleLook::MOST,
                // One looked at is all looked at.
                'required_with:' . implode(',', StyleLook::SIGNS),
            ]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'on' => Words::say('refusals.style.on'),
            'stays_days' => Words::say('refusals.style.stays-days'),
        ]) + ['styling' => Words::say('refusals.style.styling'), 'what' => Words::say('refusals.style.what')]
            + array_fill_keys(StyleLook::SIGNS, Words::say('wash.look.choose'));
    }

    public function on(): DateTimeImmutable
    {
        return Calendar::dayOf($this->date('on', 'Y-m-d') ?? now());
    }

    /** @return StyleLook|null null where nobody looked */
    public function look(): ?StyleLook
    {
        return $this->filled(StyleLook::SIGNS[0]) ? new StyleLook(
            $this->integer('definition'),
            $this->integer('frizz'),
            $this->integer('moisture'),
        ) : null;
    }

    public function styling(): StylingMethod
    {
        return StylingMethod::from($this->string('styling')->value());
    }
}
