<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\ModelParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

final readonly class StrongProteinNotWhenHigh implements Rule
{
    public function key(): string
    {
        return 'strong-protein-not-when-high';
    }

    public function sentence(): string
    {
        return sprintf(
            'No strong protein while protein stands above its band with more than %d %% probability.',
            (int) round(100 * ModelParameters::STRONG_PROTEIN_BARRED_AT),
        );
    }

    public function frees(): string
    {
        return 'read the head again; a reading may show that protein is not high';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein || ! $standing->proteinHigh;
    }
}
