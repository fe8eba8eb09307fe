<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Wording\Said;
use App\Wording\Words;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Wording\Message;

/** What to do before a bottle first touches a client whose allergies are noted. */
final readonly class FirstUse
{
    /** @return string empty where there is nothing to do */
    public static function says(ProductAnalysis $reading, SuitabilityContext $wearer): string
    {
        $allergies = $wearer->allergies;

        return implode(' ', array_filter([
            $allergies->isEmpty() || ! $reading->has('sensitiser')
                ? ''
                : Said::of(Message::of('suitability.patch-test', names: $reading->loads['sensitiser']->from ?? [])),
            $allergies->unread === []
                ? ''
                : Words::say('bottles.label-first', ['names' => implode(', ', $allergies->unread)]),
        ]));
    }
}
