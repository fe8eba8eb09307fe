<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\Service;
use App\Models\User;
use App\Pages\Today\HouseholdOffers;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\WashDay\DryingMethod;

/** Several of a household who come together, at a time that was offered. */
final class HouseholdRequest extends FormRequest
{
    use Sentences;

    private const PAST_MINUTES = 15;

    /** Day, and time and stylist of each. */
    private const SLOT = '/^\d{4}-\d{2}-\d{2} \d{1,2}:\d{2} \d{1,9}(,\d{1,2}:\d{2} \d{1,9})*$/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $of = fn (string $table) => Rule::exists($table, 'id')->where('salon_id', $this->stylist()->salon_id);

        return [
            'head' => ['required', 'string', $of('heads')],
            'also' => ['required', 'array', 'min:1', 'max:' . HouseholdOffers::MOST_OTHERS],
            'also.*' => ['required', 'string', 'distinct', 'different:head', $of('heads')],
            'service' => ['required', 'integer', $of('services')],
            'drying' => ['nullable', 'string', Rule::in(array_column(DryingMethod::cases(), 'value'))],
            'slot' => ['required', 'string', 'regex:' . self::SLOT],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $choose = Words::say('booking.household.choose');
        $wrong = $this->forEveryRule([
            'head' => $choose, 'also' => $choose, 'also.*' => $choose, 'service' => $choose,
            'drying' => Words::say('booking.drying.choose'), 'slot' => Words::say('booking.household.time'),
        ]);

        return $wrong + [
            'head.exists' => $choose, 'also.*.exists' => $choose, 'also.*.distinct' => $choose,
            'also.*.different' => $choose, 'service.exists' => $choose,
            'slot.regex' => Words::say('booking.household.time'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && ! $this->isAhead()) {
                $validator->errors()->add('slot', Words::say('booking.household.time'));
            }
        });
    }

    private function isAhead(): bool
    {
        $date = $this->day();
        $come = $this->come();
        if ($date === null || count($come) !== 1 + count((array) $this->input('also'))) {
            return false;
        }
        foreach ($come as $one) {
            $starts = SalonClock::moment($this->stylist()->salon, $date->format('Y-m-d'), $one['minute']);
            if ($starts?->lessThan(CarbonImmutable::now()->subMinutes(self::PAST_MINUTES)) !== false) {
                return false;
            }
        }

        return true;
    }

    public function day(): ?CarbonImmutable
    {
        $salon = $this->stylist()->salon;
        $date = SalonClock::day($salon, explode(' ', $this->string('slot')->value())[0]);

        return $date?->lessThanOrEqualTo($salon->today()->addYears(2)) === true ? $date : null;
    }

    /** @return list<array{head: Head, minute: int, user: User}> in their order; what cannot be is left out */
    public function come(): array
    {
        $salonId = $this->stylist()->salon_id;
        $heads = Head::query()
            ->with('salon')
            ->where('salon_id', $salonId)
            ->find([$this->input('head'), ...array_values((array) $this->input('also'))])
            ->keyBy('id');
        $stylists = User::query()->where('salon_id', $salonId)->get()->keyBy('id');
        $times = explode(',', explode(' ', $this->string('slot')->value(), 2)[1] ?? '');
        $come = [];
        foreach ([$this->input('head'), ...array_values((array) $this->input('also'))] as $i => $key) {
            [$time, $user] = explode(' ', $times[$i] ?? '') + ['', ''];
            $head = $heads->get(is_string($key) ? $key : '');
            [$minute, $stylist] = [SalonClock::typedOn($this->stylist()->salon, $time), $stylists->get((int) $user)];
            if ($head !== null && $minute !== null && $stylist !== null) {
                $come[] = ['head' => $head, 'minute' => $minute, 'user' => $stylist];
            }
        }

        return count($times) === count($come) ? $come : [];
    }

    public function service(): Service
    {
        return Service::query()->findOrFail($this->integer('service'));
    }

    public function drying(): ?DryingMethod
    {
        return DryingMethod::tryFrom($this->string('drying')->value());
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
