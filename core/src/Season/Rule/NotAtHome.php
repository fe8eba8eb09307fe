<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class NotAtHome implements Rule
{
    public function key(): string
    {
        return 'not-at-home';
    }

    public function sentence(): string
    {
        return 'What is done in the salon only is not planned for a day at home.';
    }

    public function frees(): string
    {
        return 'book the day in the salon';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $standing->isInSalon() || array_intersect($choice->treatments(), $standing->terms->notAtHome) === [];
    }
}
