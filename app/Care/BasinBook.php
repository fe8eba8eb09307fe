<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Desk\Progress;
use App\Models\Basin;
use App\Models\BasinAct;
use App\Models\Product;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;
use Nagomi\Core\WashDay\DoubtfulMinutes;
use Nagomi\Core\WashDay\Styling;

/** Takes the acts of a running wash day in, each once, and puts what was really done into the book. */
final class BasinBook
{
    private const KINDS = ['done', 'section', 'skip', 'back', 'repeat', 'swap', 'note', 'amount'];

    private const HARDLY_ANY_FOAM = 2;

    /** Taps from further off were made by a tablet whose clock is wrong. */
    private const CLOCK_OFF_HOURS = 12;

    /**
     * @param list<array{key: string, kind: string, step: string, value: array<string, mixed>, at: string}> $acts
     */
    public static function act(Basin $basin, array $acts, string $by, string $device): void
    {
        DB::transaction(function () use ($basin, $acts, $by, $device): void {
            // Two tablets at one head: one after the other.
            Basin::query()->whereKey($basin->id)->lockForUpdate()->first();
            foreach ($acts as $act) {
                if ($basin->acts()->where('key', $act['key'])->exists() || ! in_array($act['kind'], self::KINDS, true)) {
                    continue;
                }
                $state = BasinState::of($basin, self::acts($basin));
                $basin->acts()->create(['key' => $act['key'], 'kind' => $act['kind'], 'step' => $act['step'], 'value' => $act['value'], 'acted_at' => self::when($act['at']), 'by' => $by, 'device' => $device, 'refused' => $state->refuses($act['kind'], $act['step'], $device)]);
            }
        });
    }

    /** @return list<BasinAct> */
    public static function acts(Basin $basin): array
    {
        return array_values($basin->acts()->get()->all());
    }

    private static function when(string $at): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        $when = rescue(fn (): CarbonImmutable => CarbonImmutable::parse($at), $now, false);

        return abs($when->diffInHours($now)) > self::CLOCK_OFF_HOURS ? $now : $when;
    }

    /**
     * Steps whose minutes a forgotten or hurried tap may have made.
     *
     * @return array<string, array{label: string, minutes: float, says: float, planned: float}> by key of the step
     */
    public static function doubtful(Basin $basin): array
    {
        $state = BasinState::of($basin, self::acts($basin));
        $doubtful = [];
        foreach ($basin->steps() as $i => $planned) {
            $key = is_string($planned['key'] ?? null) ? $planned['key'] : '';
            $kind = StepKind::tryFrom(is_array($planned['books'] ?? null) && is_string($planned['books']['kind'] ?? null) ? $planned['books']['kind'] : '');
            if ($kind === null || ! $state->isDone($key) || ! self::teaches($kind)) {
                continue;
            }
            $usual = $kind === StepKind::Detangle ? self::number($planned, 'hands_on_minutes') : self::onFor($basin->steps(), $i);
            $minutes = self::minutes($state, $kind, $key);
            if ($minutes !== null && DoubtfulMinutes::are($minutes, $usual)) {
                $doubtful[$key] = ['label' => is_string($planned['label'] ?? null) ? $planned['label'] : $key, 'minutes' => round($minutes, 1), 'says' => round($minutes < Step::LEAST_MINUTES ? $usual : $minutes, 1), 'planned' => round($usual)];
            }
        }

        return $doubtful;
    }

    /**
     * Minutes a treatment is planned to be on: its own, and those of the hands that work beside it.
     *
     * @param list<array<string, mixed>> $steps
     */
    private static function onFor(array $steps, int $i): float
    {
        $minutes = self::number($steps[$i], 'waiting_minutes');
        for ($next = $i + 1; ($steps[$next]['beside'] ?? false) === true; $next++) {
            $minutes += self::number($steps[$next], 'hands_on_minutes');
        }

        return $minutes;
    }

    /** @param array<string, mixed> $step */
    private static function number(array $step, string $name): float
    {
        return is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
    }

    private static function teaches(StepKind $kind): bool
    {
        return $kind === StepKind::Detangle || $kind === StepKind::PreWash || $kind->needsMinutes();
    }

    private static function minutes(BasinState $state, StepKind $kind, string $key): ?float
    {
        return $kind === StepKind::Detangle ? $state->handsMinutes($key) : $state->contactMinutes($key);
    }

    /**
     * Ends the day: what was done goes into the book, what was used off the shelf, what came for free to the Bench.
     *
     * @param array<string, float> $said minutes of steps as somebody said they were, by key
     */
    public static function finish(Basin $basin, string $by, array $said = []): void
    {
        DB::transaction(function () use ($basin, $by, $said): void {
            // Two devices end one wash day: the second finds it ended.
            /** @var Basin $locked */
            $locked = Basin::query()->whereKey($basin->id)->lockForUpdate()->sole();
            $basin->setRawAttributes($locked->getAttributes(), true);
            if ($basin->finished_at !== null) {
                return;
            }
            $head = $basin->head;
            $head->loadMissing(['salon', 'outlook']);
            $before = Renewal::current($head)->standing;
            $state = BasinState::of($basin, self::acts($basin));
            $basin->update(['finished_at' => now()]);
            Progress::through($head, $by);
            $date = HeadRecord::date($basin->date);
            $steps = self::steps($basin, $state, $said);
            $key = strtolower((string) Str::ulid());
            if ($steps !== []) {
                TakeIn::washDays($head, [new WashDay($key, $date, $steps, Place::Salon)]);
            }
            foreach ($basin->steps() as $step) {
                $product = is_array($step['product'] ?? null) && is_string($step['product']['id'] ?? null) ? Product::query()->find($step['product']['id']) : null;
                $ml = $state->amountMl($step);
                if ($product !== null && $ml > 0 && $state->isDone((string) $step['key'])) {
                    Stockroom::used($product, $ml, $by, "basin {$basin->id} {$step['key']}", $basin->id);
                }
            }
            $readings = self::readings($state, $head->sections, $date, $by, $said);
            $visit = null;
            // Each moment of the day is a visit of its own; foam tells of the hair as it came.
            foreach ($readings as $reading) {
                $visit = VisitBook::take($head, strtolower((string) Str::ulid()), [$reading], $by)->id;
            }
            $styling = Styling::tryFrom(is_string($basin->plan['styling'] ?? null) ? $basin->plan['styling'] : '');
            if ($styling !== null && $state->isDone('style')) {
                StyleBook::begin($head, $styling, $date);
            }
            OutlookRefresh::after($head, $date);
            $basin->update(['wash_day' => $steps === [] ? null : $key, 'visit' => $visit, 'outcome' => [
                'before' => $before,
                'planned_minutes' => $basin->plan['finish_minutes'] ?? null,
                'actual_minutes' => $state->minutesInAll(),
                'steps' => $state->compared(),
            ]]);
        });
    }

    /**
     * @param array<string, float> $said
     *
     * @return list<Step> what was really done to the balance, with the minutes it really took
     */
    private static function steps(Basin $basin, BasinState $state, array $said): array
    {
        $steps = [];
        foreach ($basin->steps() as $planned) {
            $books = is_array($planned['books'] ?? null) ? $planned['books'] : null;
            $key = is_string($planned['key'] ?? null) ? $planned['key'] : '';
            $kind = StepKind::tryFrom(is_string($books['kind'] ?? null) ? $books['kind'] : '');
            if ($books === null || $kind === null || ! $state->isDone($key)) {
                continue;
            }
            $minutes = self::teaches($kind) ? $said[$key] ?? self::minutes($state, $kind, $key) : null;
            $steps[] = new Step(
                $kind,
                $minutes === null ? null : max(Step::LEAST_MINUTES, min(Step::MOST_MINUTES, round($minutes, 1))),
                ($books['heat'] ?? false) === true,
                CleanseKind::tryFrom(is_string($books['cleanse'] ?? null) ? $books['cleanse'] : ''),
                min(Step::MOST_PASSES, (is_int($books['passes'] ?? null) ? $books['passes'] : 1) + $state->repeats($key)),
                is_string($books['how'] ?? null) ? $books['how'] : null,
                is_string($books['tool'] ?? null) ? $books['tool'] : null,
                product: is_array($planned['product'] ?? null) && is_string($planned['product']['name'] ?? null) ? $planned['product']['name'] : null,
            );
        }

        return $steps;
    }

    /**
     * @param array<string, float> $said
     *
     * @return list<Reading> what the day told without anybody measuring: how long the detangling took, whether it foamed
     */
    private static function readings(BasinState $state, int $sections, \DateTimeImmutable $date, string $by, array $said): array
    {
        $readings = [];
        $wet = $state->isDone('wet-through') ? $state->handsMinutes('wet-through') : null;
        if ($wet !== null && $wet >= 0.2 && $wet <= 60) {
            $readings[] = new Reading(strtolower((string) Str::ulid()), $date, Moment::BeforeCleansing, 'wet-through', ['minutes' => round($wet, 1)], null, $by);
        }
        foreach (['cleanse', 'cleanse-1'] as $key) {
            // What was tapped is plain; the test's own scale says how plainly: hardly any foam.
            if ($state->count($key, 'no-foam') > 0) {
                $readings[] = new Reading(strtolower((string) Str::ulid()), $date, Moment::BeforeCleansing, 'lather', ['points' => self::HARDLY_ANY_FOAM], null, $by);
                break;
            }
        }
        $minutes = $state->isDone('detangle') ? $said['detangle'] ?? $state->handsMinutes('detangle') : null;
        if ($minutes !== null && $minutes >= 0.5 && $minutes <= 240) {
            $readings[] = new Reading(strtolower((string) Str::ulid()), $date, Moment::AfterCleansing, 'detangling', ['minutes' => round($minutes, 1), 'sections' => min(16, $sections), 'knots_cut' => min(60, $state->count('detangle', 'knot'))], null, $by);
        }

        return $readings;
    }
}
