<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Drawings\PlanBalance;
use App\Drawings\PlanTimeline;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanEdit;
use App\Models\PlanItem;
use App\Models\Promise;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What happens which week, as a picture to work in and as a list. */
final readonly class PlanPage extends Page
{
    /**
     * @param Collection<int, PlanItem> $items
     * @param array<int, list<string>> $reasons by id of the item
     * @param array<int, array<int, array{says: string, missing: bool}>> $bottles by id of the item and place of the step
     * @param array<string, array{int, int}> $room
     * @param array<string, list<string>> $acts
     * @param list<string> $changes
     * @param Collection<int, Promise> $promises
     * @param list<array{kind: string, from: string, until: string, what: string, style_day: int|null}> $occasions
     * @param list<string> $tooNear colours too near to a day that counts
     * @param list<string> $wishes what was wished for some days, in words
     * @param list<string> $keepsTo what is kept to for some weeks, in words
     * @param string|null $limits what the limits cost and what frees most; null where that is not worth saying
     * @param array{id: string, date: string, minutes: int}|null $laidOut by hand, for one of the days, and not begun
     * @param array<string, string> $parts what the minutes of each day are made of, in words, by date
     * @param array<string, array{id: string, says: string}> $booked in the salon, by date
     * @param array{
     *     lines: list<array{step: string, done: string, range: string, percent: int}>, leftOut: list<string>,
     * } $doneAtHome what comes of plans at home, and what is often left out, in words
     * @param int $every days between two wash days of the plan
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public CarbonImmutable $today,
        public Collection $items,
        public array $reasons,
        public array $bottles,
        public PlanTimeline $line,
        public ?PlanBalance $ahead,
        public array $room,
        public array $booked,
        public array $acts,
        public ?Promise $promise,
        public array $changes,
        public Collection $promises,
        public ?PlanEdit $last,
        public ?PlanEdit $next,
        public array $occasions,
        public array $tooNear,
        public int $every,
        public array $keepsTo,
        public array $wishes,
        public ?string $limits,
        public ?array $laidOut,
        public array $parts,
        public array $doneAtHome,
    ) {
    }
}
