<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\Salon;
use Nagomi\Core\Simulation\VirtualHead;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\WashDay;

/** The truth of a made-up head today: what the demo was played to, and what was done in the book since. */
final readonly class HiddenHead
{
    private function __construct(
        public \Nagomi\Core\Head\Head $head,
        public float $moisture,
        public float $buildUp,
        public float $wear,
        public Salon $salon,
    ) {
    }

    /** Null for every head that nobody made up. */
    public static function of(Head $head): ?self
    {
        $hidden = $head->made_up;
        $from = is_string($hidden['date'] ?? null) ? Calendar::day($hidden['date']) : null;
        if ($from === null || ! is_array($hidden['truth'] ?? null)) {
            return null;
        }
        $core = app(HeadRecord::class)->core($head->loadMissing(['zoneParts', 'salon']));
        $truth = self::truth($hidden['truth']);
        if (count($truth) !== count($core->strata)) {
            return null;
        }
        $virtual = new VirtualHead($core, new SeededRandom(0));
        $virtual->truth = $truth;
        $washDays = app(HeadRecord::class)->after($head, app(HeadRecord::class)->frame($head), $from)->washDays;
        for (
            $day = $from->modify('+1 day'); $day <= Calendar::dayOf(
                $head->salon->today(),
            ); $day = $day->modify('+1 day')
        ) {
            $virtual->aDay();
            foreach (
                array_filter(
                    $washDays,
                    fn (WashDay $washDay): bool => $washDay->date->format('Y-m-d') === $day->format('Y-m-d'),
                ) as $washDay
            ) {
                $virtual->wash($washDay->steps);
            }
        }
        $mean = fn (string ...$of): float => array_sum(array_map(
            fn (int $s): float => $core->strata[$s]->share * array_sum(array_intersect_key(
                $virtual->truth[$s],
                array_flip($of),
            )),
            array_keys($core->strata),
        ));

        return new self($core, $mean('moisture'), $mean('washable', 'stubborn'), $mean('wear'), $head->salon);
    }

    /**
     * @param array<mixed> $stored
     *
     * @return list<array{moisture: float, protein: float, washable: float, stubborn: float, wear: float}>
     */
    private static function truth(array $stored): array
    {
        $number = fn (mixed $of, string $name): float => is_array($of) && is_numeric($of[$name] ?? null)
            ? (float) $of[$name]
            : 0.0;

        return array_values(array_map(fn (mixed $of): array => [
            'moisture' => $number($of, 'moisture'), 'protein' => $number($of, 'protein'),
            'washable' => $number($of, 'washable'), 'stubborn' => $number($of, 'stubborn'),
            'wear' => $number($of, 'wear'),
        ], $stored));
    }
}
