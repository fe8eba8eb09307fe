<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Booking;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Role;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use Illuminate\Support\Collection;

/** The seasons of several heads on one page: of a household, or of those a stylist saw lately. */
final readonly class SeveralPlansScreen
{
    private const MOST = 40;
    private const STYLIST_WEEKS_BACK = 16;

    public function __construct(
        private PlanScreen $planScreen,
    ) {
    }

    public function of(Salon $salon, string $household, int $stylist): SeveralPlansPage
    {
        $found = $this->found($salon, $household, $stylist);
        $days = $household === ''
            ? []
            : $found->mapWithKeys(
                fn (Head $head): array => [
                    $head->id => array_values($head->planItems->map(
                        fn (PlanItem $item): string => $item->date->format('Y-m-d'),
                    )->all()),
                ],
            )->all();

        return new SeveralPlansPage(
            salon: $salon,
            household: $household,
            stylist: $stylist,
            households: Head::query()
                ->where('salon_id', $salon->id)
                ->whereNotNull('household')
                ->distinct()
                ->orderBy('household')
                ->pluck('household')
                ->all(),
            stylists: User::query()
                ->where('salon_id', $salon->id)->whereNull('left_at')
                ->where('role', '!=', Role::FrontDesk->value)
                ->orderBy('name')
                ->pluck('name', 'id')->all(),
            rows: $found->map(
                fn (Head $head): array => [
                    'head' => $head,
                    'line' => $this->planScreen->line($head, $head->planItems, inWords: false),
                    'together' => $household === ''
                        ? []
                        : array_map(
                            fn (string $day): string => SalonClock::dayInWords($day, 'j M'),
                            $this->together($head->id, $days),
                        ),
                ],
            )->all(),
        );
    }

    /** @return Collection<int, Head> those of a household, or those a stylist has seen lately */
    private function found(Salon $salon, string $household, int $stylist): Collection
    {
        $heads = Head::query()->with([
            'salon',
            'outlook:head_id,salon_id,as_of,verdict',
            'planItems' => fn ($items) => $items->where('status', 'planned')->select([
                'id', 'head_id', 'salon_id', 'date', 'steps', 'minutes', 'by_hand', 'broken',
            ]),
        ])->where('salon_id', $salon->id);
        if ($household !== '') {
            $heads->where('household', $household);
        } else {
            $seen = Booking::query()
                ->where('salon_id', $salon->id)
                ->where('user_id', $stylist)
                ->where('date', '>=', $salon->today()->subWeeks(self::STYLIST_WEEKS_BACK)->format('Y-m-d'))
                ->distinct()
                ->pluck('head_id');
            $heads->whereIn('id', $seen);
        }
        /** @var Collection<int, Head> $found */
        $found = $heads->orderBy('name')->limit(self::MOST)->get();

        return $found;
    }

    /**
     * @param array<string, list<string>> $days planned, by head
     *
     * @return list<string> those on which somebody else of these is planned as well
     */
    private function together(string $headId, array $days): array
    {
        return array_values(array_intersect(
            $days[$headId] ?? [],
            array_merge([], ...array_values(array_diff_key($days, [$headId => true]))),
        ));
    }
}
