<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Drawings\ScalpAhead;
use App\Models\Clearance;
use App\Models\Head;
use App\Wording\SalonClock;
use App\Wording\ScalpWords;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** How the scalp stands, what it asks for, and what a reading raised that nobody has looked at again. */
final class Scalp extends Component
{
    public readonly ?string $standing;
    public readonly ?string $rhythm;
    public readonly ?string $care;
    public readonly ?string $readOn;
    public readonly ?ScalpAhead $ahead;

    /** @var list<Clearance> raised by a reading, open, and neither confirmed nor withdrawn */
    public readonly array $raised;

    /**
     * @param bool                 $picture with the weeks ahead
     * @param list<Clearance>|null $raised  where the page has asked already
     */
    public function __construct(
        public readonly Head $head,
        bool $picture = false,
        public readonly bool $judges = false,
        ?array $raised = null,
    ) {
        $scalp = $head->outlook?->scalp;
        $this->standing = $scalp === null ? null : ScalpWords::standing($scalp);
        $this->rhythm = $scalp === null ? null : ScalpWords::rhythm($scalp);
        $this->care = $scalp === null ? null : ScalpWords::care($scalp);
        $this->readOn = $scalp === null ? null : SalonClock::dayInWords($scalp['read_on'], 'j M');
        $limits = array_column($scalp['signs'] ?? [], 'limit', 'sign');
        $this->ahead = $picture && $scalp !== null && $scalp['ahead'] !== []
            ? ScalpAhead::of(
                $scalp['ahead'],
                $limits['scalp-oil'] ?? 1.0,
                $limits['scalp-flakes'] ?? 1.0,
                $head->salon->today(),
            )
            : null;
        $this->raised = $raised ?? Clearance::unlooked($head);
    }

    public function render(): View
    {
        return view('components.scalp');
    }
}
