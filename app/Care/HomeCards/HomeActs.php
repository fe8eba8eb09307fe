<?php

declare(strict_types=1);

namespace App\Care\HomeCards;

use App\Bridge\Clients\PictureIntake;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\HomeBottles;
use App\Bridge\Products\StepBottles;
use App\Care\Acts\ActAnswer;
use App\Care\Acts\EachAct;
use App\Care\Acts\SentAct;
use App\Care\Clients\Pictures;
use App\Care\Readings\Visits;
use App\Care\Shared\Lock;
use App\Care\WashDays\WornStyles;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\PlanItem;
use App\Models\Style;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\Words;
use DateTimeImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InvalidArgumentException;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\StyleLook;

/** Takes in what comes from a home routine: each act once, by its key; what cannot be taken is kept with the reason. */
final readonly class HomeActs
{
    /** What a person can read at home. */
    public const TESTS = ['feel', 'dryness', 'wet-stretch', 'shed-ball', 'scalp-at-home'];

    /** A card may have been offline in a bathroom for so many days. */
    private const LATE_DAYS = 21;
    private const MOST_PICTURE_BYTES = 4_000_000;
    private const BY = 'at home';

    /** The salon's screens are in one language, whatever the client's is. */
    private const READ_IN = 'en';

    public function __construct(
        private EachAct $eachAct,
        private HomeBottles $homeBottles,
        private OutlookRefresh $outlookRefresh,
        private PictureIntake $pictureIntake,
        private Pictures $pictures,
        private RecordImporter $recordImporter,
        private StepBottles $stepBottles,
        private Visits $visits,
        private WornStyles $wornStyles,
    ) {
    }

    /**
     * @param list<SentAct> $acts
     *
     * @return list<ActAnswer>
     */
    public function take(Head $head, array $acts): array
    {
        $head->loadMissing('salon');
        // A card that is sent twice at once waits here, and then finds its acts known.
        Lock::head($head->id)->take();

        return $this->eachAct->take($acts, function (SentAct $act) use ($head): ActAnswer {
            /** @var HomeAct|null $known */
            $known = HomeAct::query()->where('head_id', $head->id)->where('key', $act->key)->first();
            $refused = $known === null ? $this->once($head, $act) : $known->refused;

            return match (true) {
                $refused !== null => ActAnswer::refused($act->key, $refused),
                $known !== null => ActAnswer::alreadyTaken($act->key),
                default => ActAnswer::taken($act->key),
            };
        });
    }

    /**
     * Applies an act and notes that it came, both or neither.
     *
     * @return string|null why it was refused
     */
    private function once(Head $head, SentAct $act): ?string
    {
        $refused = null;
        $date = Calendar::dayOf($head->salon->dayAt($act->at));
        try {
            $date = $this->date($head, $act, $date);
            $says = DB::transaction(fn (): string => $this->apply($head, $act, $date));
        } catch (DomainException $cannot) {
            [$refused, $says] = [$cannot->getMessage(), self::came('refused')];
        }
        HomeAct::query()->create([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'key' => $act->key, 'kind' => $act->kind,
            'date' => $date->format('Y-m-d'), 'says' => mb_substr($says, 0, 400), 'refused' => $refused,
            'came_at' => now(),
        ]);

        return $refused;
    }

    /**
     * The day an act belongs to: the one that was chosen; otherwise the salon's day at the moment it was done, whatever
     * day it was where the phone was.
     *
     * @throws DomainException
     */
    private function date(Head $head, SentAct $act, DateTimeImmutable $done): DateTimeImmutable
    {
        $today = Calendar::dayOf($head->salon->today());
        $date = $act->text('date') === '' ? $done : Calendar::day($act->text('date'));
        if ($date === null || $date > $today || $date < $today->modify('-' . self::LATE_DAYS . ' days')) {
            throw new DomainException(Words::say('home-routine.refused.date'));
        }

        return $date;
    }

    /** @throws DomainException with why it cannot be taken in */
    private function apply(Head $head, SentAct $act, DateTimeImmutable $date): string
    {
        $value = $act->list('value');

        return match ($act->kind) {
            'wash-day' => $this->washDay($head, $act->key, $value, $date),
            'reading' => $this->reading($head, $value, $date),
            'style' => $this->style($head, $value, $date),
            'picture' => $this->picture($head, $value, $date),
            'not-today' => $this->notToday($head, $value),
            default => throw new DomainException(Words::say('home-routine.refused.older')),
        };
    }

    /** @param array<array-key, mixed> $value uid of the planned day, and which of its steps were done */
    private function washDay(Head $head, string $key, array $value, DateTimeImmutable $date): string
    {
        $item = $this->planned($head, $value);
        if ($head->washDays()->whereDate('date', $date->format('Y-m-d'))->exists()) {
            throw new DomainException(Words::say('home-routine.refused.in-the-book'));
        }
        $ticked = array_filter(is_array($value['steps'] ?? null) ? $value['steps'] : [], is_int(...));
        $steps = array_values(array_intersect_key(StoredSteps::of($item->steps), array_flip($ticked)));
        if ($steps === []) {
            throw new DomainException(Words::say('home-routine.refused.nothing'));
        }
        $done = $this->stepBottles->known($head, $this->homeBottles->in($head, $steps, $date));
        $this->recordImporter->washDays(
            $head,
            [new WashDay('home-' . mb_substr($key, 0, 40), $date, $done, Place::Home)],
        );
        $this->outlookRefresh->after($head, $date);

        return count($steps) === count($item->steps)
            ? self::came('as-planned')
            : trans_choice('home-routine.came.part', count($steps), ['all' => count($item->steps)], self::READ_IN);
    }

    /** @param array<array-key, mixed> $value test and raw measures */
    private function reading(Head $head, array $value, DateTimeImmutable $date): string
    {
        $name = is_string($value['test'] ?? null) ? $value['test'] : '';
        $raw = is_array($value['raw'] ?? null) ? $value['raw'] : [];
        $test = in_array($name, self::TESTS, true) ? TestCatalogue::test($name) : null;
        $problems = $test === null
            ? [Words::say('home-routine.refused.older')]
            : Said::all($test->problems($raw));
        if ($problems !== []) {
            throw new DomainException($problems[0]);
        }
        $reading = new Reading(strtolower((string) Str::ulid()), $date, Moment::Home, $name, $raw);
        $this->visits->take($head, strtolower((string) Str::ulid()), [$reading], self::BY);

        return mb_strtolower(Words::of("tests.{$name}"));
    }

    /** @param array<array-key, mixed> $value what became of the style that day */
    private function style(Head $head, array $value, DateTimeImmutable $date): string
    {
        $style = Style::running($head) ?? throw new DomainException(Words::say('home-routine.refused.no-style'));
        $what = is_string($value['what'] ?? null) ? $value['what'] : '';
        if ($date < Calendar::dayOf($style->made_on)) {
            throw new DomainException(Words::say('home-routine.refused.before-style'));
        }
        if ($what === 'gone') {
            $this->wornStyles->end($head, $style, $date, self::BY);

            return self::came('gone');
        }
        if ($what === 'looked') {
            $this->wornStyles->look($style, $date, self::look($value));

            return self::came('looked');
        }
        if (! in_array($what, Style::KEEPING, true)) {
            throw new DomainException(Words::say('home-routine.refused.older'));
        }
        $this->wornStyles->keep($style, $date, $what);

        return self::came('kept', ['what' => $what]);
    }

    /**
     * @param array<array-key, mixed> $value
     *
     * @throws DomainException where not all of it was looked at
     */
    private static function look(array $value): StyleLook
    {
        $points = array_map(static fn (string $sign): mixed => $value[$sign] ?? null, StyleLook::SIGNS);
        foreach ($points as $of) {
            if (! is_int($of) || $of < 0 || $of > StyleLook::MOST) {
                throw new DomainException(Words::say('wash.look.choose'));
            }
        }

        /** @var array{int, int, int} $points */
        return new StyleLook(...$points);
    }

    /** @param array<array-key, mixed> $value a picture as a data address, and that the client agrees to its being kept */
    private function picture(Head $head, array $value, DateTimeImmutable $date): string
    {
        $sent = is_string($value['picture'] ?? null) ? $value['picture'] : '';
        $bytes = preg_match('#^data:image/(?:jpeg|png|webp);base64,#', $sent) === 1
            ? base64_decode((string) substr((string) strrchr($sent, ','), 1), true)
            : false;
        if ($bytes === false || strlen($bytes) > self::MOST_PICTURE_BYTES) {
            throw new DomainException(Words::say('home-routine.refused.picture'));
        }
        if (($value['agreed'] ?? false) !== true) {
            throw new DomainException(Words::say('home-routine.refused.agree'));
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        try {
            file_put_contents($file, $bytes);
            $this->pictures->keep(
                $head,
                $this->pictureIntake->jpeg($file),
                $date,
                'other',
                $head->guardian_name ?? $head->name,
                self::BY,
            );
        } catch (InvalidArgumentException $wrong) {
            throw new DomainException(Said::why($wrong), previous: $wrong);
        } finally {
            unlink($file);
        }

        return self::came('picture');
    }

    /** @param array<array-key, mixed> $value uid of the planned day; the plan itself goes on by what is done */
    private function notToday(Head $head, array $value): string
    {
        $item = $this->planned($head, $value);

        return self::came('not-today', ['day' => SalonClock::dayInWords($item->date, 'j M')]);
    }

    /**
     * @param array<array-key, mixed> $value
     *
     * @throws DomainException where it is not planned any more
     */
    private function planned(Head $head, array $value): PlanItem
    {
        $uid = is_string($value['uid'] ?? null) ? $value['uid'] : '';

        return PlanItem::query()->where('head_id', $head->id)->where('uid', $uid)->first()
            ?? throw new DomainException(Words::say('home-routine.refused.not-planned'));
    }

    /**
     * What came, for the salon to read.
     *
     * @param array<string, string> $with
     */
    private static function came(string $what, array $with = []): string
    {
        $says = trans("home-routine.came.{$what}", $with, self::READ_IN);

        return is_string($says) ? $says : $what;
    }
}
