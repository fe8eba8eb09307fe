<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\LengthHistory;
use App\Models\Head;
use DateTimeImmutable;
use Nagomi\Core\Estimation\RetainedLength;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Parameters\Parameters;

/** What became of a head's length, as its outlook keeps it. */
final readonly class OutlookLength
{
    public function __construct(private LengthHistory $lengthHistory, private Parameters $parameters)
    {
    }

    /** @return array<string, float>|null what grew, was cut, kept and broke off, in mm; null: too little was measured */
    public function of(Head $head, DateTimeImmutable $today): ?array
    {
        $length = RetainedLength::ofHistory(
            $this->lengthHistory->lengths($head, $today),
            $this->lengthHistory->trims($head, $today),
            CurlPattern::of($head->ring_mm, $head->bends_without_ring),
            $this->parameters,
        );

        return $length === null ? null : [
            'days' => $length->days,
            'grown' => round($length->grownMm, 1),
            'trimmed' => round($length->trimmedMm, 1),
            'retained' => round($length->retainedMm, 1),
            'broken' => round($length->brokenMm(), 1),
            'least' => round($length->brokenRangeMm()[0], 1),
            'most' => round($length->brokenRangeMm()[1], 1),
        ];
    }
}
