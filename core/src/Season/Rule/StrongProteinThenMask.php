<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;
use Nagomi\Core\Treatment\StepKind;

final readonly class StrongProteinThenMask implements Rule
{
    public function key(): string
    {
        return 'strong-protein-then-mask';
    }

    public function sentence(): string
    {
        return 'Strong protein is followed the same day by a protein-free mask; the pair is one treatment.';
    }

    public function frees(): string
    {
        return 'make time for the mask of the same day';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein || $choice->masks();
    }
}
