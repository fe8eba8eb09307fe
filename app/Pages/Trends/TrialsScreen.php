<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Trials\ProgrammeAdherence;
use App\Bridge\Trials\TrialResult;
use App\Models\Head;
use App\Models\Trial;
use App\Wording\Words;
use Illuminate\Support\Collection;

/** What is tried out on a head, and what its readings say of it. */
final readonly class TrialsScreen
{
    private const MOST = 12;

    public function __construct(
        private ProgrammeAdherence $programmeAdherence,
        private TrialResult $trialResult,
    ) {
    }

    public function of(Head $head): TrialsPage
    {
        /** @var Collection<int, Trial> $trials */
        $trials = $head->trials()->latest('id')->limit(self::MOST)->get();
        $signs = $this->trialResult->signs();

        return new TrialsPage(
            head: $head->loadMissing('salon'),
            trials: array_map(
                fn (Trial $trial): array => $this->trialResult->told($head, $trial),
                array_values($trials->all()),
            ),
            running: $trials->whereNull('ended_on')->count(),
            programmes: $this->programmeAdherence->all($head),
            signs: array_combine($signs, array_map(fn (string $sign): string => Words::of("signs.{$sign}"), $signs)),
        );
    }
}
