<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;
use Nagomi\Core\Treatment\StepKind;

final readonly class StrongProteinNotWhenHigh implements Rule
{
    public function key(): string
    {
        return 'strong-protein-not-when-high';
    }

    public function sentence(): string
    {
        return sprintf('No strong protein while protein stands above its band with more than %d %% probability.', (int) round(100 * Model::STRONG_PROTEIN_BARRED_AT));
    }

    public function frees(): string
    {
        return 'read the head again; a reading may show that protein is not high';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein || ! $standing->proteinHigh;
    }
}
