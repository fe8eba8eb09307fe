<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bridge\Practice\PlayedLife;
use App\Care\Practice\PlayedCases;
use App\Models\PlayedCase;
use App\Models\Salon;
use App\Models\User;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Practice\PracticeLife;

/**
 * What the apprentice of the demo and a colleague played in the practice chair: an apprentice who is too sure at first and
 * learns to say what can be known, and one client whom both took.
 */
final class DemoPractice
{
    /** Who played what, how many days ago, how much surer than the tests allow (1: as sure as can be), and how well. */
    private const PLAYED = [
        ['wren@saltlight.example', 'overdone-with-protein', 19, 1.0, true],
        ['quim@saltlight.example', 'overdone-with-protein', 16, 3.0, false],
        ['quim@saltlight.example', 'limp-after-co-wash', 9, 1.7, true],
        ['quim@saltlight.example', 'dry-though-masked', 2, 1.1, true],
    ];
    private const OPEN = ['quim@saltlight.example', 'stretches-and-stays', 0, 1.0, true];
    private const OPEN_VISITS = 2;

    private const TESTS = ['dryness', 'feel', 'wet-stretch', 'build-up-signs'];

    /** From that on it is thought to be so, and treated. */
    private const LIKELY = 0.35;

    /** Water from which lime is thought of, mg/L. */
    private const HARD_MG_PER_L = 200.0;

    public function __construct(private readonly PlayedCases $playedCases, private readonly PlayedLife $playedLife)
    {
    }

    public function fill(Salon $salon): void
    {
        foreach (self::PLAYED as $played) {
            $case = $this->play($salon, $played, PlayedLife::VISITS);
            // The calendar and the planner; what each decision came to is worked out when somebody opens it.
            $this->playedCases->compare($case);
            $this->playedCases->compare($case);
        }
        $this->play($salon, self::OPEN, self::OPEN_VISITS);
    }

    /** @param array{string, string, int, float, bool} $of */
    private function play(Salon $salon, array $of, int $visits): PlayedCase
    {
        [$email, $name, $daysAgo, $sureness, $isLearned] = $of;
        $user = User::query()->where('email', $email)->where('salon_id', $salon->id)->firstOrFail();
        $played = $this->playedCases->begin($user, $name, 0);
        $begun = $played->begun_at->subDays($daysAgo);
        $played->update(['from_on' => $salon->today()->subDays($daysAgo)->format('Y-m-d'), 'begun_at' => $begun]);
        for ($turn = 0; $turn < $visits; $turn++) {
            $this->playedCases->test($played->refresh()->load('acts'), $turn, self::TESTS);
            $life = $this->playedLife->of($played->load('acts'));
            foreach ([true, false] as $treats) {
                // What there is no money for any more is left out.
                $visit = self::visit($life, $sureness, $isLearned, $treats);
                if ($this->playedCases->decide($played, $turn, $visit) === null) {
                    break;
                }
            }
        }
        if ($played->refresh()->ended_at !== null) {
            $played->update(['ended_at' => $begun->addMinutes(12)]);
        }

        return $played->load('acts');
    }

    /**
     * @param bool $isLearned whoever has learned treats until the next visit, and thinks of what lies on the hair
     * @param bool $treats    false: there is no money left
     *
     * @return StoredPlayedVisit
     */
    private static function visit(PracticeLife $life, float $sureness, bool $isLearned, bool $treats): array
    {
        $run = KalmanFilter::through(new HeadHistory($life->told, $life->washDays, $life->readings), $life->date());
        $cells = CellProbabilities::ofHead($run->last()->state);
        $sides = CellProbabilities::sides($cells);
        $isWet = ! $treats || $sides['moisture_high'] >= self::LIKELY;
        $isWeak = $treats && $sides['protein_low'] >= self::LIKELY;
        $sure = array_map(static fn (float $share): float => $share ** $sureness, $cells);
        $thorough = $life->told->hardness() >= self::HARD_MG_PER_L ? 'chelating' : 'clarifying';

        return [
            'belief' => array_map(static fn (float $weight): float => $weight / array_sum($sure), $sure),
            'porosity' => null,
            'today' => [
                'cleanse' => $treats && $isLearned && $life->turn % 2 === 0 ? $thorough : 'gentle', 'passes' => 1,
                'pre_wash' => null, 'protein' => match (true) {
                    ! $isWeak => null,
                    $isLearned => 'strong-protein',
                    default => 'mild-protein',
                },
                'mask_minutes' => $isWet ? null : 20, 'heat' => false, 'scalp_oil' => false,
            ],
            'home' => [
                'every' => $life->told->washEveryDays, 'cleanse' => 'gentle',
                'mask_every' => $isWet ? 0 : ($isLearned ? 1 : 3), 'mask_minutes' => $isLearned ? 20 : 10,
                'protein_every' => 0,
                'clarify_every' => $isLearned ? 4 : 0, 'oil' => false,
            ],
        ];
    }
}
