<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Parameters\Parameters;

/** What the films of a bottle leave on hair beyond what a day of styling is reckoned with anyway. */
final class FilmLeft
{
    /** @return array{float, float} washable and stubborn build-up, more or less than usual; 0 where nothing is known */
    public static function by(Step $step, Parameters $parameters): array
    {
        $contents = $parameters->contents;
        $usual = $contents->filmBuildUp[$step->kind->value] ?? 0.0;
        if ($step->contents === null || $usual === 0.0) {
            return [0.0, 0.0];
        }
        $washable = $step->contents->of(Content::WashableFilm)->typicalPercent;
        $stubborn = $step->contents->of(Content::StubbornFilm)->typicalPercent;
        $all = $washable + $stubborn;
        $times = max(
            $contents->factor['least'],
            min($contents->factor['most'], ($all / $contents->usualFilmPercent) ** $contents->exponent),
        );
        $ofWashable = $all > 0.0 ? $washable / $all : $parameters->model->washableShare;

        return [
            $usual * ($times * $ofWashable - $parameters->model->washableShare),
            $usual * ($times * (1 - $ofWashable) - (1 - $parameters->model->washableShare)),
        ];
    }
}
