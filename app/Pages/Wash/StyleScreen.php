<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Bridge\WashDays\StyleTakeDown;
use App\Models\Head;
use App\Models\Style;
use Illuminate\Support\Collection;
use Nagomi\Core\Treatments\Calendar;

/** The style a head wears, and the ones before. */
final readonly class StyleScreen
{
    private const EARLIER = 8;

    public function __construct(
        private StyleDays $styleDays,
        private StyleTakeDown $styleTakeDown,
    ) {
    }

    public function of(Head $head): StylePage
    {
        $head->loadMissing('salon');
        $style = Style::running($head);

        /** @var Collection<int, Style> $earlier */
        $earlier = Style::query()
            ->where('head_id', $head->id)
            ->whereNotNull('ended_on')
            ->latest('id')
            ->limit(self::EARLIER)
            ->get();

        return new StylePage(
            head: $head,
            today: $head->salon->today(),
            style: $style,
            takeDown: $style === null ? null : $this->styleTakeDown->of($style, Calendar::dayOf($head->salon->today())),
            days: $style === null ? [] : $this->styleDays->of($style),
            gave: $this->styleDays->gave($head),
            earlier: $earlier,
            refreshed: $earlier->mapWithKeys(
                fn (Style $one): array => [$one->id => $this->styleDays->refreshed($one)],
            )->all(),
        );
    }
}
