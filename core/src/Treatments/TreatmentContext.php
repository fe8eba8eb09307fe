<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Head;

/** What a step needs to know of the day it belongs to. */
final readonly class TreatmentContext
{
    /** @param Step|null $preWash what was put on before the hair was wetted */
    public function __construct(
        public Head $head,
        public ?Step $preWash = null,
    ) {
    }

    /** @param list<Step> $steps of the day */
    public static function on(Head $head, array $steps): self
    {
        foreach ($steps as $step) {
            if ($step->kind === StepKind::PreWash) {
                return new self($head, $step);
            }
        }

        return new self($head);
    }

    /** What is left of the losses to water and cleansing, 0 to 1: oil that goes in keeps more than what does not. */
    public function lossFactor(): float
    {
        if ($this->preWash === null) {
            return 1.0;
        }
        $parameters = $this->head->parameters;
        $oil = $this->preWash->how === 'conditioner' ? null : $this->preWash->contents?->of(Content::PenetratingOil);
        $usual = $parameters->contents->usualPercent[StepKind::PreWash->value][Content::PenetratingOil->value] ?? null;

        return $parameters->treatments->preWashLossFactor
            ** ContentFactor::of($oil, $usual, $parameters->contents)->times;
    }

    /** Whether a day of these steps leaves water kept in: by what it was sealed with, or what was left in. */
    public static function seals(Head $head, Step ...$steps): bool
    {
        $from = $head->parameters->contents->sealsFromPercent;
        foreach ($steps as $step) {
            $holds = $step->contents?->of(Content::Sealing)->typicalPercent;
            $seals = match ($step->kind) {
                StepKind::Seal => $holds === null || $holds >= $from,
                StepKind::LeaveIn => $holds !== null && $holds >= $from,
                default => false,
            };
            if ($seals) {
                return true;
            }
        }

        return false;
    }
}
