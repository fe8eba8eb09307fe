<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\PromisedTreatments;
use App\Wording\SalonClock;
use App\Wording\Words;
use DateTimeImmutable;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Planning\WishKind;
use Nagomi\Core\Treatments\Calendar;

/** A wish and how it is said. */
final readonly class WishedFor
{
    private function __construct(public Wish $wish, public string $says)
    {
    }

    /**
     * @param string      $kind leave-out or wash-every
     * @param string|null $what to leave out
     * @param int|null    $days between two washes
     */
    public static function within(
        string $kind,
        ?string $what,
        ?int $days,
        DateTimeImmutable $from,
        DateTimeImmutable $until,
    ): self {
        return new self(new Wish(WishKind::from($kind), $from, $until, $what, $days), Words::say("wishes.{$kind}", [
            'what' => Words::say("wishes.treatments.{$what}"),
            'days' => (int) $days,
            'from' => SalonClock::dayInWords($from, 'j M'),
            'until' => SalonClock::dayInWords($until, 'j M'),
        ]));
    }

    /** The next treatment of its kind so many days later; null where none is planned. */
    public static function later(Head $head, string $what, int $days): ?self
    {
        /** @var iterable<PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')->get();
        $today = Calendar::dayOf($head->salon->today());
        foreach ($items as $item) {
            $treatments = [...PromisedTreatments::of($item), ...self::others($item)];
            $of = new Wish(WishKind::LeaveOut, $today, $today, $what);
            if (array_filter($treatments, $of->leavesOut(...)) !== []) {
                $first = max($today, Calendar::dayOf($item->date))->modify("+{$days} days");

                return new self(
                    new Wish(WishKind::LeaveOut, $today, $first->modify('-1 day'), $what),
                    Words::say('wishes.later', [
                        'what' => Words::say("wishes.treatments.{$what}"),
                        'until' => SalonClock::dayInWords($first, 'j M'),
                    ]),
                );
            }
        }

        return null;
    }

    /** @return list<string> heat and co-wash, which nobody promises */
    private static function others(PlanItem $item): array
    {
        $others = [];
        foreach ($item->steps as $step) {
            $others[] = ($step['cleanse'] ?? null) === 'co-wash' ? 'co-wash' : null;
            $others[] = ($step['heat'] ?? false) === true ? 'heat' : null;
        }

        return array_values(array_filter($others));
    }
}
