<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Models\PlayedCase;
use App\Wording\Words;

/** What a practice client is called. */
final class CaseTitle
{
    public static function of(PlayedCase $played): string
    {
        return $played->name === ''
            ? Words::say('practice.client', ['number' => $played->seed])
            : Words::say("practice.cases.{$played->name}.title");
    }
}
