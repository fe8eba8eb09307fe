<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Care\HeadRecord;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;

/** A visit on the Bench: whichever of its tests were filled in. */
final class BenchRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $today = $user->salon->today()->format('Y-m-d');

        return [
            'date' => ['required', 'date_format:Y-m-d', "before_or_equal:{$today}", 'after_or_equal:1990-01-01'],
            'moment' => ['required', Rule::enum(Moment::class)],
            'zone' => ['nullable', Rule::enum(Zone::class)],
            'raw' => ['array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule(['date' => 'Date: type a day that exists and has been, such as 2026-02-28.']);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $raws = $this->raws();
            if ($raws === []) {
                $validator->errors()->add('raw', 'Fill in at least one test; leave the others empty.');
            }
            $moment = Moment::tryFrom($this->string('moment')->value());
            foreach ($raws as $name => $raw) {
                if ($moment !== null && ! in_array($moment, Bench::test($name)?->moments() ?? [], true)) {
                    $validator->errors()->add('moment', 'Moment: this test is taken at another moment of the day; choose it above.');
                }
                foreach (Bench::test($name)?->problems($raw) ?? [] as $path => $sentence) {
                    $validator->errors()->add("raw.{$name}.{$path}", $sentence);
                }
            }
            if ($validator->errors()->isEmpty()) {
                $this->askOnceMore($validator, $raws);
            }
        });
    }

    /**
     * An unlikely value is taken in when it comes again after it was asked about; another value is asked about anew.
     *
     * @param array<string, array<string, mixed>> $raws without problems
     */
    private function askOnceMore(Validator $validator, array $raws): void
    {
        $asked = (array) $this->input('asked', []);
        $unlikely = [];
        foreach ($raws as $name => $raw) {
            foreach (Bench::test($name)?->rawMeasures() ?? [] as $measure) {
                $value = $raw[$measure->name] ?? null;
                $question = is_int($value) || is_float($value) ? $measure->question((float) $value) : null;
                if ($question === null) {
                    continue;
                }
                $unlikely[] = $mark = "{$name}.{$measure->name}={$value}";
                if (! in_array($mark, $asked, true)) {
                    $validator->errors()->add("raw.{$name}.{$measure->name}", $question);
                }
            }
        }
        $this->session()->flash('asked', $unlikely);
    }

    /** @return list<Reading> */
    public function readings(string $by): array
    {
        $date = HeadRecord::date($this->date('date', 'Y-m-d') ?? now());
        $zone = $this->filled('zone') ? Zone::from($this->string('zone')->value()) : null;
        $readings = [];
        foreach ($this->raws() as $name => $raw) {
            $readings[] = new Reading(strtolower((string) Str::ulid()), $date, Moment::from($this->string('moment')->value()), $name, $raw, $zone, $by);
        }

        return $readings;
    }

    /** @return array<string, int> how long each test took at the chair */
    public function seconds(): array
    {
        $seconds = [];
        foreach ((array) $this->input('took', []) as $test => $took) {
            if (is_string($took) && ctype_digit($took) && (int) $took < 65_000) {
                $seconds[(string) $test] = (int) $took;
            }
        }

        return $seconds;
    }

    /** @return array<string, array<string, mixed>> raw measures by test, as numbers where they are numbers; tests left empty are left out */
    private function raws(): array
    {
        $raws = [];
        foreach (array_keys(Bench::tests()) as $name) {
            $typed = $this->input("raw.{$name}");
            $raw = is_array($typed) ? ($name === 'wet-stretch' ? $this->hairs($typed) : $this->numbers($typed)) : [];
            if ($raw !== []) {
                $raws[$name] = $raw;
            }
        }

        return $raws;
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<string, mixed>
     */
    private function numbers(array $typed): array
    {
        $numbers = [];
        foreach ($typed as $field => $value) {
            $number = TypedNumber::from($value);
            if ($number !== null) {
                $numbers[(string) $field] = $number;
            }
        }

        return $numbers;
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<string, mixed>
     */
    private function hairs(array $typed): array
    {
        $hairs = [];
        foreach (is_array($typed['hairs'] ?? null) ? $typed['hairs'] : [] as $hair) {
            $lengths = $this->numbers(is_array($hair) ? array_diff_key($hair, ['snapped' => true]) : []);
            if ($lengths !== []) {
                $hairs[] = $lengths + (is_array($hair) && ($hair['snapped'] ?? '') === '1' ? ['snapped' => true] : []);
            }
        }

        return $hairs === [] ? [] : ['hairs' => $hairs];
    }
}
