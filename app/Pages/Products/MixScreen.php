<?php

declare(strict_types=1);

namespace App\Pages\Products;

use Nagomi\Core\Parameters\ProductParameters;
use Nagomi\Core\Products\Mix;

/** A mix made up in the salon, and how long it keeps. */
final readonly class MixScreen
{
    public function of(?Mix $mix, string $title): MixPage
    {
        return new MixPage(mix: $mix, title: $title, keepsDays: ProductParameters::HOME_MADE_KEEPS_DAYS);
    }
}
