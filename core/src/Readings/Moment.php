<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

/** When on its day a reading is taken; readings of one moment are taken into the balance together. */
enum Moment: string
{
    case Home = 'home';
    case BeforeCleansing = 'before-cleansing';
    case AfterCleansing = 'after-cleansing';
    case AfterStyling = 'after-styling';
}
