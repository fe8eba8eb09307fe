<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The parameters of the Shelf: how lists are read, doses, caps. */
final class ProductParameters
{
    #[Parameter(
        '% by weight, below which a list may stand in any order',
        Origin::Published,
        1,
        1,
        'EU 1223/2009 Art. 19(1)(g); 21 CFR 701.3',
    )]
    public const LINE_PERCENT = 1.0;

    #[Parameter('% by weight from which slip, hold or weight are called medium or high', Origin::Chosen, 0.5, 20)]
    public const FEEL_FROM_PERCENT = ['medium' => 1.0, 'high' => 6.0];

    #[Parameter(
        '°C dew point below which and above which strong humectants work against the hair',
        Origin::CommonPractice,
        -5,
        25,
    )]
    public const DEW_POINT_EASY = ['from' => 2.0, 'to' => 16.0];

    #[Parameter('mL a section, least and most', Origin::CommonPractice, 0.2, 20)]
    public const DOSE_ML_A_SECTION = [
        'shampoo' => [1.0, 2.0], 'co-wash' => [6.0, 10.0], 'clarifier' => [1.0, 2.0], 'conditioner' => [8.0, 12.0],
        'mask' => [8.0, 12.0], 'protein' => [4.0, 8.0],
        'leave-in' => [1.0, 2.0], 'styler' => [2.0, 4.0], 'oil' => [0.5, 1.0], 'rinse' => [8.0, 15.0],
        'scalp-care' => [0.5, 1.0],
    ];

    #[Parameter('mL a head, least and most, of what is rubbed in over the whole head', Origin::CommonPractice, 0.5, 5)]
    public const DOSE_ML_A_HEAD = ['pre-wash' => [1.0, 2.0]];

    #[Parameter('mm of stretched length the doses above are for', Origin::Chosen, 200, 400)]
    public const DOSE_LENGTH_MM = 300.0;

    #[Parameter('times the dose, at least and at most, by length', Origin::Chosen, 0.3, 3)]
    public const DOSE_BY_LENGTH = ['least' => 0.6, 'most' => 2.0];

    #[Parameter('times the dose, by what takes more', Origin::Chosen, 0.5, 2)]
    public const DOSE_BY = ['thin' => 0.8, 'dense' => 1.25, 'fine' => 0.9, 'coarse' => 1.15, 'low-porosity' => 1.1];

    #[Parameter('drops a millilitre', Origin::CommonPractice, 15, 30)]
    public const DROPS_A_ML = 20.0;

    #[Parameter('days a water-based mix without a preservative keeps, cold', Origin::CommonPractice, 1, 14)]
    public const HOME_MADE_KEEPS_DAYS = 5;

    #[Parameter(
        '% of essential oil on the scalp',
        Origin::Published,
        0,
        2,
        'Tisserand & Young, Essential Oil Safety; from memory',
    )]
    public const ESSENTIAL_OIL_MOST_PERCENT = ['adult' => 1.0, 'careful' => 0.25];
}
