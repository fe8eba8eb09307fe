<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Drawings\HairBalance;
use App\Drawings\HeadMap;
use App\Drawings\LivingStrand;
use App\Models\Clearance;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Pages\Page;
use App\Wording\MeasuredTraits;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Nagomi\Core\Safety\Caution;

/** What to do with this hair, why, and how sure that is. */
final readonly class NowPage extends Page
{
    /**
     * @param Collection<int, PlanItem> $items
     * @param array<int, list<string>> $reasons by id of the item
     * @param list<Caution> $cautions
     * @param list<string> $allergiesUnread what stands under allergies and names no ingredient that is known
     * @param list<array{
     *     zone: string, written: string, found: string, certainty: float, date: string, differs: bool,
     * }> $findings
     * @param list<SignLine> $signs
     * @param list<string> $ways how this hair behaves, as far as it is known
     * @param list<SignLine> $telling those that say most, out of range first
     * @param string $yardstick the signs are held against at first
     * @param Collection<int, Clearance> $cleared
     * @param list<Clearance> $unlooked signs that a reading raised and nobody has looked at again
     * @param string|null $limits what the limits cost and what frees most; null where that is not worth saying
     */
    public function __construct(
        public Head $head,
        public CarbonImmutable $today,
        public Outlook $outlook,
        public HairBalance $balance,
        public LivingStrand $strand,
        public NextWash $next,
        public HeadMap $map,
        public Collection $items,
        public array $reasons,
        public array $cautions,
        public array $allergiesUnread,
        public MeasuredTraits $measured,
        public bool $washedToday,
        public array $findings,
        public Collection $cleared,
        public bool $notReadYet,
        public array $signs,
        public array $telling,
        public string $yardstick,
        public array $ways,
        public ?string $limits,
        public array $unlooked,
    ) {
    }
}
