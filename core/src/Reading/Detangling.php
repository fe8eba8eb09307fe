<?php

declare(strict_types=1);

namespace Nagomi\Core\Reading;

/** The detangling by the clock: minutes over all sections, knots cut, hair lost; a side of long thick hair under 7 minutes is good, 20 to 40 in all are common (common practice, no source). */
final readonly class Detangling implements Test
{
    use AsksForNumbers;

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
            new RawMeasure('minutes', 'Minutes over all sections', 'minutes', 0.5, 240, likely: [3, 90]),
            new RawMeasure('sections', 'Sections', 'sections', 1, 16, whole: true),
            new RawMeasure('knots_cut', 'Knots cut', 'knots', 0, 60, whole: true),
        ];
    }

    public function measure(array $raw): array
    {
        $each = $this->number($raw, 'minutes') / max(1.0, $this->number($raw, 'sections'));

        return [
            new Measured(Sign::DetanglingMinutes, $each, Sign::DetanglingMinutes->sd(), $each > 7 ? 'slow: slip, smaller sections or a pre-wash may help' : 'under 7 minutes a section'),
            new Measured(Sign::KnotsCut, $this->number($raw, 'knots_cut'), Sign::KnotsCut->sd(), 'knots that could not be massaged apart'),
        ];
    }
}
