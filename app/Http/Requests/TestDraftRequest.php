<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Readings\VisitImpact;
use App\Bridge\Readings\VisitImpacts;
use App\Models\Head;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Treatments\Calendar;

/** What stands under Hair tests so far, finished or not. */
final class TestDraftRequest extends FormRequest
{
    private const MOST_FIELDS = 600;
    private const LONGEST = 400;

    /**
     * The parts of the form that are typed, and those that say how they are to be read; the others belong to the page.
     */
    private const TYPED = ['raw', 'zones', 'skip', 'taps'];
    private const BESIDES = ['zone', 'date', 'unit'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['moment' => ['required', Rule::enum(Moment::class)], 'visit' => ['required', 'ulid']];
    }

    public function moment(): string
    {
        return $this->string('moment')->value();
    }

    public function visit(): string
    {
        return strtolower($this->string('visit')->value());
    }

    /** @return array<string, string> what is filled in, by the name of its field; none where nothing was typed */
    public function fields(): array
    {
        $typed = $this->named(self::TYPED);

        return $typed === [] ? [] : array_slice($typed + $this->named(self::BESIDES), 0, self::MOST_FIELDS);
    }

    /**
     * @param list<string> $parts
     *
     * @return array<string, string>
     */
    private function named(array $parts): array
    {
        $fields = [];
        foreach (Arr::dot($this->only($parts)) as $path => $value) {
            $steps = explode('.', (string) $path);
            $unticked = $value === '0' && end($steps) === 'snapped';
            if (
                is_scalar($value) && (string) $value !== '' && ! $unticked && strlen((string) $value) <= self::LONGEST
            ) {
                $within = array_map(fn (string $step): string => "[{$step}]", array_slice($steps, 1));
                $fields[$steps[0] . implode('', $within)] = (string) $value;
            }
        }

        return $fields;
    }

    /**
     * @return list<string>|null names of the fields this device changed since it heard last; null: it holds the whole
     */
    public function changed(): ?array
    {
        $changed = $this->input('changed');

        return is_array($changed)
            ? array_slice(array_values(array_filter($changed, is_string(...))), 0, self::MOST_FIELDS)
            : null;
    }

    /** The revision of the draft this device has heard of. */
    public function base(): int
    {
        return max(0, $this->integer('base'));
    }

    /** What the tests that are whole so far would tell; null while there is none. */
    public function told(Head $head, string $by): ?VisitImpact
    {
        /** @var User $user */
        $user = $this->user();
        $today = Calendar::dayOf($user->salon->today());
        $typed = \DateTimeImmutable::createFromFormat('!Y-m-d', $this->string('date')->value());
        $date = $typed === false ? $today : min($today, Calendar::dayOf($typed));
        $moment = Moment::from($this->moment());
        $readings = [];
        foreach (TestEntries::of($this->all(), Zone::tryFrom($this->string('zone')->value())) as $entry) {
            if (
                $entry->problems() === []
                    && in_array($moment, TestCatalogue::test($entry->test)?->moments() ?? [], true)
            ) {
                $readings[] = new Reading(
                    "{$entry->test} {$entry->zone?->value}",
                    $date,
                    $moment,
                    $entry->test,
                    $entry->raw,
                    $entry->zone,
                    $by,
                );
            }
        }

        return $readings === [] ? null : app(VisitImpacts::class)->of($head, $readings);
    }

    /** @return array<string, array{readings: list<array<string, mixed>>}> */
    public function byTest(?VisitImpact $told): array
    {
        $tests = [];
        foreach ($told->readings ?? [] as $reading) {
            $tests[is_string($reading['test']) ? $reading['test'] : '']['readings'][] = $reading;
        }

        return $tests;
    }
}
