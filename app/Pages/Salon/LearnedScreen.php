<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Learning\HeadsToLearnFrom;
use App\Bridge\Learning\LearnedKind;
use App\Bridge\Learning\LearnedNumber;
use App\Bridge\Learning\LearningWork;
use App\Drawings\TimesShipped;
use App\Models\Learning;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use DateTimeInterface;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;

/** Shows what a salon's own records say of the numbers it goes by, beside those that ship. */
final readonly class LearnedScreen
{
    public const FEWEST = HeadsToLearnFrom::FEWEST;

    private const LISTED = 12;

    /** Below the first share of weight a number rests on what ships, from the second on one's own records. */
    private const RESTS = [0.34, 0.67];

    public function __construct(
        private HeadsToLearnFrom $heads,
        private KindsPartScreen $kindsPartScreen,
        private LearnedWords $learnedWords,
        private ResultsPartScreen $resultsPartScreen,
        private Parameters $parameters,
    ) {
    }

    public function isEnough(Salon $salon): bool
    {
        return count($this->heads->of($salon)) >= self::FEWEST;
    }

    public function of(Salon $salon): LearnedPage
    {
        /** @var Collection<int, Learning> $all */
        $all = Learning::query()->where('salon_id', $salon->id)->orderByDesc('id')->limit(self::LISTED)->get();
        $used = Learning::query()->where('salon_id', $salon->id)
            ->whereNotNull('used_at')->whereNull('left_at')->orderByDesc('id')->first();
        $newest = $all->first();
        $last = $all->first(static fn (Learning $one): bool => $one->factors !== null && $one->heads > 0);
        $isUnderWay = $newest?->isUnderWay() === true;

        return new LearnedPage(
            results: $this->resultsPartScreen->of($salon),
            now: $used?->used_at === null ? Words::say('learned.shipped-now') : Words::say('learned.used-now', [
                'day' => $this->day($salon, $used->asked_at), 'since' => $this->day($salon, $used->used_at),
                'by' => $used->used_by ?? '',
            ]),
            few: $this->few($salon),
            percent: $isUnderWay ? $this->percent($newest) : null,
            failed: $newest !== null && ! $isUnderWay && ($newest->failed || $newest->ended_at === null),
            last: $last,
            isBetter: $last !== null && (self::closer($last) > 0 || $this->isClear($last)),
            used: $used,
            rows: $last?->factors === null ? [] : array_map(
                $this->row(...),
                LearnedNumber::all($last->factors, $this->parameters),
            ),
            kinds: $this->kindsPartScreen->of($last),
            reasons: $this->reasons(),
            from: $last === null ? '' : Words::say('learned.from', [
                'clients' => $last->heads, 'results' => $last->readings,
                'months' => HeadsToLearnFrom::MONTHS_LOOKED_BACK,
                'day' => $this->day($salon, $last->asked_at),
            ]),
            held: $last === null ? '' : $this->held($last),
            before: array_values($all->filter(
                static fn (Learning $one): bool => $one->ended_at !== null && $one->id !== $last?->id,
            )->map(fn (Learning $one): string => $this->told($salon, $one))->all()),
        );
    }

    private function few(Salon $salon): string
    {
        $clients = count($this->heads->of($salon));

        return $clients >= self::FEWEST ? '' : Words::say('learned.few', [
            'least' => self::FEWEST, 'days' => HeadsToLearnFrom::FEWEST_DAYS,
            'months' => HeadsToLearnFrom::MONTHS_LOOKED_BACK, 'clients' => $clients,
        ]);
    }

    /** @return list<string> */
    private function reasons(): array
    {
        return array_map(static fn (string $reason): string => Words::say("learned.reasons.{$reason}", [
            'months' => HeadsToLearnFrom::MONTHS_LOOKED_BACK, 'days' => HeadsToLearnFrom::FEWEST_DAYS,
            'most' => HeadsToLearnFrom::MOST,
        ]), ['foretold', 'drawn', 'leans', 'together', 'kinds', 'clients']);
    }

    private function percent(Learning $learning): int
    {
        return $learning->work === null ? 0 : (int) floor(100 * LearningWork::ofStored($learning->work)->share());
    }

    private function row(LearnedNumber $number): LearnedRow
    {
        return new LearnedRow(
            name: $this->learnedWords->name($number),
            shipped: Words::say('learned.ships', ['number' => $this->learnedWords->with($number, $number->shipped)]),
            here: Words::say('learned.here', ['number' => $this->learnedWords->with($number, $number->here)]),
            between: Words::say('learned.between', [
                'least' => $this->learnedWords->figure($number, $number->between[0]),
                'most' => $this->learnedWords->figure($number, $number->between[1]),
            ]),
            rests: Words::say('learned.rests.' . match (true) {
                $number->weight < self::RESTS[0] => 'shipped',
                $number->weight < self::RESTS[1] => 'both',
                default => 'own',
            }),
            picture: TimesShipped::of($number->times, $number->timesBetween),
        );
    }

    private function held(Learning $learning): string
    {
        $all = max(1, $learning->readings);
        $share = static fn (string $of): int => (int) round(100 * ($learning->held[$of] ?? 0) / $all);
        $closer = self::closer($learning);

        return implode(' ', [
            Words::say('learned.closer.' . match (true) {
                $closer > 0 => 'yes',
                $this->isClear($learning) => 'clear',
                default => 'no',
            }, ['percent' => $closer]),
            Words::say('learned.held', ['shipped' => $share('shipped'), 'learned' => $share('learned')]),
        ]);
    }

    /** Whether it clearly differs from what ships: the next result may be foretold as well, the hair behind it not. */
    private function isClear(Learning $learning): bool
    {
        return LearnedNumber::clear($learning->factors ?? [], [], $this->parameters) !== []
            || LearnedKind::clear($learning->kinds ?? []) !== [];
    }

    /** @return int percent that results lie closer to what was expected by it than as shipped */
    private static function closer(Learning $learning): int
    {
        return (int) round(100 * (1 - (float) ($learning->held['off'] ?? 1.0)));
    }

    private function told(Salon $salon, Learning $learning): string
    {
        $day = $this->day($salon, $learning->asked_at);
        $by = $learning->asked_by === '' ? Words::say('learned.by-itself') : $learning->asked_by;

        return match (true) {
            $learning->failed => Words::say('learned.before.failed', ['day' => $day, 'by' => $by]),
            $learning->used_at === null => Words::say('learned.before.unused', [
                'day' => $day, 'by' => $by, 'clients' => $learning->heads,
            ]),
            $learning->left_at === null => Words::say('learned.before.used', [
                'day' => $day, 'since' => $this->day($salon, $learning->used_at), 'by' => $learning->used_by ?? '',
            ]),
            default => Words::say('learned.before.left', [
                'day' => $day, 'since' => $this->day($salon, $learning->used_at),
                'until' => $this->day($salon, $learning->left_at),
            ]),
        };
    }

    private function day(Salon $salon, DateTimeInterface $moment): string
    {
        return SalonClock::dayInWords($salon->dayAt($moment));
    }
}
