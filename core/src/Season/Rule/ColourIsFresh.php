<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\OccasionKind;
use Nagomi\Core\Season\Standing;

final readonly class ColourIsFresh implements Rule
{
    public function key(): string
    {
        return 'colour-is-fresh';
    }

    public function sentence(): string
    {
        return sprintf('Fresh colour is not clarified or chelated for %d days.', Model::COLOUR_FRESH_DAYS);
    }

    public function frees(): string
    {
        return 'wait the days, or clarify before the colour';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        if (! $choice->cleanse->clarifies() || $standing->terms->occasions === []) {
            return true;
        }
        $date = $standing->date();
        foreach ($standing->terms->of(OccasionKind::NewColour) as $colour) {
            $since = Calendar::daysBetween($colour->until, $date);
            if ($date >= $colour->from && $since <= Model::COLOUR_FRESH_DAYS) {
                return false;
            }
        }

        return true;
    }
}
