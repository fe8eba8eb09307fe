<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\User;
use App\Models\Visit;
use App\Wording\Said;
use App\Wording\SkipReason;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Treatments\Calendar;

/** A visit under Hair tests: whichever of its tests were filled in. */
final class HairTestsRequest extends FormRequest
{
    use Sentences;

    private const MOST_SECONDS = 65_000;

    /** @var list<TestEntry>|null */
    private ?array $entries = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $today = $user->salon->today()->format('Y-m-d');

        return [
            'visit' => ['nullable', 'ulid'],
            'date' => ['required', 'date_format:Y-m-d', "before_or_equal:{$today}", 'after_or_equal:1990-01-01'],
            'moment' => ['required', Rule::enum(Moment::class)],
            'zone' => ['nullable', Rule::enum(Zone::class)],
            'version' => ['nullable', 'integer'],
            'raw' => ['array'],
            'zones' => ['array'],
            'because' => $this->isMethod('put') ? ['required', 'string', 'max:400'] : ['nullable'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'date' => Words::say('refusals.shared.date'),
            'because' => Words::say('refusals.hair-tests.because'),
        ]) + ['visit.ulid' => Words::say('refusals.hair-tests.damaged')];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($this->entries() === []) {
                $validator->errors()->add('raw', Words::say('refusals.hair-tests.raw'));
            }
            $moment = Moment::tryFrom($this->string('moment')->value());
            foreach ($this->entries() as $entry) {
                if (
                    $moment !== null && ! in_array($moment, TestCatalogue::test($entry->test)?->moments() ?? [], true)
                ) {
                    $validator->errors()->add(
                        'moment',
                        Words::say('refusals.hair-tests.moment'),
                    );
                }
                foreach ($entry->problems() as $path => $problem) {
                    $validator->errors()->add($path, Said::of($problem));
                }
            }
            $visit = $this->route('visit');
            if (
                $visit instanceof Visit
                    && $this->filled('version')
                    && ! $validator->errors()->has('version')
                    && $this->integer('version') !== $visit->version()
            ) {
                $by = $visit->accounts()->reorder()->latest('id')->first()?->by;
                $validator->errors()->add('visit', Words::say('forms.corrected', ['by' => is_string($by) ? $by : '']));
            }
            if ($this->isAnothers()) {
                $validator->errors()->add('visit', Words::say('refusals.hair-tests.damaged'));
            }
            if ($validator->errors()->isEmpty()) {
                $this->askOnceMore($validator);
            }
        });
    }

    /** Whether the visit's key stands for a visit of another head. */
    private function isAnothers(): bool
    {
        $head = $this->route('head');

        return $this->filled('visit')
            && Visit::query()
                ->withoutGlobalScope('salon')
                ->whereKey($this->visit())
                ->where('head_id', '!=', $head instanceof Head ? $head->id : '')
                ->exists();
    }

    /**
     * An unlikely value is taken in when it comes again after it was asked about; another value is asked about anew.
     */
    private function askOnceMore(Validator $validator): void
    {
        $asked = (array) $this->input('asked', []);
        $unlikely = [];
        foreach ($this->entries() as $entry) {
            foreach ($entry->questions() as $path => $question) {
                $unlikely[] = $mark = $entry->mark($path);
                if (! in_array($mark, $asked, true)) {
                    $validator->errors()->add($path, Said::of($question));
                }
            }
        }
        $this->session()->flash('asked', $unlikely);
    }

    /** @return list<TestEntry> */
    public function entries(): array
    {
        return $this->entries ??= TestEntries::of($this->all(), Zone::tryFrom($this->string('zone')->value()));
    }

    /** The visit's own key; what is sent twice carries the same. */
    public function visit(): string
    {
        return strtolower($this->string('visit')->value() ?: (string) Str::ulid());
    }

    /** @return list<Reading> one for each entry, in their order */
    public function readings(string $by): array
    {
        $date = Calendar::dayOf($this->date('date', 'Y-m-d') ?? now());
        $moment = Moment::from($this->string('moment')->value());

        return array_map(
            fn (TestEntry $entry): Reading => new Reading(
                strtolower((string) Str::ulid()),
                $date,
                $moment,
                $entry->test,
                $entry->raw,
                $entry->zone,
                $by,
            ),
            $this->entries(),
        );
    }

    /** @return list<array<string, mixed>> as typed or tapped, for each entry, in their order */
    public function typed(): array
    {
        return array_map(function (TestEntry $entry): array {
            $taps = json_decode($this->string("taps.{$entry->test}")->value(), true, 8);

            return $entry->typed + (
                is_array($taps) && strlen((string) json_encode($taps)) < 4000 ? ['taps' => $taps] : []
            );
        }, $this->entries());
    }

    /** @return array<string, int> how long each test took at the chair */
    public function seconds(): array
    {
        $seconds = [];
        foreach ((array) $this->input('took', []) as $test => $took) {
            if (is_string($took) && ctype_digit($took) && (int) $took < self::MOST_SECONDS) {
                $seconds[(string) $test] = (int) $took;
            }
        }

        return $seconds;
    }

    /** @return array<string, string> reason by test; what was filled in was not skipped */
    public function skipped(): array
    {
        $taken = array_map(fn (TestEntry $entry): string => $entry->test, $this->entries());
        $skipped = array_filter(
            (array) $this->input('skip', []),
            fn (mixed $reason, string|int $test): bool => TestCatalogue::test((string) $test) !== null
                && is_string($reason)
                && SkipReason::tryFrom($reason) !== null
                && ! in_array($test, $taken, true),
            ARRAY_FILTER_USE_BOTH,
        );

        /** @var array<string, string> $skipped */
        return $skipped;
    }

    /** @return array<string, string> the unit in which each kind of measure is typed */
    public function units(): array
    {
        return array_map(fn (Unit $unit): string => $unit->value, TestEntries::units($this->input('unit')));
    }
}
