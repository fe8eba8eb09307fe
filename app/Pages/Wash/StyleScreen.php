<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Bridge\WashDays\StyleTakeDown;
use App\Models\Head;
use App\Models\Style;
use Nagomi\Core\Treatments\Calendar;

/** The style a head wears, and the ones before. */
final readonly class StyleScreen
{
    public function __construct(private StyleTakeDown $styleTakeDown)
    {
    }

    public function of(Head $head): StylePage
    {
        $head->loadMissing('salon');
        $style = Style::running($head);

        return new StylePage(
            head: $head,
            today: $head->salon->today(),
            style: $style,
            takeDown: $style === null ? null : $this->styleTakeDown->of($style, Calendar::dayOf($head->salon->today())),
            earlier: Style::query()
                ->where('head_id', $head->id)
                ->whereNotNull('ended_on')
                ->latest('id')
                ->limit(8)
                ->get(),
        );
    }
}
