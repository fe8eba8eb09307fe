<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** What results of hair tests are told apart by, to find where they do not come as foretold. */
enum ResultsBy: string
{
    case Test = 'test';
    case Stylist = 'stylist';
    case Porosity = 'porosity';
    case Since = 'since';
}
