<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;
use Nagomi\Core\Treatment\StepKind;

final readonly class StrongProteinApart implements Rule
{
    public function key(): string
    {
        return 'strong-protein-apart';
    }

    public function sentence(): string
    {
        return sprintf('Strong protein is kept at least %d days apart.', Model::STRONG_PROTEIN_APART_DAYS);
    }

    public function frees(): string
    {
        return 'set the treatment by hand, where a licensed stylist decides it';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein
            || $standing->lastStrong === null
            || $standing->day - $standing->lastStrong >= Model::STRONG_PROTEIN_APART_DAYS;
    }
}
