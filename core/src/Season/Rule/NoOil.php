<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class NoOil implements Rule
{
    public function key(): string
    {
        return 'no-oil';
    }

    public function sentence(): string
    {
        return 'No oil on a head whose method uses none.';
    }

    public function frees(): string
    {
        return 'choose another pre-wash, or change the method on oils';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->preWash !== 'oil' || ! $standing->head->method->says(MethodQuestion::Oils, 'none');
    }
}
