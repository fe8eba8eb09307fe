<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * The detangling by the clock: minutes over all sections, or each section timed with its tool; knots cut. A side of
 * long thick
 * hair under 7 minutes is good, 20 to 40 in all are common (common practice, no source).
 */
final readonly class Detangling implements Test
{
    use AsksForNumbers;

    public const TOOLS = ['fingers', 'comb', 'brush'];
    public const MOST_SECTIONS = 16;

    public function name(): string
    {
        return 'detangling';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterCleansing, Moment::AfterStyling, Moment::Home];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('minutes', 'Over all sections', 'minutes', 0.5, 240, likely: [3, 90]),
            new RawMeasure('sections', 'How many sections', '', 1, self::MOST_SECTIONS, whole: true),
            new RawMeasure('knots_cut', 'Knots that had to be cut', '', 0, 60, whole: true),
        ];
    }

    /** Each timed section: `timed` holds a list of `seconds` and `tool`; minutes and sections then follow from it. */
    public function problems(array $raw): array
    {
        if (! array_key_exists('timed', $raw)) {
            return $this->problemsOfNumbers($raw);
        }
        $timed = $raw['timed'];
        if (! is_array($timed) || ! array_is_list($timed) || $timed === [] || count($timed) > self::MOST_SECTIONS) {
            return ['timed' => 'Sections: time 1 to ' . self::MOST_SECTIONS . ' of them.'];
        }
        $problems = [];
        $seconds = new RawMeasure('seconds', 'Section', 's', 2, 7200);
        foreach ($timed as $i => $section) {
            $section = is_array($section) ? $section : [];
            $problem = $seconds->problem($section['seconds'] ?? null);
            if ($problem !== null) {
                $problems["timed.{$i}.seconds"] = $problem;
            }
            if (! in_array($section['tool'] ?? null, self::TOOLS, true)) {
                $problems["timed.{$i}.tool"] = 'Tool: choose fingers, comb or brush.';
            }
        }

        return $problems + $this->problemsOfNumbers(
            ['minutes' => 1, 'sections' => 1] + array_diff_key($raw, ['timed' => true]),
        );
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $minutes = $this->minutesBySection($raw);
        $each = $minutes === []
            ? $this->number($raw, 'minutes') / max(1.0, $this->number($raw, 'sections'))
            : array_sum($minutes) / count($minutes);

        return [
            new MeasuredSign(
                Sign::DetanglingMinutes,
                $each,
                Sign::DetanglingMinutes->sd($parameters->signs) / sqrt(max(1, count($minutes))),
                $this->meaning($each, $minutes, $raw, $parameters->readings->goodMinutesASection),
            ),
            new MeasuredSign(
                Sign::KnotsCut,
                $this->number($raw, 'knots_cut'),
                Sign::KnotsCut->sd($parameters->signs),
                $this->number($raw, 'knots_cut') > 0
                    ? 'knots that could not be massaged apart'
                    : 'no knot had to be cut',
            ),
        ];
    }

    /**
     * @param list<float>  $minutes
     * @param array<mixed> $raw
     */
    private function meaning(float $each, array $minutes, array $raw, float $goodMinutes): string
    {
        $means = $each > $goodMinutes
            ? 'slow: slip, smaller sections or a pre-wash may help'
            : "under {$goodMinutes} minutes a section";
        if (count($minutes) < 2) {
            return $means;
        }
        $slowest = (int) array_search(max($minutes), $minutes, true);
        $timed = is_array($raw['timed']) ? $raw['timed'] : [];
        $section = is_array($timed[$slowest] ?? null) ? $timed[$slowest] : [];

        return sprintf(
            '%s; slowest was section %d with %.1f min by %s',
            $means,
            $slowest + 1,
            $minutes[$slowest],
            is_string($section['tool'] ?? null) ? $section['tool'] : 'hand',
        );
    }

    /**
     * @param array<mixed> $raw
     *
     * @return list<float>
     */
    private function minutesBySection(array $raw): array
    {
        $timed = is_array($raw['timed'] ?? null) ? array_values($raw['timed']) : [];

        return array_map(
            fn (mixed $section): float => is_array($section) ? $this->number($section, 'seconds') / 60 : 0.0,
            $timed,
        );
    }
}
