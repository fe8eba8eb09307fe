<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('minutes', Message::of('tests.detangling.minutes'), 'minutes', 0.5, 240, likely: [3, 90]),
            new RawMeasure(
                'sections',
                Message::of('tests.detangling.sections'),
                '',
                1,
                self::MOST_SECTIONS,
                whole: true,
            ),
            new RawMeasure('knots_cut', Message::of('tests.detangling.knots-cut'), '', 0, 60, whole: true),
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
            return ['timed' => Message::of('tests.problems.sections', most: self::MOST_SECTIONS)];
        }
        $problems = [];
        $seconds = new RawMeasure('seconds', Message::of('tests.detangling.seconds'), 's', 2, 7200);
        foreach ($timed as $i => $section) {
            $section = is_array($section) ? $section : [];
            $problem = $seconds->problem($section['seconds'] ?? null);
            if ($problem !== null) {
                $problems["timed.{$i}.seconds"] = $problem;
            }
            if (! in_array($section['tool'] ?? null, self::TOOLS, true)) {
                $problems["timed.{$i}.tool"] = Message::of('tests.problems.tool');
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
                Message::of(
                    $this->number($raw, 'knots_cut') > 0 ? 'readings.detangling.knots' : 'readings.detangling.no-knot',
                ),
            ),
        ];
    }

    /**
     * @param list<float>  $minutes
     * @param array<mixed> $raw
     */
    private function meaning(float $each, array $minutes, array $raw, float $goodMinutes): Message
    {
        $means = $each > $goodMinutes
            ? Message::of('readings.detangling.slow')
            : Message::of('readings.detangling.under', minutes: new Figure($goodMinutes));
        if (count($minutes) < 2) {
            return $means;
        }
        $slowest = (int) array_search(max($minutes), $minutes, true);
        $timed = is_array($raw['timed']) ? $raw['timed'] : [];
        $section = is_array($timed[$slowest] ?? null) ? $timed[$slowest] : [];

        return Message::of(
            'readings.detangling.slowest',
            means: $means,
            section: $slowest + 1,
            minutes: new Figure($minutes[$slowest], 1),
            tool: Message::of('tests.tools.' . (is_string($section['tool'] ?? null) ? $section['tool'] : 'fingers')),
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
