<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Practice\HomeOrders;
use Nagomi\Core\Practice\PracticeDecision;
use Nagomi\Core\Practice\PracticeShelf;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What was decided at a practice visit, as it is stored, into the core's. */
final readonly class PlayedDecision
{
    /**
     * @param StoredPlayedVisit $stored
     * @param Head              $told   what the hair was taken for before
     */
    public function of(array $stored, Head $told): PracticeDecision
    {
        return new PracticeDecision(
            $stored['belief'],
            $stored['today'] === null ? null : $this->wash($stored['today'], $told),
            $stored['home'] === null ? [] : $this->orders($stored['home'])->days($told),
            $stored['porosity'] === null ? null : Porosity::from($stored['porosity']),
            PracticeShelf::inUse(
                [$stored['today']['mask_bottle'] ?? null, $stored['today']['protein_bottle'] ?? null],
                $told->parameters,
            ),
            PracticeShelf::inUse([$stored['home']['mask_bottle'] ?? null], $told->parameters),
        );
    }

    /** @param StoredPlayedWash $stored */
    public function wash(array $stored, Head $told): WashOption
    {
        $mask = $stored['mask_minutes'];

        return new WashOption(
            CleanseKind::from($stored['cleanse']),
            $stored['passes'],
            $mask === null ? StepKind::Conditioner : StepKind::Mask,
            (float) ($mask ?? $told->parameters->washDay->stepMinutes['conditioner']),
            $stored['heat'] && $mask !== null,
            $stored['protein'] === null ? null : StepKind::from($stored['protein']),
            $stored['pre_wash'],
            oilsScalp: $stored['scalp_oil'],
        );
    }

    /** @param StoredPlayedHome $stored */
    public function orders(array $stored): HomeOrders
    {
        return new HomeOrders(
            $stored['every'],
            CleanseKind::from($stored['cleanse']),
            $stored['mask_every'],
            (float) $stored['mask_minutes'],
            $stored['protein_every'],
            $stored['clarify_every'],
            $stored['oil'],
        );
    }
}
