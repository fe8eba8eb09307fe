<?php

declare(strict_types=1);

namespace App\Pages\Products;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Mix;

/** A mix made up in the salon, and how long it keeps. */
final readonly class MixScreen
{
    public function __construct(private Parameters $parameters)
    {
    }

    public function of(?Mix $mix, string $title): MixPage
    {
        return new MixPage(mix: $mix, title: $title, keepsDays: $this->parameters->products->homeMadeKeepsDays);
    }
}
