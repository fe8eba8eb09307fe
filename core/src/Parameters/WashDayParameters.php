<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The parameters of the Basin: how long the steps of a wash day take, and how that varies. */
final class WashDayParameters
{
    #[Parameter('minutes of hands on one step', Origin::CommonPractice, 0.5, 15)]
    public const HANDS_MINUTES = [
        'ready' => 5.0, 'pre-wash' => 3.0, 'cleanse' => 5.0, 'rinse' => 3.0, 'protein' => 3.0, 'squeeze' => 2.0,
        'leave-in' => 5.0, 'seal' => 2.0, 'break-cast' => 2.0, 'tools' => 3.0, 'trim' => 10.0,
    ];

    #[Parameter('minutes of hands on one section', Origin::CommonPractice, 0.3, 8)]
    public const SECTION_MINUTES = ['section' => 1.0, 'conditioning' => 1.0];

    #[Parameter('minutes until a head is wet through under warm water', Origin::CommonPractice, 1, 15)]
    public const WET_THROUGH_MINUTES = ['low' => 6.0, 'medium' => 3.0, 'high' => 2.0, 'not-measured' => 3.45];

    #[Parameter(
        'minutes to detangle one section with slip, before the client has a past',
        Origin::CommonPractice,
        3,
        7,
    )]
    public const DETANGLE_A_SECTION_MINUTES = 4.5;

    #[Parameter('times the planned or usual, either way', Origin::Chosen, 2, 10)]
    public const DOUBTFUL_TIMES = 5.0;

    #[Parameter('minutes', Origin::CommonPractice, 5, 40)]
    public const USUAL_MASK_MINUTES = 20.0;

    #[Parameter('minutes', Origin::CommonPractice, 3, 20)]
    public const USUAL_PROTEIN_MINUTES = 8.0;

    #[Parameter('minutes', Origin::CommonPractice, 2, 10)]
    public const USUAL_CONDITIONER_MINUTES = 4.0;

    #[Parameter('spread of the logarithm of a time', Origin::Chosen, 0.05, 0.8)]
    public const SPREAD = ['hands' => 0.2, 'detangle' => 0.35, 'style' => 0.25, 'dry' => 0.3];

    #[Parameter('wash days of her own that weigh as much as the usual', Origin::Chosen, 1, 10)]
    public const USUAL_WEIGHS = 3.0;

    #[Parameter(
        'minutes until dry, by how it is dried; air is learned, and starts from porosity',
        Origin::CommonPractice,
        10,
        400,
    )]
    public const DRY_MINUTES = ['diffuse' => 25.0, 'hood' => 60.0];

    #[Parameter('minutes before the water that an oil, and any other pre-wash, needs', Origin::CommonPractice, 10, 60)]
    public const PRE_WASH_MINUTES = ['oil' => 30.0, 'other' => 20.0];

    #[Parameter('minutes in the wrap, contact time of a registered disinfectant', Origin::CommonPractice, 3, 20)]
    public const WAIT_MINUTES = ['wrap' => 5.0, 'tools' => 10.0];

    #[Parameter('minutes a mask may be shortened to', Origin::CommonPractice, 3, 10)]
    public const SHORTEST_MASK_MINUTES = 5.0;

    #[Parameter('minutes to style one section, by method', Origin::CommonPractice, 2, 12)]
    public const STYLE_MINUTES_A_SECTION = [
        'rake' => 3.0, 'coils' => 6.0, 'twists' => 6.0, 'braids' => 8.0, 'knots' => 6.0,
    ];

    #[Parameter('days a protective style stays in, unless her own is set', Origin::CommonPractice, 7, 56)]
    public const PROTECTIVE_DAYS = ['twists' => 14, 'braids' => 28, 'knots' => 10];

    #[Parameter(
        'minutes to take a protective style down in time, and more for each week beyond',
        Origin::CommonPractice,
        5,
        60,
    )]
    public const TAKE_DOWN_MINUTES = ['in-time' => 30.0, 'each-week-late' => 15.0];

    #[Parameter('times the usual styling, when it has to be quick', Origin::Chosen, 0.3, 0.9)]
    public const QUICK_STYLE = 0.5;
}
