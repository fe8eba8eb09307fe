<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\Service;
use App\Models\User;
use App\Pages\Today\BookingWish;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\WashDay\DryingMethod;

/** Who waits for what, with whom, until when. */
final class WaitRequest extends FormRequest
{
    use Sentences;

    private const MOST_DAYS = 180;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $salon = $this->stylist()->salon_id;
        $of = fn (string $table) => Rule::exists($table, 'id')->where('salon_id', $salon);

        return [
            'head' => ['required', 'string', $of('heads')],
            'service' => ['required', 'integer', $of('services')],
            'with' => ['nullable', 'integer', $of('users')],
            'part' => ['nullable', Rule::in(BookingWish::PARTS)],
            'drying' => ['nullable', 'string', Rule::in(array_column(DryingMethod::cases(), 'value'))],
            'from' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:until'],
            'until' => [
                'required',
                'date_format:Y-m-d',
                'after_or_equal:' . $this->today()->format('Y-m-d'),
                'before_or_equal:' . $this->today()->addDays(self::MOST_DAYS)->format('Y-m-d'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $damaged = Words::say('booking.caller.damaged');

        return $this->forEveryRule([
            'head' => $damaged, 'service' => $damaged, 'with' => $damaged, 'part' => $damaged,
            'drying' => Words::say('booking.drying.choose'),
            'from' => Words::say('booking.wait.from-wrong', ['day' => $this->today()->format('Y-m-d')]),
            'until' => Words::say('booking.wait.until-wrong', [
                'day' => $this->today()->addDays(14)->format('Y-m-d'),
            ]),
        ]) + ['head.exists' => $damaged, 'service.exists' => $damaged, 'with.exists' => $damaged];
    }

    public function head(): Head
    {
        return Head::query()->findOrFail($this->string('head')->value());
    }

    public function service(): Service
    {
        return Service::query()->findOrFail($this->integer('service'));
    }

    public function with(): ?int
    {
        return $this->filled('with') ? $this->integer('with') : null;
    }

    public function drying(): ?DryingMethod
    {
        return DryingMethod::tryFrom($this->string('drying')->value());
    }

    /** The first day that suits; of a page opened days ago, today. */
    public function from(): CarbonImmutable
    {
        return $this->filled('from') ? $this->day('from')->max($this->today()) : $this->today();
    }

    public function until(): CarbonImmutable
    {
        return $this->day('until');
    }

    private function day(string $field): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string($field)->value(), $this->stylist()->salon->timezone);
    }

    public function today(): CarbonImmutable
    {
        return $this->stylist()->salon->today();
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
