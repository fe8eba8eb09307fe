<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\PlanItem;
use Nagomi\Core\Planning\ReasonWording;
use Nagomi\Core\Wording\Message;

/** The reasons of a wash day where they stand under the verdict, which says itself that nothing was tested. */
final class UnderVerdict
{
    /** @return list<Message> */
    public static function of(?PlanItem $item): array
    {
        return array_values(array_filter(
            $item->reasons ?? [],
            static fn (Message $reason): bool => $reason->key !== ReasonWording::notReadYet()->key,
        ));
    }
}
