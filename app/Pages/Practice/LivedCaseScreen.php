<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\HairToPractise;
use App\Models\Head;
use App\Wording\LivedHairWords;

/** Shows what would be kept of a client's hair to practise on. */
final readonly class LivedCaseScreen
{
    public function __construct(private HairToPractise $hairToPractise)
    {
    }

    public function of(Head $head): LivedCasePage
    {
        return new LivedCasePage($head, LivedHairWords::all($this->hairToPractise->of($head->loadMissing('outlook'))));
    }
}
