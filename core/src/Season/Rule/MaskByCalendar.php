<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class MaskByCalendar implements Rule
{
    public function key(): string
    {
        return 'mask-by-calendar';
    }

    public function sentence(): string
    {
        return sprintf('The house masks by the calendar: a mask no later than %d days after the last.', Model::MASK_BY_CALENDAR_DAYS);
    }

    public function frees(): string
    {
        return 'let masks go by signs for this head';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->masks()
            || ! $standing->head->method->says(MethodQuestion::MaskRhythm, 'by-calendar')
            || ($standing->lastMask !== null && ($standing->nextWash ?? $standing->day) - $standing->lastMask <= Model::MASK_BY_CALENDAR_DAYS);
    }
}
