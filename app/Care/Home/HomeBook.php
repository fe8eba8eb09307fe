<?php

declare(strict_types=1);

namespace App\Care\Home;

use App\Care\HeadRecord;
use App\Care\OutlookRefresh;
use App\Care\PictureBook;
use App\Care\PictureIntake;
use App\Care\StoredSteps;
use App\Care\StyleBook;
use App\Care\TakeIn;
use App\Care\VisitBook;
use App\Care\Words;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\PlanItem;
use DateTimeImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InvalidArgumentException;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\WashDay;

/** Takes in what comes from a home card: each act once, by its key; what cannot be taken is kept with the reason. */
final class HomeBook
{
    /** What a person can read at home. */
    public const TESTS = ['feel', 'dryness', 'wet-stretch', 'shed-ball', 'scalp-at-home'];

    /** A card may have been offline in a bathroom for so many days. */
    private const LATE_DAYS = 21;
    private const MOST_PICTURE_BYTES = 4_000_000;
    private const BY = 'at home';

    /**
     * @param list<array{key: string, kind: string, date: string, value: array<string, mixed>}> $acts
     *
     * @return list<array{key: string, refused: string|null}>
     */
    public static function take(Head $head, array $acts): array
    {
        $head->loadMissing('salon');

        $told = [];
        foreach ($acts as $act) {
            $told[] = ['key' => $act['key'], 'refused' => self::told($head, $act)];
        }

        return $told;
    }

    /**
     * @param array{key: string, kind: string, date: string, value: array<string, mixed>} $act
     *
     * @return string|null why it was refused, now or when it came before
     */
    private static function told(Head $head, array $act): ?string
    {
        return DB::transaction(function () use ($head, $act): ?string {
            // A card that is sent twice at once waits here, and then finds its acts known.
            Head::query()->whereKey($head->id)->lockForUpdate()->first();
            /** @var HomeAct|null $known */
            $known = HomeAct::query()->where('head_id', $head->id)->where('key', $act['key'])->first();

            return $known === null ? self::once($head, $act) : $known->refused;
        });
    }

    /**
     * Applies an act and notes that it came, both or neither.
     *
     * @param array{key: string, kind: string, date: string, value: array<string, mixed>} $act
     *
     * @return string|null why it was refused
     */
    private static function once(Head $head, array $act): ?string
    {
        $refused = null;
        $date = HeadRecord::date($head->salon->today());
        try {
            $date = self::date($head, $act['date']);
            $says = DB::transaction(fn (): string => self::apply($head, $act, $date));
        } catch (DomainException $cannot) {
            [$refused, $says] = [$cannot->getMessage(), 'something that could not be taken in'];
        }
        HomeAct::query()->create(['salon_id' => $head->salon_id, 'head_id' => $head->id, 'key' => $act['key'], 'kind' => $act['kind'], 'date' => $date->format('Y-m-d'), 'says' => mb_substr($says, 0, 400), 'refused' => $refused, 'came_at' => now()]);

        return $refused;
    }

    /** @throws DomainException */
    private static function date(Head $head, string $typed): DateTimeImmutable
    {
        $today = HeadRecord::date($head->salon->today());
        $date = Calendar::day($typed);
        if ($date === null || $date > $today || $date < $today->modify('-' . self::LATE_DAYS . ' days')) {
            throw new DomainException('That day is not among the last three weeks.');
        }

        return $date;
    }

    /**
     * @param array{key: string, kind: string, date: string, value: array<string, mixed>} $act
     *
     * @throws DomainException with why it cannot be taken in
     */
    private static function apply(Head $head, array $act, DateTimeImmutable $date): string
    {
        return match ($act['kind']) {
            'wash-day' => self::washDay($head, $act['key'], $act['value'], $date),
            'reading' => self::reading($head, $act['value'], $date),
            'style' => self::style($head, $act['value'], $date),
            'picture' => self::picture($head, $act['value'], $date),
            default => throw new DomainException('This card is older than the salon’s; open it anew.'),
        };
    }

    /** @param array<string, mixed> $value uid of the planned day, and which of its steps were done */
    private static function washDay(Head $head, string $key, array $value, DateTimeImmutable $date): string
    {
        $item = PlanItem::query()->where('head_id', $head->id)->where('uid', is_string($value['uid'] ?? null) ? $value['uid'] : '')->first();
        if (! $item instanceof PlanItem) {
            throw new DomainException('That wash day is not planned any more; tell your stylist what you did.');
        }
        if ($head->washDays()->whereDate('date', $date->format('Y-m-d'))->exists()) {
            throw new DomainException('A wash day of that day is in the book already.');
        }
        $ticked = array_filter(is_array($value['steps'] ?? null) ? $value['steps'] : [], is_int(...));
        $steps = array_values(array_intersect_key(StoredSteps::of($item->steps), array_flip($ticked)));
        if ($steps === []) {
            throw new DomainException('Nothing was ticked; tick what you did.');
        }
        TakeIn::washDays($head, [new WashDay('home-' . mb_substr($key, 0, 40), $date, $steps, Place::Home)]);
        OutlookRefresh::after($head, $date);

        return count($steps) === count($item->steps) ? 'a wash day, as planned' : sprintf('a wash day, %d of %d steps', count($steps), count($item->steps));
    }

    /** @param array<string, mixed> $value test and raw measures */
    private static function reading(Head $head, array $value, DateTimeImmutable $date): string
    {
        $name = is_string($value['test'] ?? null) ? $value['test'] : '';
        $raw = is_array($value['raw'] ?? null) ? $value['raw'] : [];
        $test = in_array($name, self::TESTS, true) ? Bench::test($name) : null;
        $problems = $test === null ? ['This card is older than the salon’s; open it anew.'] : array_values($test->problems($raw));
        if ($problems !== []) {
            throw new DomainException($problems[0]);
        }
        $reading = new Reading(strtolower((string) Str::ulid()), $date, Moment::Home, $name, $raw);
        VisitBook::take($head, strtolower((string) Str::ulid()), [$reading], self::BY);

        return mb_strtolower(Words::of("tests.{$name}"));
    }

    /** @param array<string, mixed> $value what became of the style that day */
    private static function style(Head $head, array $value, DateTimeImmutable $date): string
    {
        $style = StyleBook::running($head) ?? throw new DomainException('No style is followed now.');
        $what = is_string($value['what'] ?? null) ? $value['what'] : '';
        if ($date < HeadRecord::date($style->made_on)) {
            throw new DomainException('That was before the style was made.');
        }
        if ($what === 'gone') {
            StyleBook::end($head, $style, $date, self::BY);

            return 'the style was last good that day';
        }
        if (! in_array($what, StyleBook::KEEPING, true)) {
            throw new DomainException('This card is older than the salon’s; open it anew.');
        }
        StyleBook::keep($style, $date, $what);

        return "style {$what}";
    }

    /** @param array<string, mixed> $value a picture as a data address, and that she agrees to its being kept */
    private static function picture(Head $head, array $value, DateTimeImmutable $date): string
    {
        $sent = is_string($value['picture'] ?? null) ? $value['picture'] : '';
        $bytes = preg_match('#^data:image/(?:jpeg|png|webp);base64,#', $sent) === 1 ? base64_decode((string) substr((string) strrchr($sent, ','), 1), true) : false;
        if ($bytes === false || strlen($bytes) > self::MOST_PICTURE_BYTES) {
            throw new DomainException('Picture: choose a JPEG, PNG or WebP of under 4 MB.');
        }
        if (($value['agreed'] ?? false) !== true) {
            throw new DomainException('Picture: tick that your salon may keep it.');
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        try {
            file_put_contents($file, $bytes);
            PictureBook::keep($head, PictureIntake::jpeg($file), $date, 'other', $head->guardian_name ?? $head->name, self::BY);
        } catch (InvalidArgumentException $wrong) {
            throw new DomainException($wrong->getMessage(), previous: $wrong);
        } finally {
            unlink($file);
        }

        return 'a picture';
    }
}
