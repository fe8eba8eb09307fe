<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Pages\Today\SeriesScreen;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** The days and times on which a client comes again, as they were offered and chosen. */
final class SeriesRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slots' => ['required', 'array', 'min:1', 'max:' . (SeriesScreen::MOST_TIMES - 1)],
            'slots.*' => ['string', 'distinct', 'regex:/^\d{4}-\d{2}-\d{2} \d{1,2}:\d{2} \d{1,9}$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $choose = Words::say('series.choose');

        return $this->forEveryRule(['slots' => $choose, 'slots.*' => $choose])
            + ['slots.*.regex' => $choose, 'slots.*.distinct' => $choose];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && count($this->slots()) !== count((array) $this->input('slots'))) {
                $validator->errors()->add('slots', Words::say('series.choose'));
            }
        });
    }

    /** @return list<array{date: CarbonImmutable, minute: int, user: User}> the earliest first; what cannot be is left out */
    public function slots(): array
    {
        /** @var User $user */
        $user = $this->user();
        $stylists = User::query()->where('salon_id', $user->salon_id)->get()->keyBy('id');
        $slots = [];
        foreach ((array) $this->input('slots') as $slot) {
            [$day, $time, $key] = explode(' ', is_string($slot) ? $slot : '') + ['', '', ''];
            [$date, $minute] = [SalonClock::day($user->salon, $day), SalonClock::typedOn($user->salon, $time)];
            $stylist = $stylists->get((int) $key);
            $isAhead = $date !== null && $date->greaterThanOrEqualTo($user->salon->today())
                && $date->lessThanOrEqualTo($user->salon->today()->addYears(2));
            if ($date !== null && $isAhead && $minute !== null && $stylist !== null) {
                $slots[] = ['date' => $date, 'minute' => $minute, 'user' => $stylist];
            }
        }
        usort($slots, static fn (array $a, array $b): int => [
            $a['date'], $a['minute'],
        ] <=> [$b['date'], $b['minute']]);

        return $slots;
    }
}
